package synopta.core.catalog;

import synopta.core.quantity.Slugged;

/** The four kinds of machine; ovens and cookers are ranges. */
public enum Appliance implements Slugged {
    DRYER,
    RANGE,
    DISHWASHER,
    MICROWAVE;

    /** Whether a machine of this kind may burn gas. */
    public boolean mayBurnGas() {
        return this == DRYER || this == RANGE;
    }

    /** The appliance of a slug; an unknown one is refused with the words that are known. */
    public static Appliance of(String slug) {
        return Slugged.of(Appliance.class, "Appliance", slug);
    }
}
