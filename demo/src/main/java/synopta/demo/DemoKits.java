package synopta.demo;

import java.util.Map;
import java.util.TreeMap;
import java.util.function.BiFunction;
import synopta.core.catalog.PartNumber;

/** What is sold together: a dryer's rollers with rings, idler and belt, its sensors; what a microwave hangs by. */
final class DemoKits {
    private DemoKits() {}

    /**
     * Adds the kits of a platform.
     *
     * @param now the part that is fitted today, by platform and slot
     */
    static void add(PlatformBuilder.Line line, PartGenerator stockroom, BiFunction<String, String, PartNumber> now) {
        Map<String, Integer> pieces = new TreeMap<>();
        line.places().forEach(p -> pieces.put(p.slot(), p.quantity()));
        boolean electric = pieces.containsKey("thermal-cutoff");
        if (pieces.containsKey("rear-roller") && !line.platform().equals("Skerry")) {
            Map<String, Integer> contents = new TreeMap<>(Map.of("idler", 1, "belt", 1));
            contents.put("rear-roller", pieces.get("rear-roller") + pieces.getOrDefault("front-roller", 0));
            contents.put("roller-rings", pieces.get("roller-rings"));
            stockroom.kit(line, "dryer-repair-kit", 5490, contents, now);
        }
        if (electric && line.layout().equals("G")) {
            Map<String, Integer> contents =
                    Map.of("high-limit", 1, "thermal-cutoff", 1, "thermal-fuse", 1, "blower-sensor", 1);
            stockroom.kit(line, "sensor-kit", 3450, contents, now);
        } else if (electric) {
            stockroom.kit(line, "thermal-cutoff-kit", 1890, Map.of("high-limit", 1, "thermal-cutoff", 1), now);
        }
        if (pieces.containsKey("hanging-nut")) {
            stockroom.kit(line, "mounting-nut", 890, Map.of("hanging-nut", 1, "hanging-bolt", 3), now);
        }
    }
}
