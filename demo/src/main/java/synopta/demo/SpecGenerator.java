package synopta.demo;

import java.util.Locale;
import java.util.Map;
import java.util.Random;
import java.util.TreeMap;

/** What can be measured, counted or read on a part of a type; invented within what such parts have. */
final class SpecGenerator {
    /** Width of a rib of a PJ belt (ISO 9982). */
    private static final double RIB_MM = 2.34;

    private static final String[] CONTACTS = {"normally-open", "normally-closed", "changeover"};

    private static final String[] SHAPES = {"hairpin", "loop", "ring", "coil"};

    private SpecGenerator() {}

    /** The measures besides those that are there already. */
    static Map<String, String> of(String type, Map<String, String> there, Random random) {
        Map<String, String> specs = new TreeMap<>(there);
        switch (type) {
            case "drum-belt" ->
                specs.put("width-mm", String.format(Locale.ROOT, "%.1f", Integer.parseInt(there.get("ribs")) * RIB_MM));
            case "drum-roller" -> specs.put("width-mm", size(random, 18, 30));
            case "idler-pulley" -> {
                specs.put("diameter-mm", size(random, 52, 76));
                specs.put("bore-mm", size(random, 6, 12));
                specs.put("width-mm", size(random, 18, 27));
            }
            case "heater-assembly",
                    "heating-element",
                    "bake-element",
                    "broil-element",
                    "fan-oven-element",
                    "surface-element",
                    "water-heater" -> element(specs, random);
            case "thermal-fuse", "high-limit-thermostat", "heater-thermostat", "thermal-cutout" -> {
                specs.put("opens-c", String.valueOf(70 + 5 * random.nextInt(40)));
                specs.put("fixing-mm", size(random, 20, 60));
                specs.put("terminals", String.valueOf(2 + 2 * random.nextInt(2)));
            }
            default -> control(type, specs, random);
        }
        return specs;
    }

    private static void control(String type, Map<String, String> specs, Random random) {
        switch (type) {
            case "line-fuse" -> {
                specs.put("speed", "fast");
                specs.put("breaking-amps", "1500");
            }
            case "hv-capacitor" -> {
                specs.put("microfarads", String.format(Locale.ROOT, "%.2f", 0.7 + random.nextInt(9) / 20.0));
                specs.put("volts", "2100");
            }
            case "oven-thermostat" -> specs.put("tube-length-mm", String.valueOf(700 + 25 * random.nextInt(30)));
            case "door-switch", "belt-break-switch", "door-interlock-switch", "start-switch" -> {
                specs.put("terminals", String.valueOf(2 + random.nextInt(3)));
                specs.put("contact", CONTACTS[random.nextInt(CONTACTS.length)]);
                specs.put("fixing-mm", size(random, 14, 40));
            }
            case "control-knob" -> {
                specs.put("shaft-mm", size(random, 5, 9));
                specs.put("shaft-shape", random.nextBoolean() ? "d-shaped" : "splined");
                specs.put("diameter-mm", size(random, 34, 60));
            }
            default -> {}
        }
    }

    private static void element(Map<String, String> specs, Random random) {
        int volts = 240;
        int watts = 1000 + 50 * random.nextInt(90);
        specs.put("volts", String.valueOf(volts));
        specs.put("watts", String.valueOf(watts));
        specs.put("ohms", String.format(Locale.ROOT, "%.1f", (double) volts * volts / watts));
        specs.put("terminals", String.valueOf(2 + random.nextInt(2)));
        specs.put("fixing-mm", size(random, 30, 130));
        specs.put("shape", SHAPES[random.nextInt(SHAPES.length)]);
    }

    /** A size in millimeters, to half a millimeter. */
    private static String size(Random random, int least, int most) {
        double size = least + random.nextInt(2 * (most - least) + 1) / 2.0;
        return size == Math.rint(size)
                ? String.format(Locale.ROOT, "%.0f", size)
                : String.format(Locale.ROOT, "%.1f", size);
    }
}
