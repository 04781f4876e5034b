package synopta.demo;

import java.util.List;
import java.util.Optional;
import synopta.core.catalog.Fuel;
import synopta.core.catalog.KitContent;
import synopta.core.catalog.ModelNumber;
import synopta.core.catalog.Part;
import synopta.core.catalog.PartNumber;
import synopta.core.catalog.Supersession;

/** What is set by hand, because a person will look there: a chain, a change, a kit, an assembly, well-known models. */
final class HandSet {
    private static final PartNumber BELT = new PartNumber("QV-1183");
    private static final PartNumber BOX = new PartNumber("QV-2107-2");

    private final DemoCatalogue demo;

    HandSet(DemoCatalogue demo) {
        this.demo = demo;
    }

    void add() {
        chain();
        rollerKit();
        heaterBox();
        fuse();
        models();
    }

    /** A belt replaced twice, dropping in each time; machines still list the first. */
    private void chain() {
        PartNumber first = new PartNumber("QV-1180");
        PartNumber second = new PartNumber("QV-1180-1");
        demo.part(first, Build.NORTH, "drum-belt", true, Part.Status.SUPERSEDED, 1, 0);
        demo.part(second, Build.NORTH, "drum-belt", true, Part.Status.SUPERSEDED, 1, 0);
        demo.part(BELT, Build.NORTH, "drum-belt", true, Part.Status.CURRENT, 1, 1450);
        demo.supersede(new Supersession(first, 1, second, 1, ""));
        demo.supersede(new Supersession(second, 1, BELT, 1, ""));
        demo.list("Skerry", "belt", first);
        demo.list("Skerry Gas", "belt", first);
    }

    /** Four rollers, their rings, the idler and the belt, for less than one by one. */
    private void rollerKit() {
        PartNumber kit = new PartNumber("QV-4410-K");
        demo.part(kit, Build.NORTH, "dryer-repair-kit", true, Part.Status.CURRENT, 1, 4190);
        demo.kit(new KitContent(kit, demo.listedAt("Skerry", "rear-roller"), 4));
        demo.kit(new KitContent(kit, demo.listedAt("Skerry", "roller-rings"), 8));
        demo.kit(new KitContent(kit, demo.listedAt("Skerry", "idler"), 1));
        demo.kit(new KitContent(kit, BELT, 1));
    }

    /** The box of today wants a tab trimmed; it brings thermostat and fuse. */
    private void heaterBox() {
        PartNumber old = new PartNumber("QV-2107");
        demo.part(old, Build.NORTH, "heater-assembly", true, Part.Status.SUPERSEDED, 1, 0);
        demo.part(BOX, Build.NORTH, "heater-assembly", true, Part.Status.CURRENT, 1, 6350);
        demo.supersede(new Supersession(old, 1, BOX, 1, "trim the tab on the casing"));
        demo.kit(new KitContent(BOX, demo.listedAt("Skerry", "high-limit"), 1));
        demo.kit(new KitContent(BOX, demo.listedAt("Skerry", "thermal-fuse"), 1));
        demo.list("Skerry", "heater", old);
    }

    /** The fuse that people come back for, and the switches that blow it. */
    private void fuse() {
        PartNumber fuse = new PartNumber("QV-3120");
        PartNumber interlock = new PartNumber("QV-3121");
        demo.part(fuse, Build.NORTH, "line-fuse", true, Part.Status.CURRENT, 1, 310);
        demo.part(interlock, Build.NORTH, "door-interlock-switch", true, Part.Status.CURRENT, 1, 580);
        demo.list("Lantern", "line-fuse", fuse);
        demo.list("Lantern", "interlock", interlock);
    }

    private void models() {
        List<Build.Line> lines = Build.LINES;
        model(lines.get(0), "TH-7820-W", "Thistlemoor", Optional.of(Fuel.ELECTRIC), 60);
        model(lines.get(0), "TH-7B20-S", "Thistlemoor", Optional.of(Fuel.ELECTRIC), 4);
        model(lines.get(0), "DE7-4082W", "Orrinvale", Optional.of(Fuel.ELECTRIC), 40);
        model(lines.get(1), "DG7-4082W", "Orrinvale", Optional.of(Fuel.NATURAL_GAS), 30);
        model(lines.get(1), "TG-7820-W", "Thistlemoor", Optional.of(Fuel.LP), 18);
        model(lines.get(2), "HV-4415-W", "Halvorn", Optional.of(Fuel.ELECTRIC), 35);
        model(lines.get(3), "PG-4470-K", "Pelladine", Optional.of(Fuel.NATURAL_GAS), 22);
        model(lines.get(4), "TM-2205-B", "Thistlemoor", Optional.empty(), 45);
        model(lines.get(5), "MM-3310-S", "Mirrabrook", Optional.empty(), 25);
    }

    private void model(Build.Line line, String number, String brand, Optional<Fuel> fuel, double popularity) {
        demo.model(line, new ModelNumber(number), brand, fuel, popularity);
    }
}
