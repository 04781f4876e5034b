package synopta.demo;

import java.util.List;
import java.util.Map;
import synopta.core.catalog.Appliance;
import synopta.core.catalog.Fuel;

/** The constructions of the scenario: its platforms, and what the brands call their models. */
final class PlatformBuilder {
    /** A place of a platform: slot, part type, pieces, price of one in cents. */
    record Place(String slot, String partType, int quantity, int cents) {}

    /**
     * A platform of one family of brands.
     *
     * @param kind which of a brand's prefixes its models bear
     * @param series two digits that follow the prefix
     */
    record Line(
            String platform,
            Appliance appliance,
            String layout,
            String family,
            List<Fuel> fuels,
            Kind kind,
            String series,
            List<Place> places) {
        /** The same construction under another name and series, for catalogs of any size. */
        Line again(String otherPlatform, String otherSeries) {
            return new Line(otherPlatform, appliance, layout, family, fuels, kind, otherSeries, places);
        }
    }

    /** What a prefix says of the machine. */
    enum Kind {
        ELECTRIC_DRYER,
        GAS_DRYER,
        MICROWAVE,
        ELECTRIC_RANGE,
        GAS_RANGE,
        DISHWASHER
    }

    /** A brand: its family, the prefixes by {@link Kind}, and what stands before the color. */
    record Naming(String family, List<String> prefixes, String separator) {}

    static final String NORTH = "North Works";
    static final String SOUTH = "South Works";

    static final Map<String, Naming> BRANDS = Map.of(
            "Orrinvale", new Naming(NORTH, List.of("DE", "DG", "MW", "RE", "RG", "DW"), ""),
            "Thistlemoor", new Naming(NORTH, List.of("TH", "TG", "TM", "TR", "TK", "TD"), "-"),
            "Halvorn", new Naming(SOUTH, List.of("HV", "HG", "HM", "HR", "HK", "HD"), "-"),
            "Pelladine", new Naming(SOUTH, List.of("PD", "PG", "PM", "PR", "PK", "PW"), "/"),
            "Mirrabrook", new Naming(SOUTH, List.of("MB", "MG", "MM", "MR", "MK", "MD"), "-"));

    /** Constructions with a bare coil instead of a heater box, and those with two idlers. */
    private static final List<String> COILS = List.of("C", "F", "G");

    private static final List<String> TWINS = List.of("C", "F");

    /** How a construction is told by looking, without its knowledge pack. */
    static final Map<String, String> LOOKS = Map.ofEntries(
            Map.entry("B", "Two screws in the lint slot"),
            Map.entry("C", "Console in front, top slides back"),
            Map.entry("D", "Top stays, screws under the front lip"),
            Map.entry("F", "Opens on top, chassis swings out"),
            Map.entry("G", "Top pops by hand, six front screws"),
            Map.entry("over-range", "Hangs over the range"),
            Map.entry("freestanding", "Stands on the floor, electric"),
            Map.entry("freestanding-gas", "Stands on the floor, gas"),
            Map.entry("wall-oven", "Built into the wall"),
            Map.entry("tall-tub", "One door, full width"),
            Map.entry("drawer", "Two drawers"),
            Map.entry("slimline", "One door, narrow"));

    private static final List<Fuel> ELECTRIC = List.of(Fuel.ELECTRIC);
    private static final List<Fuel> GAS = List.of(Fuel.NATURAL_GAS, Fuel.LP);

