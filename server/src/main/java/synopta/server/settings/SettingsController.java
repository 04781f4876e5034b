package synopta.server.settings;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.math.BigDecimal;
import java.util.Map;
import java.util.TreeMap;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import synopta.core.knowledge.BranchContacts;
import synopta.core.knowledge.HouseSettings;
import synopta.core.knowledge.RepairPractices;
import synopta.core.quantity.Money;
import synopta.server.web.MayBeNull;
import synopta.store.settings.SettingsStore;

/** Which of the trade's schools the house follows. */
@RestController
@RequestMapping(path = "/api/house-rules", produces = MediaType.APPLICATION_JSON_VALUE)
class SettingsController {
    private final SettingsStore rules;
    private final String currency;

    SettingsController(SettingsStore rules, @Value("${synopta.currency}") String currency) {
        this.rules = rules;
        this.currency = currency;
    }

    @GetMapping
    HouseRulesWire rules() {
        HouseSettings now = rules.get();
        RepairPractices schools = now.schools();
        return new HouseRulesWire(
                schools.genuineOnly(),
                schools.renewAll(),
                schools.renewRings(),
                schools.oilShafts(),
                schools.testFirst(),
                decimal(now.hourCents()),
                decimal(now.visitCents()),
                now.horizonYears(),
                now.taxPercent().toPlainString(),
                now.taxIncluded(),
                now.quoteDays(),
                now.metric(),
                now.contacts().house(),
                new TreeMap<>(now.contacts().branches()),
                currency);
    }

    /** What is not sent stays as it is; of the branches' contacts, those that are sent, and an empty one is forgotten. */
    @PutMapping
    HouseRulesWire choose(@Valid @RequestBody HouseRulesChange wanted) {
        HouseSettings now = rules.get();
        rules.choose(new HouseSettings(
                schools(wanted, now.schools()),
                wanted.perHour() == null ? now.hourCents() : cents(wanted.perHour()),
                wanted.visit() == null ? now.visitCents() : cents(wanted.visit()),
                or(wanted.horizonYears(), now.horizonYears()),
                wanted.taxPercent() == null ? now.taxPercent() : percent(wanted.taxPercent()),
                or(wanted.taxIncluded(), now.taxIncluded()),
                or(wanted.quoteDays(), now.quoteDays()),
                or(wanted.metric(), now.metric()),
                contacts(wanted, now.contacts())));
        return rules();
    }

    private static RepairPractices schools(HouseRulesChange wanted, RepairPractices now) {
        return new RepairPractices(
                or(wanted.genuineOnly(), now.genuineOnly()),
                or(wanted.renewAll(), now.renewAll()),
                or(wanted.renewRings(), now.renewRings()),
                or(wanted.oilShafts(), now.oilShafts()),
                or(wanted.testFirst(), now.testFirst()));
    }

    private static BranchContacts contacts(HouseRulesChange wanted, BranchContacts now) {
        Map<String, String> branches = new TreeMap<>(now.branches());
        branches.putAll(or(wanted.branchContacts(), Map.of()));
        branches.values().removeIf(String::isBlank);
        return new BranchContacts(or(wanted.contact(), now.house()).strip(), branches);
    }

    private static <T> T or(T wanted, T now) {
        return wanted == null ? now : wanted;
    }

    private String decimal(long cents) {
        return new Money(cents, currency).decimal();
    }

    private long cents(String decimal) {
        return Money.of(decimal, currency).cents();
    }

    private static BigDecimal percent(String text) {
        try {
            return new BigDecimal(text);
        } catch (NumberFormatException e) {
            throw new IllegalArgumentException(
                    "Tax (%s) must be a decimal number, as in 15 or 7.5.".formatted(text), e);
        }
    }

    /**
     * The rules; `genuineOnly`: no equivalent of another make is supplied; `renewAll`: what wears together is renewed
     * together; `renewRings`: rings and washers are renewed with their wheels; `testFirst`: a cheap part too is measured
     * before it is sold; `perHour` and `visit` are money; `metric`: sizes in inches are told in millimetres too.
     */
    record HouseRulesWire(
            boolean genuineOnly,
            boolean renewAll,
            boolean renewRings,
            boolean oilShafts,
            boolean testFirst,
            String perHour,
            String visit,
            int horizonYears,
            String taxPercent,
            boolean taxIncluded,
            int quoteDays,
            boolean metric,
            String contact,
            Map<String, String> branchContacts,
            String currency) {}

    /** Rules to change. */
    record HouseRulesChange(
            @MayBeNull Boolean genuineOnly,
            @MayBeNull Boolean renewAll,
            @MayBeNull Boolean renewRings,
            @MayBeNull Boolean oilShafts,
            @MayBeNull Boolean testFirst,
            @MayBeNull @Size(max = 20) String perHour,
            @MayBeNull @Size(max = 20) String visit,
            @MayBeNull Integer horizonYears,
            @MayBeNull @Size(max = 10) String taxPercent,
            @MayBeNull Boolean taxIncluded,
            @MayBeNull Integer quoteDays,
            @MayBeNull Boolean metric,
            @MayBeNull @Size(max = 200) String contact,
            @MayBeNull @Size(max = 100) Map<@Size(max = 80) String, @NotNull @Size(max = 200) String> branchContacts) {}
}
