package synopta.demo;

import java.math.BigDecimal;
import java.util.Map;
import synopta.core.knowledge.BranchContacts;
import synopta.core.knowledge.HouseSettings;

/** The settings of the invented distributor: United States, with a sales tax added to prices. */
public final class DemoSettings {
    /** They hold until somebody chooses others. */
    public static final HouseSettings SETTINGS = settings(HouseSettings.USUAL);

    private DemoSettings() {}

    private static HouseSettings settings(HouseSettings usual) {
        return new HouseSettings(
                usual.practices(),
                usual.hourCents(),
                usual.returnTripCents(),
                usual.horizonYears(),
                new BigDecimal("6.5"),
                usual.taxIncluded(),
                usual.quoteDays(),
                usual.secondUnit(),
                usual.region(),
                new BranchContacts(
                        "(541) 555-0100",
                        Map.of(
                                "Ropewalk",
                                "(541) 555-0120",
                                "Staithe",
                                "(541) 555-0140",
                                "Hill Depot",
                                "(541) 555-0160")),
                "Parts ordered for you are paid in advance. Unopened parts are taken back within 30 days, electrical parts not.",
                usual.access());
    }
}
