package synopta.store.settings;

import java.math.BigDecimal;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.function.Function;
import java.util.function.Supplier;
import synopta.core.knowledge.BranchContacts;
import synopta.core.knowledge.HouseSettings;
import synopta.core.knowledge.RepairPractices;
import synopta.store.jdbc.Jdbc;

/**
 * The rules of the house in the store; what was never chosen is as usual. They are asked for at every verdict, so the last
 * ones are kept at hand: a data folder is open in one process only.
 */
public final class SettingsStore implements Supplier<HouseSettings> {
    private static final String OF_BRANCH = "contact of ";

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
                schools(set),
                set(set, "hour-cents", Long::valueOf, usual.hourCents()),
                set(set, "visit-cents", Long::valueOf, usual.visitCents()),
                set(set, "horizon-years", Integer::valueOf, usual.horizonYears()),
                set(set, "tax-percent", BigDecimal::new, usual.taxPercent()),
                set(set, "tax-included", Boolean::valueOf, usual.taxIncluded()),
                set(set, "quote-days", Integer::valueOf, usual.quoteDays()),
                set(set, "metric", Boolean::valueOf, usual.metric()),
                new BranchContacts(set.getOrDefault("contact", ""), branches(set)));
    }

    private static RepairPractices schools(Map<String, String> set) {
        RepairPractices usual = RepairPractices.USUAL;
        return new RepairPractices(
                set(set, "genuine-only", Boolean::valueOf, usual.genuineOnly()),
                set(set, "renew-all", Boolean::valueOf, usual.renewAll()),
                set(set, "renew-rings", Boolean::valueOf, usual.renewRings()),
                set(set, "oil-shafts", Boolean::valueOf, usual.oilShafts()),
                set(set, "test-first", Boolean::valueOf, usual.testFirst()));
    }

    private static Map<String, String> branches(Map<String, String> set) {
        Map<String, String> branches = new LinkedHashMap<>();
        set.forEach((rule, words) -> {
            if (rule.startsWith(OF_BRANCH)) {
                branches.put(rule.substring(OF_BRANCH.length()), words);
            }
        });
        return branches;
    }

    private static <T> T set(Map<String, String> set, String rule, Function<String, T> read, T usual) {
        return set.containsKey(rule) ? read.apply(set.get(rule)) : usual;
    }

    private static final String FORGET = """
            delete from house_rule""";

    private static final String CHOOSE = """
            insert into house_rule (rule, setting)
            values (?, ?)""";

    /** From now on these. */
    public void choose(HouseSettings rules) {
        Map<String, Object> settings = new LinkedHashMap<>();
        RepairPractices schools = rules.schools();
        settings.put("genuine-only", schools.genuineOnly());
        settings.put("renew-all", schools.renewAll());
        settings.put("renew-rings", schools.renewRings());
        settings.put("oil-shafts", schools.oilShafts());
        settings.put("test-first", schools.testFirst());
        settings.put("hour-cents", rules.hourCents());
        settings.put("visit-cents", rules.visitCents());
        settings.put("horizon-years", rules.horizonYears());
        settings.put("tax-percent", rules.taxPercent().toPlainString());
        settings.put("tax-included", rules.taxIncluded());
        settings.put("quote-days", rules.quoteDays());
        settings.put("metric", rules.metric());
        settings.put("contact", rules.contacts().house());
        rules.contacts().branches().forEach((branch, words) -> settings.put(OF_BRANCH + branch, words));
        jdbc.inTransaction(() -> {
            jdbc.update(FORGET);
            settings.forEach((rule, setting) -> jdbc.update(CHOOSE, rule, String.valueOf(setting)));
            return settings.size();
        });
        atHand = rules;
    }
}
