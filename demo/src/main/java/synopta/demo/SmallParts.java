package synopta.demo;

import java.util.List;
import synopta.core.catalog.Part;
import synopta.core.catalog.PartNumber;
import synopta.demo.PlatformBuilder.Place;

/** Small parts that a job may need besides, alike in all machines of a family: shafts, springs, ties, grease. */
record SmallParts(String layouts, String north, String south, String maker, String name, Place place) {
    private static final String GENERAL = "Corrie Spares";

    private static final List<SmallParts> ALL = List.of(
            of("ADFG", "QV-8701", "HN-8701", "roller shaft", new Place("roller-shaft", "roller-shaft", 4, 640)),
            of("CDG", "QV-8731", "HN-8731", "door spring", new Place("door-spring", "door-spring", 2, 360)),
            of("AE", "QV-8751", "HN-8751", "idler arm with spring", new Place("idler-arm", "idler-arm", 1, 980)),
            general("ABCDEFG", "CS-8741", "cable tie", new Place("wire-ties", "cable-tie", 4, 30)),
            general(
                    "CE",
                    "CS-8721",
                    "high-temperature grease, tube",
                    new Place("bearing-grease", "high-temperature-grease", 1, 590)));

    private static SmallParts of(String layouts, String north, String south, String name, Place place) {
        return new SmallParts(layouts, north, south, "", name, place);
    }

    private static SmallParts general(String layouts, String number, String name, Place place) {
        return new SmallParts(layouts, number, number, GENERAL, name, place);
    }

    /** Those of a construction. */
    static List<SmallParts> of(PlatformBuilder.Line line) {
        return ALL.stream().filter(b -> b.layouts.contains(line.layout())).toList();
    }

    /** Whether a number is one of theirs; no two of theirs follow one another. */
    static boolean has(String prefix, int number) {
        String written = "%s-%d".formatted(prefix, number);
        return ALL.stream().anyMatch(s -> written.equals(s.north) || written.equals(s.south));
    }

    /** The part of the line's family, made when it is not there yet. */
    PartNumber part(PlatformBuilder.Line line, PartGenerator stockroom) {
        PartNumber number = new PartNumber(line.family().equals(PlatformBuilder.NORTH) ? north : south);
        String by = maker.isEmpty() ? line.family() : maker;
        if (!stockroom.has(number)) {
            stockroom.handSet(number, by, place.partType(), name, Part.Status.CURRENT, place.cents());
        }
        return number;
    }
}
