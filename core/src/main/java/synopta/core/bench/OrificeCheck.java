package synopta.core.bench;

import java.util.List;
import java.util.Locale;
import synopta.core.catalog.Fuel;
import synopta.core.reading.CheckInput;

/**
 * Which hole does a burner need? Q = 1313 K D² √(h/s): flow Q in cubic feet an hour, discharge coefficient K, diameter D
 * in inches, pressure h in inches of water, specific gravity s; input is Q times the heating value. Above 2,000 ft the
 * input falls by 4 % for each 1,000 ft above sea level. Source: National Fuel Gas Code (NFPA 54), annex E and 11.1.2, from
 * memory; its tables for natural gas are met within 1.5 %, for LP within 2 %. Advice only: gas is for a licensed
 * person, under the local code.
 */
public final class OrificeCheck {
    private static final double CONSTANT = 1313;
    private static final double HIGH_FT = 2000;
    private static final double LOSS_PER_FT = 0.04 / 1000;
    /** Past it the rule is not meant. */
    private static final double HIGHEST_FT = 15_000;

    private OrificeCheck() {}

    /**
     * A gas as it reaches the burner.
     *
     * @param pressureInWc at the manifold, in inches of water
     * @param heatingValue British thermal units a cubic foot
     * @param specificGravity to air
     */
    public record Gas(double pressureInWc, double heatingValue, double specificGravity) {
        /** Natural gas. */
        public static final Gas NATURAL = new Gas(4, 1000, 0.60);

        /** LP, which is propane. */
        public static final Gas BOTTLED = new Gas(11, 2500, 1.52);

        /** Refuses what is no gas. */
        public Gas {
            CheckInput.above0(
                    "Pressure",
                    pressureInWc,
                    60,
                    "in w.c.",
                    "Enter inches of water column: 7 in w.c. is 0.25 psi or 1740 Pa.");
            CheckInput.above0(
                    "Heating value",
                    heatingValue,
                    4000,
                    "Btu/ft³",
                    "About 1000 for natural gas, 2500 for LP (propane).");
            CheckInput.above0(
                    "Specific gravity",
                    specificGravity,
                    3,
                    "of air",
                    "About 0.6 for natural gas, 1.52 for LP (propane).");
        }
    }

    /**
     * The flow, the hole, and the drill that is nearest without being larger.
     *
     * @param flowFt3PerHour gas flow, ft³/h
     * @param diameterInch diameter of the orifice, in
     * @param drill its name
     * @param drillDiameterInch diameter of the drill, in
     * @param conversionSet both pieces, as part types, that a dryer needs for the gas
     * @param verdict always {@code advice}
     * @param why with the figures
     * @param next what to do now
     * @param source of the formula and of the drills
     */
    public record Answer(
            double flowFt3PerHour,
            double diameterInch,
            String drill,
            double drillDiameterInch,
            List<String> conversionSet,
            String verdict,
            String why,
            String next,
            String source) {}

    /** The usual gas of a fuel; electricity is refused. */
    public static Gas usual(Fuel gas) {
        return switch (gas) {
            case NATURAL_GAS -> Gas.NATURAL;
            case LP -> Gas.BOTTLED;
            case ELECTRIC -> throw new IllegalArgumentException("Gas (electric) must be natural-gas or lp.");
        };
    }

    /** The hole for an input, as the plate gives it, at an altitude. */
    public static Answer size(
            Fuel fuel, Gas gas, double inputBtuPerHour, double dischargeCoefficient, double altitudeFt) {
        CheckInput.above0(
                "Input", inputBtuPerHour, 500_000, "Btu/h", "Enter the input of one burner from the nameplate.");
        CheckInput.between("Discharge coefficient", dischargeCoefficient, 0.5, 1, "", "Leave it empty for 0.9.");
        double input = atAltitude(inputBtuPerHour, altitudeFt);
        double flow = input / gas.heatingValue();
        double diameter = Math.sqrt(flow / (CONSTANT * dischargeCoefficient * root(gas)));
        DrillSize drill =
                DrillSize.notLargerThan(diameter).filter(d -> diameter < 0.5).orElseThrow(() -> tooLarge(diameter));
        return new Answer(
                flow,
                diameter,
                drill.name(),
                drill.inches(),
                conversionSet(fuel),
                "advice",
                String.format(
                        Locale.ROOT,
                        "%.0f BTU/h is %.2f ft³/h through %.4f in; drill %s is the nearest size that is not larger.",
                        input,
                        flow,
                        diameter,
                        drill.name()),
                "Use both parts of the conversion set for the gas supply. Shut the gas off first; a licensed technician, local"
                        + " code, and a soap-and-water leak test.",
                "National Fuel Gas Code (NFPA 54), annex E; drills: ASME B94.11M; from memory");
    }

    private static IllegalArgumentException tooLarge(double diameter) {
        String why =
                "The orifice would be %.4f in, a size that no burner has. Check input, pressure and heating value.";
        return new IllegalArgumentException(String.format(Locale.ROOT, why, diameter));
    }

    /**
     * Both pieces, as part types, that a dryer needs for the gas that is there; one without the other is dangerous. A
     * conversion cures no lack of heat.
     */
    public static List<String> conversionSet(Fuel gas) {
        return switch (gas) {
            case NATURAL_GAS -> List.of("natural-gas-orifice", "natural-gas-limiter");
            case LP -> List.of("propane-orifice", "propane-blocking-pin");
            case ELECTRIC -> throw new IllegalArgumentException("Gas (electric) must be natural-gas or lp.");
        };
    }

    /** The flow through a hole, in cubic feet an hour. */
    public static double flowFt3PerHour(Gas gas, double diameterInch, double dischargeCoefficient) {
        CheckInput.between(
                "Diameter", diameterInch, 0.005, 0.5, "in", "Enter inches, not a drill number or millimeters.");
        return CONSTANT * dischargeCoefficient * diameterInch * diameterInch * root(gas);
    }

    /** What an appliance burns at an altitude, of the input on its plate. */
    public static double atAltitude(double inputBtuPerHour, double altitudeFt) {
        CheckInput.between(
                "Altitude", altitudeFt, -2000, HIGHEST_FT, "ft", "Enter feet above sea level: 1000 m is 3281 ft.");
        return altitudeFt > HIGH_FT ? inputBtuPerHour * (1 - LOSS_PER_FT * altitudeFt) : inputBtuPerHour;
    }

    private static double root(Gas gas) {
        return Math.sqrt(gas.pressureInWc() / gas.specificGravity());
    }
}
