package synopta.server.settings;

import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.math.BigDecimal;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.TreeMap;
import java.util.TreeSet;
import org.jspecify.annotations.Nullable;
import synopta.core.catalog.Appliance;
import synopta.core.knowledge.AccessSettings;
import synopta.core.knowledge.BranchContacts;
import synopta.core.knowledge.HouseSettings;
import synopta.core.knowledge.Region;
import synopta.core.knowledge.RepairPractices;
import synopta.core.knowledge.UnlikelyRequest;
import synopta.core.quantity.LengthUnit;
import synopta.core.quantity.Money;
import synopta.core.quantity.Slugged;
import synopta.server.web.MayBeNull;

/** The settings as they are asked for and changed. */
final class SettingsWire {
    private SettingsWire() {}

    /** The settings in force, and what a counter must know besides. */
    static HouseRulesWire of(
            HouseSettings now, String currency, @Nullable String hearingMissing, List<Appliance> withoutCautions) {
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
                now.access().lockMinutes(),
                now.access().retentionMonths(),
                List.copyOf(now.access().hosts()),
                currency,
                hearingMissing,
                withoutCautions);
    }

    /** What is not sent stays as it is. */
    static HouseSettings changed(HouseRulesChange wanted, HouseSettings now) {
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
                or(wanted.quoteTerms(), now.quoteTerms()).strip(),
                new AccessSettings(
                        or(wanted.lockMinutes(), now.access().lockMinutes()),
                        or(wanted.retentionMonths(), now.access().retentionMonths()),
                        wanted.hosts() == null ? now.access().hosts() : new TreeSet<>(wanted.hosts())));
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
     * is tested before it is sold; `licensedToCustomers`: parts for licensed technicians are sold to customers too;
     * `unlikelyRequests`: a requested part that the symptoms speak against is `sold`, sold and `noted`, or `asked-first`;
     * `perHour` and `visit` (a return trip) are money in `currency`, which is that of the price list; `lockMinutes`: a
     * terminal without use is locked; `retentionMonths`: how long a case keeps its customer after its last change, 0
     * always; `hosts`: names of the server; `secondUnit`: the unit of length that the repair sheet adds; `region`,
     * `clock`: see docs/how-it-works.md.
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
            int lockMinutes,
            int retentionMonths,
            List<String> hosts,
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

            @MayBeNull Integer lockMinutes,
            @MayBeNull Integer retentionMonths,
            @MayBeNull @Size(max = 20) List<@NotNull @Size(max = 100) String> hosts,
            @MayBeNull @Size(max = 100) Map<@Size(max = 80) String, @NotNull @Size(max = 200) String> branchContacts) {}
}
