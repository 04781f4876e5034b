package synopta.server.settings;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.math.BigDecimal;
import java.time.Clock;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.TreeMap;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import synopta.core.catalog.Appliance;
import synopta.core.catalog.ModelNumber;
import synopta.core.catalog.PriceCurrency;
import synopta.core.counter.Counter;
import synopta.core.counter.SettingsEffect;
import synopta.core.handover.HandoverPlanner;
import synopta.core.knowledge.BranchContacts;
import synopta.core.knowledge.HouseSettings;
import synopta.core.knowledge.Region;
import synopta.core.knowledge.RepairPractices;
import synopta.core.knowledge.SettingsRepository;
import synopta.core.knowledge.UnlikelyRequest;
import synopta.core.quantity.LengthUnit;
import synopta.core.quantity.Money;
import synopta.core.quantity.Slugged;
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
    HouseRulesWire rules() {
        HouseSettings now = rules.get();
        RepairPractices practices = now.practices();
        return new HouseRulesWire(
                practices.genuineOnly(),
                practices.replaceAll(),
                practices.replaceRings(),
                practices.oilShafts(),
                practices.testFirst(),
                practices.licensedToCustomers(),
                practices.unlikelyRequests().slug(),
                Money.decimal(now.hourCents()),
                Money.decimal(now.returnTripCents()),
                now.horizonYears(),
                now.taxPercent().toPlainString(),
                now.taxIncluded(),
                now.quoteDays(),
                now.secondUnit().slug(),
                now.region().profile().slug(),
                now.region().clock().slug(),
                now.contacts().house(),
                new TreeMap<>(now.contacts().branches()),
                now.quoteTerms(),
                currency.get(),
                hearing.missing(),
                handOver.withoutCautions(null));
    }

    /** What is not sent stays as it is; of the branches' contacts, those that are sent, and an empty one is forgotten. One after another, so that of two changes at once none is lost. */
    @PutMapping
    synchronized HouseRulesWire choose(@Valid @RequestBody HouseRulesChange wanted) {
        rules.choose(changed(wanted, rules.get()));
        return rules();
    }

    /** What a change would do to the open calls, the last of them first; those it does not touch are left out. */
    @PostMapping("/effect")
    List<CaseEffect> effect(@Valid @RequestBody HouseRulesChange wanted) {
        HouseSettings others = changed(wanted, rules.get());
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

    private static HouseSettings changed(HouseRulesChange wanted, HouseSettings now) {
        return new HouseSettings(
                practices(wanted, now.practices()),
                wanted.perHour() == null ? now.hourCents() : Money.cents(wanted.perHour()),
                wanted.visit() == null ? now.returnTripCents() : Money.cents(wanted.visit()),
                or(wanted.horizonYears(), now.horizonYears()),
                wanted.taxPercent() == null ? now.taxPercent() : percent(wanted.taxPercent()),
                or(wanted.taxIncluded(), taxIncluded(wanted, now)),
                or(wanted.quoteDays(), now.quoteDays()),
                wanted.secondUnit() == null
                        ? now.secondUnit()
                        : Slugged.of(LengthUnit.class, "Unit", wanted.secondUnit()),
                region(wanted, now.region()),
                contacts(wanted, now.contacts()),
                or(wanted.quoteTerms(), now.quoteTerms()).strip());
    }

    /** Another region brings its own way of taxing. */
    private static boolean taxIncluded(HouseRulesChange wanted, HouseSettings now) {
        return wanted.region() == null
                ? now.taxIncluded()
                : region(wanted, now.region()).profile().taxIncluded();
    }

    private static Region region(HouseRulesChange wanted, Region now) {
        return new Region(
                wanted.region() == null ? now.profile() : Slugged.of(Region.Profile.class, "Region", wanted.region()),
                or(wanted.currency(), now.currency()).strip().toUpperCase(Locale.ROOT),
                wanted.clock() == null ? now.clock() : Slugged.of(Region.Clock.class, "Clock", wanted.clock()));
    }

    private static RepairPractices practices(HouseRulesChange wanted, RepairPractices now) {
        return new RepairPractices(
                or(wanted.genuineOnly(), now.genuineOnly()),
                or(wanted.replaceAll(), now.replaceAll()),
                or(wanted.replaceRings(), now.replaceRings()),
                or(wanted.oilShafts(), now.oilShafts()),
                or(wanted.testFirst(), now.testFirst()),
                or(wanted.licensedToCustomers(), now.licensedToCustomers()),
                wanted.unlikelyRequests() == null
                        ? now.unlikelyRequests()
                        : UnlikelyRequest.of(wanted.unlikelyRequests()));
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

    private static BigDecimal percent(String text) {
        try {
            return new BigDecimal(text);
        } catch (NumberFormatException e) {
            throw new IllegalArgumentException(
                    "Tax (%s) must be a decimal number, such as 15 or 7.5.".formatted(text), e);
        }
    }

    /**
     * The settings; `genuineOnly`: no equivalent of another make is supplied; `replaceAll`: what wears together is
     * replaced together; `replaceRings`: rings and washers are replaced with their rollers; `testFirst`: a cheap part too
     * is tested before it is sold; `licensedToCustomers`: parts for licensed technicians are sold to customers
     * too; `unlikelyRequests`: a requested part that the symptoms speak against is `sold`, sold and `noted`, or `asked-first`; `perHour` and `visit` (a return trip) are money in `currency`, which is that of the
     * price list; `secondUnit`: the unit of length that the repair sheet adds; `region`, `clock`: see docs/how-it-works.md.
     */
    record HouseRulesWire(
            boolean genuineOnly,
            boolean replaceAll,
            boolean replaceRings,
            boolean oilShafts,
            boolean testFirst,
            boolean licensedToCustomers,
            String unlikelyRequests,
            String perHour,
            String visit,
            int horizonYears,
            String taxPercent,
            boolean taxIncluded,
            int quoteDays,
            String secondUnit,
            String region,
            String clock,
            String contact,
            Map<String, String> branchContacts,
            String quoteTerms,
            String currency,
            @MayBeNull String hearingMissing,
            List<Appliance> withoutCautions) {}

    /** Rules to change. */
    record HouseRulesChange(
            @MayBeNull Boolean genuineOnly,
            @MayBeNull Boolean replaceAll,
            @MayBeNull Boolean replaceRings,
            @MayBeNull Boolean oilShafts,
            @MayBeNull Boolean testFirst,
            @MayBeNull Boolean licensedToCustomers,
            @MayBeNull @Size(max = 20) String unlikelyRequests,
            @MayBeNull @Size(max = 20) String perHour,
            @MayBeNull @Size(max = 20) String visit,
            @MayBeNull Integer horizonYears,
            @MayBeNull @Size(max = 10) String taxPercent,
            @MayBeNull Boolean taxIncluded,
            @MayBeNull Integer quoteDays,
            @MayBeNull @Size(max = 20) String secondUnit,
            @MayBeNull @Size(max = 20) String region,
            @MayBeNull @Size(max = 20) String clock,
            @MayBeNull @Size(max = 3) String currency,
            @MayBeNull @Size(max = 200) String contact,

            @MayBeNull @Size(max = HouseSettings.LONGEST_TERMS)
            String quoteTerms,

            @MayBeNull @Size(max = 100) Map<@Size(max = 80) String, @NotNull @Size(max = 200) String> branchContacts) {}
}
