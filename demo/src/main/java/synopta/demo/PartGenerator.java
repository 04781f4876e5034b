package synopta.demo;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.TreeMap;
import java.util.function.BiFunction;
import synopta.core.catalog.Brand;
import synopta.core.catalog.BuildRange;
import synopta.core.catalog.CatalogTables;
import synopta.core.catalog.Equivalent;
import synopta.core.catalog.Fit;
import synopta.core.catalog.KitContent;
import synopta.core.catalog.Model;
import synopta.core.catalog.Part;
import synopta.core.catalog.PartNumber;
import synopta.core.catalog.PartPrice;
import synopta.core.catalog.Platform;
import synopta.core.catalog.Slot;
import synopta.core.catalog.Stock;
import synopta.core.catalog.Supersession;
import synopta.core.quantity.Money;

/** Makes the parts of the scenario, with what they replaced, the alternatives of them, prices and stock. */
final class PartGenerator {
    static final List<String> BRANCHES = List.of("Ropewalk", "Staithe", "Hill Depot");

    private static final List<String> MAKERS = List.of("Corrie Spares", "Pennant Parts", "Oakum & Daughter");

    private final long seed;
    private Random random = new Random();
    private final Map<PartNumber, Part> parts = new LinkedHashMap<>();
    private final List<Supersession> supersessions = new ArrayList<>();
    private final Map<PartNumber, PartNumber> replacedBy = new HashMap<>();
    private final List<KitContent> kits = new ArrayList<>();
    private final List<Equivalent> equivalents = new ArrayList<>();
    private final List<PartPrice> prices = new ArrayList<>();
    private final List<Stock> stock = new ArrayList<>();
    private final Map<String, List<DemoCatalog.Listed>> known = new HashMap<>();
    private int nextNumber = 5000;

    PartGenerator(long seed) {
        this.seed = seed;
        random = PartTraits.chances(seed, "");
    }

    CatalogTables tables(
            List<Brand> brands, List<Platform> platforms, List<Slot> slots, List<Model> models, List<Fit> fits) {
        return new CatalogTables(
                brands,
                SerialSchemes.ALL,
                platforms,
                slots,
                models,
                List.copyOf(parts.values()),
                fits,
                supersessions,
                kits,
                equivalents,
                prices,
                stock,
                DemoCodes.ALL);
    }

    /** What a platform lists at a place: one part, or an early and a late one. */
    List<DemoCatalog.Listed> listed(PlatformBuilder.Line line, DemoPlaces.Place place) {
        String owner = PartTraits.ofAFamily(place.partType()) ? line.family() : line.platform();
        return known.computeIfAbsent(place.partType() + "/" + owner, made -> {
            random = PartTraits.chances(seed, made);
            if (PartTraits.ofAFamily(place.partType()) || random.nextInt(100) >= 30) {
                return List.of(new DemoCatalog.Listed(genuine(line, place), BuildRange.ALWAYS));
            }
            LocalDate turn = LocalDate.of(2012 + random.nextInt(8), 1 + random.nextInt(12), 1);
            return List.of(
                    new DemoCatalog.Listed(genuine(line, place), new BuildRange(null, turn.minusDays(1))),
                    new DemoCatalog.Listed(genuine(line, place), new BuildRange(turn, null)));
        });
    }

    /** A genuine part; most have forerunners, many an equivalent of another make. Machines may list a forerunner. */
    private PartNumber genuine(PlatformBuilder.Line line, DemoPlaces.Place place) {
        String prefix = line.family().equals(PlatformBuilder.NORTH) ? "QV" : "HN";
        nextNumber += SmallParts.has(prefix, nextNumber) ? 1 : 0;
        PartNumber number = new PartNumber("%s-%d".formatted(prefix, nextNumber));
        nextNumber += 7 + random.nextInt(20);
        int pack = place.partType().equals("drum-glide") ? 2 : 1;
        int cents = around(place.cents());
        Map<String, String> specs = measured(number, place.partType(), PartTraits.specs(place.partType(), random));
        part(number, line.family(), place.partType(), true, Part.Status.CURRENT, pack, cents, specs);
        PartNumber newer = number;
        boolean plain = PartTraits.PLAIN.contains(place.partType());
        int predecessors = plain ? 0 : Math.max(0, random.nextInt(5) - 1);
        for (int i = 0; i < predecessors; i++) {
            PartNumber old = new PartNumber("%s-%d%s".formatted(prefix, nextNumber - 3, i == 0 ? "" : "-" + i));
            part(old, line.family(), place.partType(), true, Part.Status.SUPERSEDED, pack, 0, specs);
            LocalDate since = LocalDate.of(2022 - 3 * i, 1 + random.nextInt(12), 1);
            supersede(new Supersession(old, "1", newer, 1, "", since));
            newer = old;
        }
        for (String maker : MAKERS) {
            boolean made = !plain && !PartTraits.NOBODY_ELSE_MAKES.contains(place.partType());
            if (random.nextInt(100) < 45 && made) {
                PartNumber other = new PartNumber("%s-%d".formatted(maker.substring(0, 1) + "S", 4000 + nextNumber));
                part(other, maker, place.partType(), false, Part.Status.CURRENT, pack, cents * 7 / 10, specs);
                equivalents.add(new Equivalent(number, other, "same-spec"));
            }
        }
        return random.nextBoolean() ? number : newer;
    }

