package synopta.demo;

import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import synopta.core.catalog.Appliance;
import synopta.core.catalog.Fuel;

/** The constructions of the scenario: its platforms, and what the brands call their models. */
final class PlatformBuilder {
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
            List<DemoPlaces.Place> places) {
        /** The same construction under another name and series, for catalogs of any size. */
        Line again(String otherPlatform, String otherSeries) {
            return new Line(otherPlatform, appliance, layout, family, fuels, kind, otherSeries, places);
        }

        /** The prefix of a machine that burns this. */
        Kind kindOf(@Nullable Fuel fuel) {
            return kind == Kind.ELECTRIC_DRYER && fuel != null && fuel.isGas() ? Kind.GAS_DRYER : kind;
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

    /** How a construction is told by looking, without its knowledge pack. */
    static final Map<String, String> LOOKS = Map.ofEntries(
            Map.entry("B", "Two screws in the lint slot"),
            Map.entry("C", "Console in front, top slides back"),
            Map.entry("D", "Top stays, screws under the front lip"),
            Map.entry("F", "Opens on top, chassis comes out"),
            Map.entry("G", "Top pops by hand, six front screws"),
            Map.entry("H", "Bulkhead with front glides"),
            Map.entry("over-range", "Hangs over the range"),
            Map.entry("freestanding", "Stands on the floor, electric"),
            Map.entry("freestanding-gas", "Stands on the floor, gas"),
            Map.entry("wall-oven", "Built into the wall"),
            Map.entry("tall-tub", "One door, full width"),
            Map.entry("drawer", "Two drawers"),
            Map.entry("slimline", "One door, narrow"));

    private static final List<Fuel> ELECTRIC = List.of(Fuel.ELECTRIC);
    private static final List<Fuel> GAS = List.of(Fuel.NATURAL_GAS, Fuel.LP);

    /** A construction that is built for every fuel; most of its models are electric. */
    private static final List<Fuel> ANY =
            List.of(Fuel.ELECTRIC, Fuel.ELECTRIC, Fuel.ELECTRIC, Fuel.NATURAL_GAS, Fuel.LP);

    static final List<Line> LINES = List.of(
            dryer("Skerry", "A", NORTH, ELECTRIC, "78"),
            dryer("Skerry Gas", "A", NORTH, GAS, "78"),
            dryer("Fathom", "E", SOUTH, ELECTRIC, "44"),
            dryer("Fathom Gas", "E", SOUTH, GAS, "44"),
            dryer("Dunlin", "B", NORTH, ELECTRIC, "61"),
            dryer("Dunlin Gas", "B", NORTH, GAS, "61"),
            dryer("Cairn", "C", SOUTH, ANY, "53"),
            dryer("Samphire", "D", SOUTH, ANY, "57"),
            dryer("Burdock", "F", NORTH, ANY, "36"),
            dryer("Gannet", "G", SOUTH, ANY, "91"),
            dryer("Marram", "H", NORTH, ANY, "34"),
            line("Lantern", Appliance.MICROWAVE, "countertop", NORTH, List.of(), Kind.MICROWAVE, "22"),
            line("Lantern South", Appliance.MICROWAVE, "countertop", SOUTH, List.of(), Kind.MICROWAVE, "33"),
            line("Beacon", Appliance.MICROWAVE, "over-range", NORTH, List.of(), Kind.MICROWAVE, "27"),
            line("Beacon South", Appliance.MICROWAVE, "over-range", SOUTH, List.of(), Kind.MICROWAVE, "38"),
            range("Hearth", "freestanding", NORTH, ELECTRIC, "15"),
            range("Hearth South", "freestanding", SOUTH, ELECTRIC, "17"),
            range("Kindle", "freestanding-gas", NORTH, GAS, "65"),
            range("Kindle South", "freestanding-gas", SOUTH, GAS, "67"),
            range("Alder", "wall-oven", NORTH, ELECTRIC, "19"),
            range("Rowan", "wall-oven", SOUTH, ELECTRIC, "12"),
            dishwasher("Weir", "tall-tub", NORTH, "82"),
            dishwasher("Millrace", "tall-tub", SOUTH, "85"),
            dishwasher("Rill", "drawer", NORTH, "46"),
            dishwasher("Brook", "slimline", SOUTH, "49"));

    private PlatformBuilder() {}

    private static Line dryer(String platform, String layout, String family, List<Fuel> fuels, String series) {
        return line(
                platform,
                Appliance.DRYER,
                layout,
                family,
                fuels,
                fuels.equals(GAS) ? Kind.GAS_DRYER : Kind.ELECTRIC_DRYER,
                series);
    }

    private static Line range(String platform, String layout, String family, List<Fuel> fuels, String series) {
        Kind kind = fuels.equals(ELECTRIC) ? Kind.ELECTRIC_RANGE : Kind.GAS_RANGE;
        return line(platform, Appliance.RANGE, layout, family, fuels, kind, series);
    }

    private static Line dishwasher(String platform, String layout, String family, String series) {
        return line(platform, Appliance.DISHWASHER, layout, family, List.of(), Kind.DISHWASHER, series);
    }

    private static Line line(
            String platform,
            Appliance appliance,
            String layout,
            String family,
            List<Fuel> fuels,
            Kind kind,
            String series) {
        return new Line(
                platform, appliance, layout, family, fuels, kind, series, DemoPlaces.of(appliance, layout, fuels));
    }
}
