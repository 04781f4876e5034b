package synopta.core.bench;

import java.util.Locale;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import synopta.core.quantity.Volts;
import synopta.core.reading.CheckInput;

/**
 * How much does a capacitor hold, and for how long? E = ½CV² joules; V falls as e^(−t/RC), so that t = RC ln(V/safe).
 * Source: any circuits text; 34 V is the limit at the pins of a plug a second after it is drawn (IEC 60335-1, 22.5, from
 * memory). Shown only as a warning: the bleed resistor may be broken, so that no time makes it safe.
 */
public final class CapacitorCheck {
    /** Below it, it does no harm. */
    public static final Volts SAFE = new Volts(34);

    private CapacitorCheck() {}

    /**
     * What it holds, and how long until it is safe; nothing when no way leads the charge off.
     *
     * @param joules stored energy, J
     * @param secondsToSafe seconds until it is below the safe voltage; null when nothing discharges it
     * @param verdict always {@code warning}: no time makes it safe
     * @param why with the figures
     * @param next what to do now
     * @param source of the formulas and of the limit
     */
    public record Answer(
            double joules, @Nullable Double secondsToSafe, String verdict, String why, String next, String source) {}

    /** For so many microfarads, volts, and megohms of bleed; none when its resistor is open. */
    public static Answer judge(double microfarads, Volts charged, @Nullable Double bleedMegohms, Volts safe) {
        double volts = charged.value();
        double safeVolts = safe.value();
        CheckInput.between(
                "Capacitance", microfarads, 0.001, 10_000, "µF", "Enter microfarads as printed on the can, about 1.");
        CheckInput.above0("Voltage", volts, 100_000, "V", "Enter volts: 2.1 kV is 2100.");
        CheckInput.above0("Safe voltage", safeVolts, 100_000, "V", "It never reaches 0; leave it empty for 34.");
        Optional.ofNullable(bleedMegohms)
                .ifPresent(m -> CheckInput.above0(
                        "Bleed resistance", m, 100_000, "MΩ", "Enter megohms, usually 10, or OL when it is open."));
        double joules = 0.5 * microfarads * 1e-6 * volts * volts;
        Double seconds = bleedMegohms == null
                ? null
                : (Double) (volts <= safeVolts ? 0 : bleedMegohms * microfarads * Math.log(volts / safeVolts));
        String fall = seconds != null
                ? String.format(Locale.ROOT, "An intact bleed resistor needs %.0f s to discharge it.", seconds)
                : "With an open bleed resistor it stays charged.";
        return new Answer(
                joules,
                seconds,
                "warning",
                String.format(Locale.ROOT, "It stores %.1f J at %.0f V, which can kill. %s", joules, volts, fall),
                "Never rely on the time: a licensed technician discharges it and verifies it with a meter.",
                "E = ½CV², t = RC ln(V/safe); 34 V from IEC 60335-1, 22.5, from memory");
    }
}
