package synopta.server.house;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import synopta.core.knowledge.HouseRules;
import synopta.store.house.HouseRuleStore;

/** Which of the trade's schools the house follows. */
@RestController
@RequestMapping(path = "/api/house-rules", produces = MediaType.APPLICATION_JSON_VALUE)
class HouseController {
    private final HouseRuleStore rules;

    HouseController(HouseRuleStore rules) {
        this.rules = rules;
    }

    @GetMapping
    HouseRulesWire rules() {
        return new HouseRulesWire(rules.get().genuineOnly());
    }

    @PutMapping
    HouseRulesWire choose(@Valid @RequestBody HouseRulesWire wanted) {
        rules.choose(new HouseRules(wanted.genuineOnly()));
        return rules();
    }

    /** The rules; `genuineOnly`: no equivalent of another make is supplied. */
    record HouseRulesWire(@NotNull Boolean genuineOnly) {}
}
