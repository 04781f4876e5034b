package synopta.core.catalog;

import synopta.core.quantity.Slugged;

/** What heats the machine. */
public enum Fuel implements Slugged {
    ELECTRIC,
    NATURAL_GAS,
    LP;

    /** Whether it is natural gas or LP (propane). */
    public boolean isGas() {
        return this != ELECTRIC;
    }

    /** The fuel of a slug; an unknown one is refused with the words that are known. */
    public static Fuel of(String slug) {
        return Slugged.of(Fuel.class, "Fuel", slug);
    }
}
