package synopta.demo;

import java.util.Map;
import java.util.Random;
import java.util.Set;

/** What parts of a type have in common in the demo's catalog. */
final class PartTraits {
    /** Part types that one family buys in for all its platforms; the others are a platform's own. */
    static final Set<String> OF_A_FAMILY = Set.of(
            "thermal-fuse",
            "high-limit-thermostat",
            "gas-igniter",
            "flame-sensor",
            "gas-valve-coils",
            "drum-roller",
            "roller-hardware",
            "terminal-block",
            "line-fuse",
            "door-interlock-switch",
            "hv-diode",
            "hv-capacitor",
            "turntable-motor",
            "oven-lamp",
            "surface-element",
            "surface-switch",
            "natural-gas-orifice",
            "propane-orifice",
            "rail-stop-clip",
            "rack-roller",
            "drain-hose",
            "mounting-nut",
            "mounting-bolt");

    /** Parts that are sold by their looks: a family buys each in once, and there is neither a forerunner nor another maker. */
    static final Set<String> PLAIN = Set.of(
            "anti-tip-bracket",
            "blower-housing",
            "burner-cap",
            "burner-head",
            "check-valve",
            "chopper",
            "condensate-pump",
            "dish-rack",
            "diverter",
            "door-assembly",
            "door-cable",
            "door-glass",
            "door-hook",
            "door-lock",
            "door-vent",
            "drawer-element",
            "drawer-glide",
            "drip-bowl",
            "drum-baffle",
            "drum-lamp",
            "element-receptacle",
            "fill-tank",
            "gas-regulator",
            "grate",
            "hood-motor",
            "humidity-sensor",
            "idler-slide",
            "induction-board",
            "inverter-board",
            "keypad",
            "lamp-switch",
            "leak-sensor",
            "leveling-leg",
            "lint-chute",
            "manifold",
            "natural-gas-limiter",
            "oven-rack",
            "oven-thermal-cutout",
            "power-cord",
            "pressure-switch",
            "propane-blocking-pin",
            "rack-adjuster",
            "rear-seal",
            "silverware-basket",
            "steam-valve",
            "stirrer",
            "surface-valve",
            "thermal-cutoff",
            "touchpad",
            "tray-bracket",
            "turbidity-sensor",
            "vent-damper",
            "wall-plate");

    static final Set<String> NOBODY_ELSE_MAKES = Set.of("drum-roller", "roller-hardware");

    /** Whether a family has one part of a type for all its platforms. */
    static boolean ofAFamily(String type) {
        return OF_A_FAMILY.contains(type) || PLAIN.contains(type);
    }

    private PartTraits() {}

    /** Chances of its own for each thing that is made, so that one that is added leaves the others as they are. */
    static Random chances(long seed, String made) {
        Random chances = new Random(seed * 1_000_003 + made.hashCode());
        chances.nextLong();
        return chances;
    }

    static String name(String type, int pack) {
        String name = type.equals("roller-hardware") ? "roller ring with washer" : type.replace('-', ' ');
        return pack > 1 ? "%s, pack of %d".formatted(name, pack) : name;
    }

    static Map<String, String> specs(String type, Random random) {
        return switch (type) {
            case "drum-belt" ->
                Map.of("length-mm", String.valueOf(2200 + random.nextInt(220)), "ribs", "" + (3 + random.nextInt(3)));
            case "drum-roller" ->
                Map.of("diameter-mm", "" + (68 + random.nextInt(9)), "bore-mm", "" + (7 + random.nextInt(3)));
            case "line-fuse" -> Map.of("amps", "" + (15 + 5 * random.nextInt(2)), "volts", "250", "size", "6x32-mm");
            default -> Map.of();
        };
    }
}
