package synopta.demo;

import java.util.List;
import java.util.Optional;
import synopta.core.catalog.Appliance;
import synopta.core.catalog.Part;
import synopta.core.catalog.PartNumber;

/** Small parts that a job may need besides, alike in all machines of a family: shafts, springs, ties, grease. */
record SmallParts(String partType, String north, String south, String maker, String name) {
    private static final String GENERAL = "Corrie Spares";

    private static final List<SmallParts> ALL = List.of(
            new SmallParts("roller-shaft", "QV-8701", "HN-8701", "", "roller shaft"),
            new SmallParts("door-spring", "QV-8731", "HN-8731", "", "door spring"),
            new SmallParts("idler-arm", "QV-8751", "HN-8751", "", "idler arm with spring"),
            new SmallParts("cable-tie", "CS-8741", "CS-8741", GENERAL, "cable tie"),
            new SmallParts("high-temperature-grease", "CS-8721", "CS-8721", GENERAL, "high-temperature grease, tube"));

    /** Those that dryers have at a place. */
    static Optional<SmallParts> at(PlatformBuilder.Line line, DemoPlaces.Place place) {
        return line.appliance() != Appliance.DRYER
                ? Optional.empty()
                : ALL.stream().filter(s -> s.partType.equals(place.partType())).findFirst();
    }

    /** Whether a number is one of theirs; no two of theirs follow one another. */
    static boolean has(String prefix, int number) {
        String written = "%s-%d".formatted(prefix, number);
        return ALL.stream().anyMatch(s -> written.equals(s.north) || written.equals(s.south));
    }

    /** The part of the line's family, made when it is not there yet. */
    PartNumber part(PlatformBuilder.Line line, int cents, PartGenerator stockroom) {
        PartNumber number = new PartNumber(line.family().equals(PlatformBuilder.NORTH) ? north : south);
        String by = maker.isEmpty() ? line.family() : maker;
        if (!stockroom.has(number)) {
            stockroom.handSet(number, by, partType, name, Part.Status.CURRENT, cents);
        }
        return number;
    }
}
