package synopta.demo;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import synopta.core.catalog.BuildRange;
import synopta.core.catalog.Fuel;
import synopta.core.catalog.KitContent;
import synopta.core.catalog.ModelNumber;
import synopta.core.catalog.Part;
import synopta.core.catalog.PartNumber;
import synopta.core.catalog.SerialRange;
import synopta.core.catalog.Supersession;

/** What is set by hand, because a person will look there: a chain, a change, a kit, an assembly, well-known models. */
final class CuratedData {
    private static final PartNumber OLD_BELT = new PartNumber("QV-1180");
    private static final PartNumber BELT = new PartNumber("QV-1183");
    private static final PartNumber BOX = new PartNumber("QV-2107-2");

    /** How many models are set by hand. */
    static final int MODELS = 9;

    private final DemoCatalog demo;
    private final PartGenerator stockroom;
    private final PlatformBuilder.Line line;
    private final boolean withFits;

    CuratedData(DemoCatalog demo, PartGenerator stockroom, PlatformBuilder.Line line, boolean withFits) {
        this.demo = demo;
        this.stockroom = stockroom;
        this.line = line;
        this.withFits = withFits;
    }

    /** What belongs to the line, which has just been made. */
    void add() {
        switch (line.platform()) {
            case "Skerry" -> skerry();
            case "Skerry Gas" -> {
                demo.list("Skerry Gas", "belt", OLD_BELT);
                model("DG7-4082W", "Orrinvale", Fuel.NATURAL_GAS, 30);
                model("TG-7820-W", "Thistlemoor", Fuel.LP, 18);
            }
            case "Fathom" -> {
                motors();
                model("HV-4415-W", "Halvorn", Fuel.ELECTRIC, 35);
            }
            case "Fathom Gas" -> model("PG-4470-K", "Pelladine", Fuel.NATURAL_GAS, 22);
            case "Lantern" -> {
                fuse();
                model("TM-2205-B", "Thistlemoor", null, 45);
            }
            case "Hearth" -> knob();
            case "Weir" -> upperRack(new PartNumber("QV-4821"), PlatformBuilder.NORTH);
            case "Millrace" -> upperRack(new PartNumber("HN-4831"), PlatformBuilder.SOUTH);
            case "Brook" -> upperRack(new PartNumber("HN-4926"), PlatformBuilder.SOUTH);
            case "Lantern South" -> model("MM-3310-S", "Mirrabrook", null, 25);
            default -> {
                // the other lines have nothing that is set by hand
            }
        }
    }

    private void skerry() {
        chain();
        rollerKit();
        heaterBox();
        doorCatch();
        doorSwitch();
        model("TH-7820-W", "Thistlemoor", Fuel.ELECTRIC, 60);
        model("TH-7B20-S", "Thistlemoor", Fuel.ELECTRIC, 4);
        model("DE7-4082W", "Orrinvale", Fuel.ELECTRIC, 40);
    }

    /** A belt replaced twice, dropping in each time; machines still list the first. */
    private void chain() {
        PartNumber second = new PartNumber("QV-1180-1");
        stockroom.north(OLD_BELT, "drum-belt", Part.Status.SUPERSEDED, 0);
        stockroom.north(second, "drum-belt", Part.Status.SUPERSEDED, 0);
        stockroom.north(BELT, "drum-belt", Part.Status.CURRENT, 1450);
        stockroom.likewise(OLD_BELT, BELT);
        stockroom.likewise(second, BELT);
        stockroom.supersede(new Supersession(OLD_BELT, "1", second, 1, "", LocalDate.of(2015, 3, 1)));
        stockroom.supersede(new Supersession(second, "1", BELT, 1, "", LocalDate.of(2021, 9, 1)));
        demo.list("Skerry", "belt", OLD_BELT);
    }

    /** Four rollers, their rings, the idler and the belt, for less than one by one. */
    private void rollerKit() {
        PartNumber kit = new PartNumber("QV-4410-K");
        demo.list("Skerry", "idler", demo.now("Skerry", "idler"));
        stockroom.north(kit, "dryer-repair-kit", Part.Status.CURRENT, 4190);
        stockroom.kit(new KitContent(kit, stockroom.today(demo.now("Skerry", "rear-roller")), 4));
        stockroom.kit(new KitContent(kit, stockroom.today(demo.now("Skerry", "roller-rings")), 8));
        stockroom.kit(new KitContent(kit, stockroom.today(demo.now("Skerry", "idler")), 1));
        stockroom.kit(new KitContent(kit, BELT, 1));
    }

    /** The box of today wants a tab trimmed; it brings thermostat and fuse. */
    private void heaterBox() {
        PartNumber old = new PartNumber("QV-2107");
        stockroom.north(old, "heater-assembly", Part.Status.SUPERSEDED, 0);
        stockroom.north(BOX, "heater-assembly", Part.Status.CURRENT, 6350);
        stockroom.likewise(old, BOX);
        stockroom.supersede(new Supersession(old, "1", BOX, 1, "trim the tab on the case", LocalDate.of(2019, 5, 1)));
        stockroom.kit(new KitContent(BOX, stockroom.today(demo.now("Skerry", "high-limit")), 1));
        stockroom.kit(new KitContent(BOX, stockroom.today(demo.now("Skerry", "thermal-cutoff")), 1));
        demo.list("Skerry", "heater", old);
    }

