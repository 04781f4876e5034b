package synopta.server.counter;

import jakarta.validation.Valid;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import synopta.core.counter.CaseAssessment;
import synopta.core.counter.Counter;
import synopta.core.knowledge.CurrentPacks;
import synopta.server.record.CaseWire;

/** A case worked through all steps at once. */
@RestController
@RequestMapping(path = "/api/counter", produces = MediaType.APPLICATION_JSON_VALUE)
class CounterController {
    private final Counter counter;
    private final CurrentPacks packs;

    CounterController(Counter counter, CurrentPacks packs) {
        this.counter = counter;
        this.packs = packs;
    }

    @PostMapping
    CounterWire.CounterAnswer work(@Valid @RequestBody CaseWire.CaseFields fields) {
        CaseAssessment view = counter.work(fields.input());
        return CounterWire.CounterAnswer.of(
                view, view.appliance().flatMap(packs::of).orElse(null));
    }
}
