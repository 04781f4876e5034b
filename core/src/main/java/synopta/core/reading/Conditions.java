package synopta.core.reading;

import org.jspecify.annotations.Nullable;
import synopta.core.quantity.Ohms;
import synopta.core.quantity.Volts;
import synopta.core.quantity.Watts;

/**
 * What is known beside a reading.
 *
 * @param celsius ambient temperature, °C
 * @param volts voltage of the nameplate
 * @param watts power of the nameplate
 * @param r25 resistance of the thermistor at 25 °C
 * @param kind kind of the part, such as `flat` or `round` for an igniter
 */
public record Conditions(
        @Nullable Double celsius,
        @Nullable Volts volts,
        @Nullable Watts watts,
        @Nullable Ohms r25,
        @Nullable String kind) {
    /** Nothing but the reading. */
    public static final Conditions NONE = new Conditions(null, null, null, null, null);

    private static final double COLDEST = -40;
    private static final double HOTTEST = 300;

    /** Refuses a temperature of no room, and a plate that nobody made. */
    public Conditions {
        if (celsius != null) {
            CheckInput.between(
                    "Ambient temperature", celsius, COLDEST, HOTTEST, "°C", "Enter degrees Celsius: 77 °F is 25 °C.");
        }
        if (volts != null) {
            CheckInput.rated(volts);
        }
        if (watts != null) {
            CheckInput.rated(watts);
        }
    }

    /** What is set here, and the other's where nothing is. */
    public Conditions or(Conditions other) {
        return new Conditions(
                celsius != null ? celsius : other.celsius,
                volts != null ? volts : other.volts,
                watts != null ? watts : other.watts,
                r25 != null ? r25 : other.r25,
                kind != null ? kind : other.kind);
    }

    /** What the plate gives, when it is known: R = V²/P. */
    public @Nullable Ohms plate() {
        return volts != null && watts != null ? Ohms.of(volts, watts) : null;
    }
}
