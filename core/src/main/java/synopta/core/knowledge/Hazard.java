package synopta.core.knowledge;

import synopta.core.quantity.Slugged;

/** What can hurt someone or ruin the job. */
public enum Hazard implements Slugged {
    MAINS("Line voltage"),
    GAS("Gas"),
    WRONG_GAS_SET("Wrong gas conversion set"),
    STORED_CHARGE("Stored charge"),
    MICROWAVE_LEAKAGE("Microwave leakage"),
    SHARP_METAL("Sharp metal"),
    WEIGHT("Heavy"),
    FALLING_PANEL("Falling panel"),
    WATER("Water"),
    GLASS("Broken glass"),
    FIRE("Fire"),
    FRAGILE("Fragile"),
    CARBON_MONOXIDE("Carbon monoxide");

    private final String label;

    Hazard(String label) {
        this.label = label;
    }

    /** Its name on the screen and on paper. */
    public String label() {
        return label;
    }

    /** Whether the caution must be shown before parts leave the counter. */
    public boolean isGrave() {
        return this == MAINS || this == GAS || this == STORED_CHARGE;
    }

    /** The hazard of a slug; an unknown one is refused with the words that are known. */
    public static Hazard of(String slug) {
        return Slugged.of(Hazard.class, "Hazard", slug);
    }
}
