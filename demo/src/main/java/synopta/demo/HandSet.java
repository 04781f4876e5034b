package synopta.demo;

import java.time.LocalDate;
import java.util.Optional;
import synopta.core.catalog.Fuel;
import synopta.core.catalog.KitContent;
import synopta.core.catalog.ModelNumber;
import synopta.core.catalog.Part;
import synopta.core.catalog.PartNumber;
import synopta.core.catalog.Supersession;

/** What is set by hand, because a person will look there: a chain, a change, a kit, an assembly, well-known models. */
final class HandSet {
    private static final PartNumber OLD_BELT = new PartNumber("QV-1180");
    private static final PartNumber BELT = new PartNumber("QV-1183");
    private static final PartNumber BOX = new PartNumber("QV-2107-2");

    /** How many models are set by hand. */
    static final int MODELS = 9;

    private final DemoCatalogue demo;
    private final Stockroom stockroom;
    private final Build.Line line;
    private final boolean withFits;

    HandSet(DemoCatalogue demo, Stockroom stockroom, Build.Line line, boolean withFits) {
        this.demo = demo;
        this.stockroom = stockroom;
        this.line = line;
        this.withFits = withFits;
    }

    /** What belongs to the line, which has just been made. */
    void add() {
        switch (line.platform()) {
            case "Skerry" -> {
                chain();
                rollerKit();
                heaterBox();
                model("TH-7820-W", "Thistlemoor", Optional.of(Fuel.ELECTRIC), 60);
                model("TH-7B20-S", "Thistlemoor", Optional.of(Fuel.ELECTRIC), 4);
                model("DE7-4082W", "Orrinvale", Optional.of(Fuel.ELECTRIC), 40);
            }
            case "Skerry Gas" -> {
                demo.list("Skerry Gas", "belt", OLD_BELT);
                model("DG7-4082W", "Orrinvale", Optional.of(Fuel.NATURAL_GAS), 30);
                model("TG-7820-W", "Thistlemoor", Optional.of(Fuel.LP), 18);
            }
            case "Fathom" -> model("HV-4415-W", "Halvorn", Optional.of(Fuel.ELECTRIC), 35);
            case "Fathom Gas" -> model("PG-4470-K", "Pelladine", Optional.of(Fuel.NATURAL_GAS), 22);
            case "Lantern" -> {
                fuse();
                model("TM-2205-B", "Thistlemoor", Optional.empty(), 45);
            }
            case "Lantern South" -> model("MM-3310-S", "Mirrabrook", Optional.empty(), 25);
            default -> {
                // the other lines have nothing that is set by hand
            }
        }
    }

    /** A belt replaced twice, dropping in each time; machines still list the first. */
    private void chain() {
        PartNumber second = new PartNumber("QV-1180-1");
        stockroom.north(OLD_BELT, "drum-belt", Part.Status.SUPERSEDED, 0);
        stockroom.north(second, "drum-belt", Part.Status.SUPERSEDED, 0);
        stockroom.north(BELT, "drum-belt", Part.Status.CURRENT, 1450);
        stockroom.supersede(new Supersession(OLD_BELT, "1", second, 1, "", Optional.of(LocalDate.of(2015, 3, 1))));
        stockroom.supersede(new Supersession(second, "1", BELT, 1, "", Optional.of(LocalDate.of(2021, 9, 1))));
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
        stockroom.supersede(new Supersession(
                old, "1", BOX, 1, "trim the tab on the casing", Optional.of(LocalDate.of(2019, 5, 1))));
        stockroom.kit(new KitContent(BOX, stockroom.today(demo.now("Skerry", "high-limit")), 1));
        stockroom.kit(new KitContent(BOX, stockroom.today(demo.now("Skerry", "thermal-fuse")), 1));
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

    private void model(String number, String brand, Optional<Fuel> fuel, double popularity) {
        demo.model(line, new ModelNumber(number), brand, fuel, popularity, withFits);
    }
}
