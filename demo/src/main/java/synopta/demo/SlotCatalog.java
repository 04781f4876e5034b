package synopta.demo;

import java.util.List;
import synopta.demo.PlatformBuilder.Place;

/** What belongs in which construction, and about what it costs. */
final class SlotCatalog {
    static final List<Place> DRYER = List.of(
            new Place("belt", "drum-belt", 1, 1490),
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
            new Place("vent", "vent-duct", 1, 1550),
            new Place("door-catch", "door-catch", 1, 860));
    static final List<Place> ELECTRIC_DRYER = List.of(
            new Place("heater", "heater-assembly", 1, 5800), new Place("terminal-block", "terminal-block", 1, 1120));
    static final List<Place> GAS_DRYER = List.of(
            new Place("igniter", "gas-igniter", 1, 2480),
            new Place("flame-sensor", "flame-sensor", 1, 1590),
            new Place("gas-coils", "gas-valve-coils", 1, 2150));
    static final List<Place> COIL = List.of(
            new Place("heater", "heating-element", 1, 3150), new Place("terminal-block", "terminal-block", 1, 1120));
    static final List<Place> TWIN_IDLERS = List.of(new Place("idler", "idler-pulley-set", 1, 2260));
    static final List<Place> SINGLE_IDLER = List.of(new Place("idler", "idler-pulley", 1, 1180));
    static final List<Place> ROLLERS_AND_GLIDES = List.of(
            new Place("rear-roller", "drum-roller", 2, 880),
            new Place("front-glide", "drum-glide", 2, 940),
            new Place("roller-rings", "roller-hardware", 4, 95));
    static final List<Place> ROLLERS = List.of(
            new Place("rear-roller", "drum-roller", 2, 880),
            new Place("front-roller", "drum-roller", 2, 880),
            new Place("roller-rings", "roller-hardware", 8, 95));
    static final List<Place> BEARING = List.of(
            new Place("rear-bearing", "rear-drum-bearing", 1, 2260), new Place("front-glide", "drum-glide", 2, 940));

    static final List<Place> COUNTERTOP = List.of(
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
            new Place("lamp", "lamp", 1, 540),
            new Place("waveguide", "waveguide-cover", 1, 420));
    static final List<Place> OVER_RANGE = List.of(
            new Place("line-fuse", "line-fuse", 1, 320),
            new Place("interlock", "door-interlock-switch", 3, 560),
            new Place("magnetron", "magnetron", 1, 7400),
            new Place("hv-diode", "hv-diode", 1, 980),
            new Place("hv-capacitor", "hv-capacitor", 1, 2150),
            new Place("hv-transformer", "hv-transformer", 1, 8900),
            new Place("thermal-cutout", "thermal-cutout", 2, 890),
            new Place("tray-motor", "turntable-motor", 1, 1480),
            new Place("tray", "turntable-tray", 1, 2690),
            new Place("tray-ring", "turntable-ring", 1, 980),
            new Place("cooling-fan", "cooling-fan", 1, 3120),
            new Place("control-board", "control-board", 1, 9900),
            new Place("carbon-filter", "carbon-filter", 1, 1480),
            new Place("grease-filter", "grease-filter", 2, 1240),
            new Place("hanging-nut", "mounting-nut", 2, 280),
            new Place("hanging-bolt", "mounting-bolt", 2, 340),
            new Place("lamp", "lamp", 2, 540),
            new Place("coupler", "turntable-coupler", 1, 620),
            new Place("waveguide", "waveguide-cover", 1, 420));

    static final List<Place> RANGE = List.of(
            new Place("door-gasket", "oven-door-gasket", 1, 2280),
            new Place("door-hinge", "door-hinge", 2, 2140),
            new Place("oven-lamp", "oven-lamp", 1, 620),
            new Place("knob", "control-knob", 5, 890),
            new Place("harness", "wiring-harness", 1, 4300));
    static final List<Place> ELECTRIC_RANGE = List.of(
            new Place("bake", "bake-element", 1, 3280),
            new Place("broil", "broil-element", 1, 3460),
            new Place("oven-sensor", "oven-sensor", 1, 1890),
            new Place("surface", "surface-element", 4, 3120),
            new Place("surface-switch", "surface-switch", 4, 2240),
            new Place("selector", "function-selector", 1, 2980),
            new Place("control-board", "control-board", 1, 16400),
            new Place("oven-thermostat", "oven-thermostat", 1, 3980));
    static final List<Place> GAS_RANGE = List.of(
            new Place("oven-igniter", "oven-igniter", 1, 4180),
            new Place("oven-valve", "oven-gas-valve", 1, 9200),
            new Place("thermocouple", "oven-thermocouple", 1, 1640),
            new Place("oven-thermostat", "oven-thermostat", 1, 5900),
            new Place("surface-igniter", "surface-igniter", 4, 1460),
            new Place("spark-module", "spark-module", 1, 4880),
            new Place("orifice-natural", "natural-gas-orifice", 4, 310),
            new Place("orifice-propane", "propane-orifice", 4, 310));
    static final List<Place> WALL_OVEN = List.of(
            new Place("fan-element", "fan-oven-element", 1, 3380),
            new Place("fan-motor", "fan-oven-motor", 1, 4450),
            new Place("broil", "broil-element", 1, 3640),
            new Place("oven-thermostat", "oven-thermostat", 1, 4280),
            new Place("selector", "function-selector", 1, 2980),
            new Place("bake", "bake-element", 1, 3180));

    static final List<Place> DISHWASHER = List.of(
            new Place("drain-pump", "drain-pump", 1, 4280),
            new Place("wash-pump", "circulation-pump", 1, 13900),
            new Place("upper-arm", "upper-wash-arm", 1, 1980),
            new Place("lower-arm", "lower-wash-arm", 1, 2140),
            new Place("arm-support", "wash-arm-support", 1, 1340),
            new Place("arm-bearing", "wash-arm-bearing", 1, 690),
            new Place("filter", "drain-filter", 1, 2360),
            new Place("flat-filter", "flat-filter", 1, 1820),
            new Place("rail", "rack-slide-rail", 2, 2450),
            new Place("rail-clip", "rail-stop-clip", 4, 390),
            new Place("rack-roller", "rack-roller", 8, 290),
            new Place("dispenser", "detergent-dispenser", 1, 4650),
            new Place("latch", "door-latch", 1, 3120),
            new Place("door-seal", "door-gasket", 1, 2480),
            new Place("door-spring", "door-spring", 2, 940),
            new Place("inlet", "inlet-valve", 1, 2780),
            new Place("float", "float-switch", 1, 1860),
            new Place("heater", "water-heater", 1, 4980),
            new Place("drain-hose", "drain-hose", 1, 2190),
            new Place("control-board", "control-board", 1, 14900));

    private SlotCatalog() {}
}
