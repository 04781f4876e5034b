package synopta.demo;

import java.util.List;
import java.util.Map;
import synopta.core.catalog.Appliance;
import synopta.core.catalog.Fuel;

/** The constructions of the scenario: which places a platform has, and what the brands call its models. */
final class Build {
    /** A place of a platform: slot, part type, pieces, price of one in cents. */
    record Place(String slot, String partType, int quantity, int cents) {}

    /** A platform of one family of brands. */
    record Line(
            String platform,
            Appliance appliance,
            String layout,
            String family,
            List<Fuel> fuels,
            String digit,
            List<Place> places) {}

    static final String NORTH = "North Works";
    static final String SOUTH = "South Works";

    /** Brand, family, and how its model numbers begin for electric dryer, gas dryer and microwave. */
    static final Map<String, List<String>> BRANDS = Map.of(
            "Orrinvale", List.of(NORTH, "DE", "DG", "MW"),
            "Thistlemoor", List.of(NORTH, "TH", "TG", "TM"),
            "Halvorn", List.of(SOUTH, "HV", "HG", "HM"),
            "Pelladine", List.of(SOUTH, "PD", "PG", "PM"),
            "Mirrabrook", List.of(SOUTH, "MB", "MG", "MM"));

    private static final List<Place> DRYER = List.of(
            new Place("belt", "drum-belt", 1, 1490),
            new Place("idler", "idler-pulley", 1, 1180),
            new Place("motor", "drive-motor", 1, 11900),
            new Place("belt-switch", "belt-break-switch", 1, 990),
            new Place("blower", "blower-wheel", 1, 1890),
            new Place("lint-filter", "lint-filter", 1, 1640),
            new Place("moisture-sensor", "moisture-sensor", 1, 1420),
            new Place("door-switch", "door-switch", 1, 1260),
            new Place("start-switch", "start-switch", 1, 1350),
            new Place("control-board", "control-board", 1, 13800),
            new Place("drum-seal", "drum-seal", 1, 1260),
            new Place("thermal-fuse", "thermal-fuse", 1, 690),
            new Place("heater-thermostat", "heater-thermostat", 1, 1340),
            new Place("high-limit", "high-limit-thermostat", 1, 1090),
            new Place("vent", "vent-duct", 1, 1550));
    private static final List<Place> ELECTRIC = List.of(
            new Place("heater", "heater-assembly", 1, 5800), new Place("terminal-block", "terminal-block", 1, 1120));
    private static final List<Place> GAS = List.of(
            new Place("igniter", "gas-igniter", 1, 2480),
            new Place("flame-sensor", "flame-sensor", 1, 1590),
            new Place("gas-coils", "gas-valve-coils", 1, 2150));
    private static final List<Place> ROLLERS = List.of(
            new Place("rear-roller", "drum-roller", 2, 840),
            new Place("front-roller", "drum-roller", 2, 840),
            new Place("roller-rings", "roller-hardware", 8, 95));
    private static final List<Place> BEARING = List.of(
            new Place("rear-bearing", "rear-drum-bearing", 1, 2260), new Place("front-glide", "drum-glide", 2, 940));
    private static final List<Place> MICROWAVE = List.of(
            new Place("line-fuse", "line-fuse", 1, 320),
            new Place("interlock", "door-interlock-switch", 3, 560),
            new Place("magnetron", "magnetron", 1, 6900),
            new Place("hv-diode", "hv-diode", 1, 980),
            new Place("hv-capacitor", "hv-capacitor", 1, 2150),
            new Place("thermal-cutout", "thermal-cutout", 1, 890),
            new Place("tray-motor", "turntable-motor", 1, 1480),
            new Place("coupler", "turntable-coupler", 1, 620),
            new Place("cooling-fan", "cooling-fan", 1, 2340),
            new Place("control-board", "control-board", 1, 8800),
            new Place("lamp", "lamp", 1, 540));

    static final List<Line> LINES = List.of(
            line("Skerry", Appliance.DRYER, "A", NORTH, List.of(Fuel.ELECTRIC), "7", List.of(DRYER, ROLLERS, ELECTRIC)),
            line(
                    "Skerry Gas",
                    Appliance.DRYER,
                    "A",
                    NORTH,
                    List.of(Fuel.NATURAL_GAS, Fuel.LP),
                    "7",
                    List.of(DRYER, ROLLERS, GAS)),
            line("Fathom", Appliance.DRYER, "E", SOUTH, List.of(Fuel.ELECTRIC), "4", List.of(DRYER, BEARING, ELECTRIC)),
            line(
                    "Fathom Gas",
                    Appliance.DRYER,
                    "E",
                    SOUTH,
                    List.of(Fuel.NATURAL_GAS, Fuel.LP),
                    "4",
                    List.of(DRYER, BEARING, GAS)),
            line("Lantern", Appliance.MICROWAVE, "countertop", NORTH, List.of(), "2", List.of(MICROWAVE)),
            line("Lantern South", Appliance.MICROWAVE, "countertop", SOUTH, List.of(), "3", List.of(MICROWAVE)));

    private Build() {}

    private static Line line(
            String platform,
            Appliance appliance,
            String layout,
            String family,
            List<Fuel> fuels,
            String digit,
            List<List<Place>> places) {
        return new Line(
                platform,
                appliance,
                layout,
                family,
                fuels,
                digit,
                places.stream().flatMap(List::stream).toList());
    }
}
