package synopta.store.house;

import java.util.Optional;
import java.util.function.Supplier;
import synopta.core.knowledge.HouseRules;
import synopta.store.jdbc.Jdbc;

/** The rules of the house in the store; what was never chosen is as usual. */
public final class HouseRuleStore implements Supplier<HouseRules> {
    private static final String GENUINE_ONLY = "genuine-only";

    private final Jdbc jdbc;

    /** Reads and writes through this. */
    public HouseRuleStore(Jdbc jdbc) {
        this.jdbc = jdbc;
    }

    private static final String SETTING = """
            select setting
              from house_rule
             where rule = ?""";

    @Override
    public HouseRules get() {
        Optional<String> genuineOnly = jdbc.one(SETTING, row -> row.getString("setting"), GENUINE_ONLY);
        return new HouseRules(genuineOnly.map(Boolean::valueOf).orElse(HouseRules.USUAL.genuineOnly()));
    }

    private static final String FORGET = """
            delete from house_rule
             where rule = ?""";

    private static final String CHOOSE = """
            insert into house_rule (rule, setting)
            values (?, ?)""";

    /** From now on these. */
    public void choose(HouseRules rules) {
        jdbc.inTransaction(() -> {
            jdbc.update(FORGET, GENUINE_ONLY);
            return jdbc.update(CHOOSE, GENUINE_ONLY, String.valueOf(rules.genuineOnly()));
        });
    }
}
