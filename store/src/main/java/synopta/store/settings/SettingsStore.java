package synopta.store.settings;

import java.math.BigDecimal;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.function.Function;
import synopta.core.knowledge.AccessSettings;
import synopta.core.knowledge.BranchContacts;
import synopta.core.knowledge.HouseSettings;
import synopta.core.knowledge.Region;
import synopta.core.knowledge.RepairPractices;
import synopta.core.knowledge.SettingsRepository;
import synopta.core.knowledge.UnlikelyRequest;
import synopta.core.quantity.LengthUnit;
import synopta.core.quantity.Slugged;
import synopta.store.jdbc.Jdbc;

/**
 * The rules of the house in the store; what was never chosen is as usual. They are asked for at every verdict, so the last
 * ones are kept at hand: a data folder is open in one process only.
 */
public final class SettingsStore implements SettingsRepository {
    private static final String OF_BRANCH = "contact of ";
    private static final String OF_HOST = "host-";

    private final Jdbc jdbc;
    private volatile HouseSettings atHand;

    /** Reads and writes through this. */
    public SettingsStore(Jdbc jdbc) {
        this.jdbc = jdbc;
    }

    private static final String SETTINGS = """
            select rule, setting
              from house_rule
             order by rule""";

    @Override
    public HouseSettings get() {
        HouseSettings rules = atHand;
        if (rules == null) {
            rules = read();
            atHand = rules;
        }
        return rules;
    }

    private record Setting(String rule, String value) {}

    private HouseSettings read() {
        Map<String, String> set = new LinkedHashMap<>();
        jdbc.list(SETTINGS, row -> new Setting(row.getString("rule"), row.getString("setting")))
                .forEach(s -> set.put(s.rule, s.value));
        HouseSettings usual = HouseSettings.USUAL;
        return new HouseSettings(
                practices(set),
                set(set, "hour-cents", Long::valueOf, usual.hourCents()),
                set(set, "visit-cents", Long::valueOf, usual.returnTripCents()),
                set(set, "horizon-years", Integer::valueOf, usual.horizonYears()),
                set(set, "tax-percent", BigDecimal::new, usual.taxPercent()),
                set(set, "tax-included", Boolean::valueOf, usual.taxIncluded()),
                set(set, "quote-days", Integer::valueOf, usual.quoteDays()),
                set(set, "second-unit", unit -> Slugged.of(LengthUnit.class, "Unit", unit), usual.secondUnit()),
                region(set),
                new BranchContacts(set.getOrDefault("contact", ""), each(set, OF_BRANCH)),
                set.getOrDefault("quote-terms", ""),
                access(set));
    }

    private static Map<String, Object> words(BranchContacts contacts) {
        Map<String, Object> words = new LinkedHashMap<>();
        words.put("contact", contacts.house());
        contacts.branches().forEach((branch, text) -> words.put(OF_BRANCH + branch, text));
        return words;
    }

    private static Map<String, Object> words(AccessSettings access) {
        Map<String, Object> words = new LinkedHashMap<>();
        words.put("lock-minutes", access.lockMinutes());
        words.put("retention-months", access.retentionMonths());
        access.hosts().forEach(host -> words.put(OF_HOST + host, true));
        return words;
    }

    private static AccessSettings access(Map<String, String> set) {
        AccessSettings usual = AccessSettings.USUAL;
        return new AccessSettings(
                set(set, "lock-minutes", Integer::valueOf, usual.lockMinutes()),
                set(set, "retention-months", Integer::valueOf, usual.retentionMonths()),
                each(set, OF_HOST).keySet());
    }

    private static Region region(Map<String, String> set) {
        Region usual = Region.UNITED_STATES;
        return new Region(
                set(set, "region", word -> Slugged.of(Region.Profile.class, "Region", word), usual.profile()),
                set.getOrDefault("currency", usual.currency()),
                set(set, "clock", word -> Slugged.of(Region.Clock.class, "Clock", word), usual.clock()));
    }

    private static RepairPractices practices(Map<String, String> set) {
        RepairPractices usual = RepairPractices.USUAL;
        return new RepairPractices(
                set(set, "genuine-only", Boolean::valueOf, usual.genuineOnly()),
                set(set, "renew-all", Boolean::valueOf, usual.replaceAll()),
                set(set, "renew-rings", Boolean::valueOf, usual.replaceRings()),
                set(set, "oil-shafts", Boolean::valueOf, usual.oilShafts()),
                set(set, "test-first", Boolean::valueOf, usual.testFirst()),
                set(set, "licensed-to-customers", Boolean::valueOf, usual.licensedToCustomers()),
                set(set, "unlikely-requests", UnlikelyRequest::of, usual.unlikelyRequests()));
    }

    /** The settings whose names begin so, by the rest of their names: one for each branch, or each host. */
    private static Map<String, String> each(Map<String, String> set, String prefix) {
        Map<String, String> each = new LinkedHashMap<>();
        set.forEach((rule, words) -> {
            if (rule.startsWith(prefix)) {
                each.put(rule.substring(prefix.length()), words);
            }
        });
        return each;
    }

    private static <T> T set(Map<String, String> set, String rule, Function<String, T> read, T usual) {
        return set.containsKey(rule) ? read.apply(set.get(rule)) : usual;
    }

    private static final String FORGET = """
            delete from house_rule""";

    private static final String CHOOSE = """
            insert into house_rule (rule, setting)
            values (?, ?)""";

    @Override
    public void choose(HouseSettings rules) {
        Map<String, Object> settings = new LinkedHashMap<>();
        RepairPractices practices = rules.practices();
        settings.put("genuine-only", practices.genuineOnly());
        settings.put("renew-all", practices.replaceAll());
        settings.put("renew-rings", practices.replaceRings());
        settings.put("oil-shafts", practices.oilShafts());
        settings.put("test-first", practices.testFirst());
        settings.put("licensed-to-customers", practices.licensedToCustomers());
        settings.put("unlikely-requests", practices.unlikelyRequests().slug());
        settings.put("hour-cents", rules.hourCents());
        settings.put("visit-cents", rules.returnTripCents());
        settings.put("horizon-years", rules.horizonYears());
        settings.put("tax-percent", rules.taxPercent().toPlainString());
        settings.put("tax-included", rules.taxIncluded());
        settings.put("quote-days", rules.quoteDays());
        settings.put("quote-terms", rules.quoteTerms());
        settings.put("second-unit", rules.secondUnit().slug());
        settings.put("region", rules.region().profile().slug());
        settings.put("currency", rules.region().currency());
        settings.put("clock", rules.region().clock().slug());
        settings.putAll(words(rules.contacts()));
        settings.putAll(words(rules.access()));
        jdbc.inTransaction(() -> {
            jdbc.update(FORGET);
            settings.forEach((rule, setting) -> jdbc.update(CHOOSE, rule, String.valueOf(setting)));
            return settings.size();
        });
        atHand = rules;
    }
}
