package synopta.core.quantity;

/**
 * A resistance.
 *
 * @param value ohms, Ω; whoever takes it says which are possible
 */
public record Ohms(double value) {
    /** What takes this power at this voltage: R = V²/P (Joule's law). */
    public static Ohms of(Volts volts, Watts watts) {
        return new Ohms(volts.value() * volts.value() / watts.value());
    }
}