    /** The fuse that people come back for, and the switches that blow it. */
    private void fuse() {
        PartNumber fuse = new PartNumber("QV-3120");
        PartNumber interlock = new PartNumber("QV-3121");
        stockroom.north(fuse, "line-fuse", Part.Status.CURRENT, 310);
        stockroom.north(interlock, "door-interlock-switch", Part.Status.CURRENT, 580);
        demo.list("Lantern", "line-fuse", fuse);
        demo.list("Lantern", "interlock", interlock);
    }

    /** The catch became a catch and a strike sold apart, and the strike has become a kit since. */
    private void doorCatch() {
        PartNumber whole = new PartNumber("QV-1320");
        PartNumber bare = new PartNumber("QV-1322");
        PartNumber strike = new PartNumber("QV-1323");
        PartNumber kit = new PartNumber("QV-1325-K");
        PartNumber plate = new PartNumber("QV-1326");
        PartNumber screw = new PartNumber("QV-1327");
        stockroom.handSet(
                whole, PlatformBuilder.NORTH, "door-catch", "door catch with strike", Part.Status.SUPERSEDED, 0);
        stockroom.handSet(
                bare, PlatformBuilder.NORTH, "door-catch", "door catch without strike", Part.Status.CURRENT, 640);
        stockroom.handSet(strike, PlatformBuilder.NORTH, "door-catch", "strike", Part.Status.SUPERSEDED, 0);
        stockroom.handSet(kit, PlatformBuilder.NORTH, "door-catch", "strike kit", Part.Status.CURRENT, 480);
        stockroom.handSet(plate, PlatformBuilder.NORTH, "door-catch", "strike plate", Part.Status.CURRENT, 390);
        stockroom.handSet(screw, PlatformBuilder.NORTH, "door-catch", "strike screw", Part.Status.CURRENT, 70);
        Optional<LocalDate> split = Optional.of(LocalDate.of(2018, 2, 1));
        stockroom.supersede(new Supersession(whole, "1", bare, 1, "", split.orElse(null)));
        stockroom.supersede(new Supersession(whole, "1", strike, 1, "", split.orElse(null)));
        stockroom.supersede(
                new Supersession(strike, "1", kit, 1, "drill the upper hole to 5 mm", LocalDate.of(2023, 10, 1)));
        stockroom.kit(new KitContent(kit, plate, 1));
        stockroom.kit(new KitContent(kit, screw, 2));
        demo.list("Skerry", "door-catch", whole);
    }

    /** The same dryer under two brands, but for its door switch. */
    private void doorSwitch() {
        PartNumber theirs = new PartNumber("QV-1441");
        stockroom.handSet(
                theirs, PlatformBuilder.NORTH, "door-switch", "door switch, long lead", Part.Status.CURRENT, 1380);
        demo.list("DE74082W", "door-switch", List.of(new DemoCatalog.Listed(theirs, BuildRange.ALWAYS)));
    }

    /** Another motor from a serial on, in the middle of a build year. */
    private void motors() {
        PartNumber early = new PartNumber("HN-3340");
        PartNumber late = new PartNumber("HN-3342");
        stockroom.handSet(
                early, PlatformBuilder.SOUTH, "drive-motor", "drive motor, 5 terminals", Part.Status.CURRENT, 11250);
        stockroom.handSet(
                late, PlatformBuilder.SOUTH, "drive-motor", "drive motor, 4 terminals", Part.Status.CURRENT, 10480);
        demo.list(
                "Fathom",
                "motor",
                List.of(
                        new DemoCatalog.Listed(early, BuildRange.ALWAYS, new SerialRange(null, "9E-H41999")),
                        new DemoCatalog.Listed(late, BuildRange.ALWAYS, new SerialRange("9E-H42000", null))));
    }

    /** The upper rack is not the lower one: it has a number of its own. */
    private void upperRack(PartNumber rack, String maker) {
        stockroom.handSet(rack, maker, "dish-rack", "upper dish rack", Part.Status.CURRENT, 10_450);
        demo.list(line.platform(), "upper-rack", rack);
    }

    /** No longer made; one of the same specification is, and a few are left on a shelf. */
    private void knob() {
        PartNumber knob = new PartNumber("QV-6610");
        Map<String, String> specs = Map.of("shaft-mm", "6", "shaft-shape", "d-shaped", "diameter-mm", "42");
        stockroom.handSet(
                knob,
                PlatformBuilder.NORTH,
                "control-knob",
                "control knob, black",
                Part.Status.DISCONTINUED,
                940,
                specs);
        stockroom.handSet(
                new PartNumber("CS-8810"),
                "Corrie Spares",
                "control-knob",
                "control knob, gray",
                Part.Status.CURRENT,
                520,
                Map.of("shaft-mm", "6", "shaft-shape", "d-shaped", "diameter-mm", "40"));
        demo.list("Hearth", "knob", knob);
    }

    private void model(String number, String brand, @Nullable Fuel fuel, double popularity) {
        demo.model(
                line,
                new ModelNumber(number),
                brand,
                fuel,
                popularity,
                DemoPlaces.usualKinds(line.appliance(), line.layout()),
                withFits);
    }
}