    /** With chances of their own, so that nothing else of the catalog depends on them. */
    private Map<String, String> measured(PartNumber number, String type, Map<String, String> there) {
        return SpecGenerator.of(type, there, PartTraits.chances(seed, "measures of " + number.key()));
    }

    private int around(int cents) {
        return Math.max(100, cents * (90 + random.nextInt(21)) / 100 / 5 * 5);
    }

    /** A genuine part of the North Works. */
    void north(PartNumber number, String type, Part.Status status, int cents) {
        part(
                number,
                PlatformBuilder.NORTH,
                type,
                true,
                status,
                1,
                cents,
                measured(number, type, PartTraits.specs(type, random)));
    }

    /** A part set by hand, with a name of its own and what parts of its type can be measured at. */
    void handSet(PartNumber number, String maker, String type, String name, Part.Status status, int cents) {
        handSet(number, maker, type, name, status, cents, measured(number, type, Map.of()));
    }

    /** The same with these specifications. Its chances are its own, so that nothing else depends on it. */
    void handSet(
            PartNumber number,
            String maker,
            String type,
            String name,
            Part.Status status,
            int cents,
            Map<String, String> specs) {
        Random before = random;
        random = PartTraits.chances(seed, "by hand " + number.key());
        boolean genuine = !MAKERS.contains(maker);
        part(number, maker, type, genuine, status, 1, cents, specs);
        Part made = parts.get(number);
        parts.put(number, new Part(number, maker, type, name, genuine, status, 1, made.returnable(), made.specs()));
        random = before;
    }

    boolean has(PartNumber number) {
        return parts.containsKey(number);
    }

    /** What drops in is measured alike. */
    void likewise(PartNumber number, PartNumber as) {
        Part part = parts.get(number);
        parts.put(
                number,
                new Part(
                        number,
                        part.maker(),
                        part.partType(),
                        part.name(),
                        part.genuine(),
                        part.status(),
                        part.packQuantity(),
                        part.returnable(),
                        parts.get(as).specs()));
    }

    /** Adds a part with its price (none when 0) and stock. */
    private void part(
            PartNumber number,
            String maker,
            String type,
            boolean genuine,
            Part.Status status,
            int pack,
            int cents,
            Map<String, String> specs) {
        boolean electrical = Set.of("control-board", "drive-motor", "heater-assembly", "gas-igniter", "magnetron")
                .contains(type);
        parts.put(
                number,
                new Part(
                        number,
                        maker,
                        type,
                        PartTraits.name(type, pack),
                        genuine,
                        status,
                        pack,
                        !electrical,
                        new TreeMap<>(specs)));
        if (cents > 0) {
            prices.add(new PartPrice(number, new Money(cents, DemoCatalog.CURRENCY)));
            for (int i = 0; i < BRANCHES.size(); i++) {
                int most = i == 0 ? 9 : 5;
                stock.add(new Stock(BRANCHES.get(i), number, random.nextInt(most), i == 2 ? 2 : 1));
            }
        }
    }

    void supersede(Supersession row) {
        supersessions.add(row);
        replacedBy.put(row.oldPart(), row.newPart());
    }

    void kit(KitContent row) {
        kits.add(row);
    }

    /** A part that is sold in place of its contents. */
    void kit(
            PlatformBuilder.Line line,
            String type,
            int cents,
            Map<String, Integer> contents,
            BiFunction<String, String, PartNumber> now) {
        PartNumber kit = new PartNumber(
                "%s-%d-K".formatted(line.family().equals(PlatformBuilder.NORTH) ? "QV" : "HN", nextNumber++));
        part(kit, line.family(), type, true, Part.Status.CURRENT, 1, around(cents), Map.of());
        new TreeMap<>(contents)
                .forEach((slot, pieces) ->
                        kits.add(new KitContent(kit, today(now.apply(line.platform(), slot)), pieces)));
    }

    /** What a part has become: kits hold what is made today. */
    PartNumber today(PartNumber part) {
        PartNumber here = part;
        while (replacedBy.containsKey(here)) {
            here = replacedBy.get(here);
        }
        return here;
    }
}
