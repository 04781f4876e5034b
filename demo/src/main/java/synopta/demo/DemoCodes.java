package synopta.demo;

import java.util.List;
import java.util.Map;
import synopta.core.catalog.Appliance;
import synopta.core.catalog.FaultCode;

/** Invented codes of the invented brands: the same one means something else elsewhere. */
final class DemoCodes {
    static final List<FaultCode> ALL = List.of(
            family(
                    Appliance.DRYER,
                    PlatformBuilder.NORTH,
                    "F3",
                    "Blower sensor open or shorted",
                    Map.of(),
                    "blower-sensor;control-board"),
            family(
                    Appliance.DRYER,
                    PlatformBuilder.NORTH,
                    "F7 E1",
                    "Air flow too low",
                    Map.of("vent-lamp", "yes"),
                    "vent-duct;blower-sensor"),
            family(
                    Appliance.DRYER,
                    PlatformBuilder.SOUTH,
                    "E24",
                    "Too hot at the outlet",
                    Map.of("too-hot", "yes"),
                    "vent-duct;heater-thermostat;high-limit-thermostat"),
            family(
                    Appliance.DRYER,
                    PlatformBuilder.SOUTH,
                    "blink 4-2",
                    "One leg of the supply missing",
                    Map.of("half-supply", "yes"),
                    "power-cord;terminal-block"),
            brand(
                    Appliance.DRYER,
                    "Pelladine",
                    "E24",
                    "Motor does not reach its speed",
                    Map.of("motor-strains", "yes"),
                    "drive-motor;drum-belt"),
            family(
                    Appliance.RANGE,
                    PlatformBuilder.NORTH,
                    "F3",
                    "Oven sensor open",
                    Map.of("oven-heats", "no"),
                    "oven-sensor;control-board"),
            family(
                    Appliance.RANGE,
                    PlatformBuilder.NORTH,
                    "F5 E1",
                    "Door lock not where it should be",
                    Map.of("door-locked", "yes"),
                    "door-lock;door-hinge"),
            family(
                    Appliance.RANGE,
                    PlatformBuilder.SOUTH,
                    "F7",
                    "A key is stuck",
                    Map.of("keys-dead", "yes"),
                    "keypad;control-board"),
            brand(
                    Appliance.RANGE,
                    "Halvorn",
                    "F3",
                    "Key lock and board do not talk",
                    Map.of(),
                    "wiring-harness;control-board;keypad"),
            family(
                    Appliance.DISHWASHER,
                    PlatformBuilder.NORTH,
                    "F2 E2",
                    "Drains too slowly",
                    Map.of("water-left", "full"),
                    "drain-pump;check-valve;drain-hose"),
            family(
                    Appliance.DISHWASHER,
                    PlatformBuilder.NORTH,
                    "blink 7-1",
                    "Water does not get warm",
                    Map.of("water-cold", "yes"),
                    "water-heater;control-board"),
            family(
                    Appliance.DISHWASHER,
                    PlatformBuilder.SOUTH,
                    "E15",
                    "Water in the base",
                    Map.of("leak-lamp", "yes"),
                    "leak-sensor;circulation-pump"),
            family(
                    Appliance.DISHWASHER,
                    PlatformBuilder.SOUTH,
                    "E4",
                    "Fills too slowly",
                    Map.of("fills-slowly", "yes"),
                    "inlet-valve"),
            family(
                    Appliance.MICROWAVE,
                    PlatformBuilder.NORTH,
                    "F4",
                    "Humidity sensor open",
                    Map.of("sensor-cook-wrong", "yes"),
                    "humidity-sensor"),
            family(
                    Appliance.MICROWAVE,
                    PlatformBuilder.SOUTH,
                    "SE",
                    "A key is stuck",
                    Map.of("keys-dead", "yes"),
                    "keypad;control-board"));

    private DemoCodes() {}

    private static FaultCode family(
            Appliance appliance, String family, String code, String means, Map<String, String> findings, String types) {
        return new FaultCode("", family, appliance, code, means, findings, List.of(types.split(";")));
    }

    private static FaultCode brand(
            Appliance appliance, String brand, String code, String means, Map<String, String> findings, String types) {
        return new FaultCode(brand, "", appliance, code, means, findings, List.of(types.split(";")));
    }
}
