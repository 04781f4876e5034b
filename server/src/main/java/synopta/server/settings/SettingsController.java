package synopta.server.settings;

import jakarta.validation.Valid;
import java.time.Clock;
import java.util.List;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import synopta.core.catalog.ModelNumber;
import synopta.core.catalog.PriceCurrency;
import synopta.core.counter.Counter;
import synopta.core.counter.SettingsEffect;
import synopta.core.handover.HandoverPlanner;
import synopta.core.knowledge.HouseSettings;
import synopta.core.knowledge.SettingsRepository;
import synopta.core.record.CaseRecord;
import synopta.core.record.CaseRepository;
import synopta.server.Hearing;
import synopta.server.web.MayBeNull;

/** The settings of the house: repair practices, costs, quotes, units, region and contacts. */
@RestController
@RequestMapping(path = "/api/settings", produces = MediaType.APPLICATION_JSON_VALUE)
class SettingsController {
    private static final int MOST_CALLS = 30;
    private static final int MOST_EFFECTS = 3;

    private final SettingsRepository rules;
    private final PriceCurrency currency;
    private final Hearing hearing;
    private final Counter counter;
    private final CaseRepository calls;
    private final Clock clock;
    private final HandoverPlanner handOver;

    SettingsController(
            SettingsRepository rules,
            PriceCurrency currency,
            Hearing hearing,
            Counter counter,
            CaseRepository calls,
            Clock clock,
            HandoverPlanner handOver) {
        this.rules = rules;
        this.currency = currency;
        this.hearing = hearing;
        this.counter = counter;
        this.calls = calls;
        this.clock = clock;
        this.handOver = handOver;
    }

    @GetMapping
    SettingsWire.HouseRulesWire rules() {
        return SettingsWire.of(rules.get(), currency.get(), hearing.missing(), handOver.withoutCautions(null));
    }

    /** What is not sent stays as it is; of the branches' contacts, those that are sent, and an empty one is forgotten. One after another, so that of two changes at once none is lost. */
    @PutMapping
    synchronized SettingsWire.HouseRulesWire choose(@Valid @RequestBody SettingsWire.HouseRulesChange wanted) {
        rules.choose(SettingsWire.changed(wanted, rules.get()));
        return rules();
    }

    /** What a change would do to the open calls, the last of them first; those it does not touch are left out. */
    @PostMapping("/effect")
    List<CaseEffect> effect(@Valid @RequestBody SettingsWire.HouseRulesChange wanted) {
        HouseSettings others = SettingsWire.changed(wanted, rules.get());
        return calls.openCalls(clock.instant(), MOST_CALLS).stream()
                .flatMap(record ->
                        SettingsEffect.of(counter, others, record.content().input())
                                .map(effect -> CaseEffect.of(record, effect))
                                .stream())
                .limit(MOST_EFFECTS)
                .toList();
    }

    /** What a change does to an open call. */
    record CaseEffect(long number, String line, @MayBeNull ModelNumber model, SettingsEffect effect) {
        static CaseEffect of(CaseRecord record, SettingsEffect effect) {
            return new CaseEffect(
                    record.number(),
                    record.content().input().line(),
                    record.content().input().model(),
                    effect);
        }
    }
}
