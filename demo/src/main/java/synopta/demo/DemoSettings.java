package synopta.demo;

import java.math.BigDecimal;
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
                usual.contacts());
    }
}