    static final List<Line> LINES = List.of(
            dryer("Skerry", "A", NORTH, ELECTRIC, "78", SlotCatalog.ROLLERS),
            dryer("Skerry Gas", "A", NORTH, GAS, "78", SlotCatalog.ROLLERS),
            dryer("Fathom", "E", SOUTH, ELECTRIC, "44", SlotCatalog.BEARING),
            dryer("Fathom Gas", "E", SOUTH, GAS, "44", SlotCatalog.BEARING),
            dryer("Dunlin", "B", NORTH, ELECTRIC, "61", SlotCatalog.ROLLERS_AND_GLIDES),
            dryer("Dunlin Gas", "B", NORTH, GAS, "61", SlotCatalog.ROLLERS_AND_GLIDES),
            dryer("Cairn", "C", SOUTH, ELECTRIC, "53", SlotCatalog.BEARING),
            dryer("Samphire", "D", SOUTH, ELECTRIC, "57", SlotCatalog.ROLLERS),
            dryer("Burdock", "F", NORTH, GAS, "36", SlotCatalog.ROLLERS),
            dryer("Gannet", "G", SOUTH, ELECTRIC, "91", SlotCatalog.ROLLERS),
            line(
                    "Lantern",
                    Appliance.MICROWAVE,
                    "countertop",
                    NORTH,
                    List.of(),
                    Kind.MICROWAVE,
                    "22",
                    List.of(SlotCatalog.COUNTERTOP)),
            line(
                    "Lantern South",
                    Appliance.MICROWAVE,
                    "countertop",
                    SOUTH,
                    List.of(),
                    Kind.MICROWAVE,
                    "33",
                    List.of(SlotCatalog.COUNTERTOP)),
            line(
                    "Beacon",
                    Appliance.MICROWAVE,
                    "over-range",
                    NORTH,
                    List.of(),
                    Kind.MICROWAVE,
                    "27",
                    List.of(SlotCatalog.OVER_RANGE)),
            line(
                    "Beacon South",
                    Appliance.MICROWAVE,
                    "over-range",
                    SOUTH,
                    List.of(),
                    Kind.MICROWAVE,
                    "38",
                    List.of(SlotCatalog.OVER_RANGE)),
            range("Hearth", "freestanding", NORTH, ELECTRIC, "15", SlotCatalog.ELECTRIC_RANGE),
            range("Hearth South", "freestanding", SOUTH, ELECTRIC, "17", SlotCatalog.ELECTRIC_RANGE),
            range("Kindle", "freestanding-gas", NORTH, GAS, "65", SlotCatalog.GAS_RANGE),
            range("Kindle South", "freestanding-gas", SOUTH, GAS, "67", SlotCatalog.GAS_RANGE),
            range("Alder", "wall-oven", NORTH, ELECTRIC, "19", SlotCatalog.WALL_OVEN),
            range("Rowan", "wall-oven", SOUTH, ELECTRIC, "12", SlotCatalog.WALL_OVEN),
            dishwasher("Weir", "tall-tub", NORTH, "82"),
            dishwasher("Millrace", "tall-tub", SOUTH, "85"),
            dishwasher("Rill", "drawer", NORTH, "46"),
            dishwasher("Brook", "slimline", SOUTH, "49"));

    private PlatformBuilder() {}

    private static Line dryer(
            String platform, String layout, String family, List<Fuel> fuels, String series, List<Place> drum) {
        boolean electric = fuels.equals(ELECTRIC);
        List<Place> heat = !electric
                ? SlotCatalog.GAS_DRYER
                : COILS.contains(layout) ? SlotCatalog.COIL : SlotCatalog.ELECTRIC_DRYER;
        List<Place> idler = TWINS.contains(layout) ? SlotCatalog.TWIN_IDLERS : SlotCatalog.SINGLE_IDLER;
        return line(
                platform,
                Appliance.DRYER,
                layout,
                family,
                fuels,
                electric ? Kind.ELECTRIC_DRYER : Kind.GAS_DRYER,
                series,
                List.of(SlotCatalog.DRYER, idler, drum, heat));
    }

    private static Line range(
            String platform, String layout, String family, List<Fuel> fuels, String series, List<Place> places) {
        Kind kind = fuels.equals(ELECTRIC) ? Kind.ELECTRIC_RANGE : Kind.GAS_RANGE;
        return line(platform, Appliance.RANGE, layout, family, fuels, kind, series, List.of(SlotCatalog.RANGE, places));
    }

    private static Line dishwasher(String platform, String layout, String family, String series) {
        return line(
                platform,
                Appliance.DISHWASHER,
                layout,
                family,
                List.of(),
                Kind.DISHWASHER,
                series,
                List.of(SlotCatalog.DISHWASHER));
    }

    private static Line line(
            String platform,
            Appliance appliance,
            String layout,
            String family,
            List<Fuel> fuels,
            Kind kind,
            String series,
            List<List<Place>> places) {
        return new Line(
                platform,
                appliance,
                layout,
                family,
                fuels,
                kind,
                series,
                places.stream().flatMap(List::stream).toList());
    }
}
