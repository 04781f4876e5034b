package synopta.demo;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import synopta.core.catalog.Appliance;
import synopta.core.catalog.Brand;
import synopta.core.catalog.BuildRange;
import synopta.core.catalog.CatalogTables;
import synopta.core.catalog.Equivalent;
import synopta.core.catalog.Fit;
import synopta.core.catalog.Fuel;
import synopta.core.catalog.KitContent;
import synopta.core.catalog.Model;
import synopta.core.catalog.ModelNumber;
import synopta.core.catalog.Part;
import synopta.core.catalog.PartNumber;
import synopta.core.catalog.Platform;
import synopta.core.catalog.Priced;
import synopta.core.catalog.Slot;
import synopta.core.catalog.Stock;
import synopta.core.catalog.Supersession;
import synopta.core.quantity.Money;

/** Makes the demo catalogue: the same seed and size give the same rows. */
public final class DemoCatalogue {
    /** The currency of the island. */
    public static final String CURRENCY = "EUR";
    /** The fewest models: those set by hand and a few beside them. */
    public static final int FEWEST_MODELS = 60;

    static final List<String> BRANCHES = List.of("Ropewalk", "Staithe", "Hill Depot");

    /** Part types that differ from platform to platform; the others are shared in a family. */
    private static final Set<String> OF_A_PLATFORM = Set.of(
            "control-board",
            "drive-motor",
            "door-switch",
            "blower-wheel",
            "lint-filter",
            "moisture-sensor",
            "start-switch",
            "turntable-coupler",
            "lamp",
            "cooling-fan",
            "drum-seal",
            "heater-thermostat",
            "vent-duct");

    private final Random random;
    private final List<Brand> brands = new ArrayList<>();
    private final List<Platform> platforms = new ArrayList<>();
    private final List<Slot> slots = new ArrayList<>();
    private final List<Model> models = new ArrayList<>();
    private final Map<PartNumber, Part> parts = new LinkedHashMap<>();
    private final List<Fit> fits = new ArrayList<>();
    private final List<Supersession> supersessions = new ArrayList<>();
    private final List<KitContent> kits = new ArrayList<>();
    private final List<Equivalent> equivalents = new ArrayList<>();
    private final List<Priced> prices = new ArrayList<>();
    private final List<Stock> stock = new ArrayList<>();
    private final Map<String, PartNumber> listed = new LinkedHashMap<>();
    private int nextNumber = 1100;

    private DemoCatalogue(long seed) {
        random = new Random(seed);
    }

    /** The catalogue of a seed with about so many models, at least {@value #FEWEST_MODELS}. */
    public static CatalogTables of(long seed, int models) {
        DemoCatalogue demo = new DemoCatalogue(seed);
        Build.BRANDS.forEach((brand, names) -> demo.brands.add(new Brand(brand, names.get(0))));
        demo.brands.sort(Comparator.comparing(Brand::brand));
        Build.LINES.forEach(demo::platform);
        new HandSet(demo).add();
        int each = Math.max(models, FEWEST_MODELS) / (Build.LINES.size() * 5 / 2);
        Build.LINES.forEach(line -> demo.models(line, each));
        return new CatalogTables(
                demo.brands,
                demo.platforms,
                demo.slots,
                demo.models,
                List.copyOf(demo.parts.values()),
                demo.fits,
                demo.supersessions,
                demo.kits,
                demo.equivalents,
                demo.prices,
                demo.stock);
    }

    private void platform(Build.Line line) {
        platforms.add(new Platform(line.platform(), line.appliance(), line.layout(), ""));
        for (Build.Place place : line.places()) {
            slots.add(new Slot(line.platform(), place.slot(), place.partType(), place.quantity(), ""));
            String key = place.partType() + "/"
                    + (OF_A_PLATFORM.contains(place.partType()) ? line.platform() : line.family());
            PartNumber part = listed.computeIfAbsent(key, k -> genuine(line, place));
            listed.put(line.platform() + "/" + place.slot(), part);
        }
    }

    /** A genuine part; some have a forerunner, some an equivalent of another make. */
    private PartNumber genuine(Build.Line line, Build.Place place) {
        String prefix = line.family().equals(Build.NORTH) ? "QV" : "HN";
        PartNumber number = new PartNumber("%s-%d".formatted(prefix, nextNumber));
        nextNumber += 7 + random.nextInt(20);
        int pack = place.partType().equals("drum-glide") ? 2 : 1;
        int cents = around(place.cents());
        part(number, line.family(), place.partType(), true, Part.Status.CURRENT, pack, cents);
        if (random.nextInt(100) < 45) {
            PartNumber old = new PartNumber("%s-%d".formatted(prefix, nextNumber - 3));
            part(old, line.family(), place.partType(), true, Part.Status.SUPERSEDED, pack, 0);
            supersessions.add(new Supersession(old, 1, number, 1, ""));
        }
        if (random.nextInt(100) < 40) {
            PartNumber other = new PartNumber("CS-%d".formatted(4000 + nextNumber));
            part(other, "Corrie Spares", place.partType(), false, Part.Status.CURRENT, pack, cents * 7 / 10);
            equivalents.add(new Equivalent(number, other, "same-spec"));
        }
        return number;
    }

    private int around(int cents) {
        return Math.max(100, cents * (90 + random.nextInt(21)) / 100 / 5 * 5);
    }

    /** Adds a part with its price (none when 0) and stock. */
    void part(PartNumber number, String maker, String type, boolean genuine, Part.Status status, int pack, int cents) {
        boolean electrical = Set.of("control-board", "drive-motor", "heater-assembly", "gas-igniter", "magnetron")
                .contains(type);
        parts.put(
                number, new Part(number, maker, type, name(type, pack), genuine, status, pack, !electrical, Map.of()));
        if (cents > 0) {
            prices.add(new Priced(number, new Money(cents, CURRENCY)));
            for (int i = 0; i < BRANCHES.size(); i++) {
                int most = i == 0 ? 9 : 5;
                stock.add(new Stock(BRANCHES.get(i), number, random.nextInt(most), i == 2 ? 2 : 1));
            }
        }
    }

    private static String name(String type, int pack) {
        String name = type.equals("roller-hardware") ? "roller ring with washer" : type.replace('-', ' ');
        return pack > 1 ? "%s, pack of %d".formatted(name, pack) : name;
    }

    void supersede(Supersession row) {
        supersessions.add(row);
    }

    void kit(KitContent row) {
        kits.add(row);
    }

    PartNumber listedAt(String platform, String slot) {
        return listed.get(platform + "/" + slot);
    }

    void list(String platform, String slot, PartNumber part) {
        listed.put(platform + "/" + slot, part);
    }

    private void models(Build.Line line, int each) {
        Set<String> taken = new HashSet<>();
        models.forEach(m -> taken.add(m.number().key()));
        for (String brand : Build.BRANDS.keySet().stream().sorted().toList()) {
            if (!Build.BRANDS.get(brand).get(0).equals(line.family())) {
                continue;
            }
            for (int i = 0; i < each; i++) {
                Optional<Fuel> fuel = line.fuels().isEmpty()
                        ? Optional.empty()
                        : Optional.of(
                                line.fuels().get(random.nextInt(line.fuels().size())));
                ModelNumber number = number(line, brand, fuel, taken, each);
                model(line, number, brand, fuel, 1 + random.nextInt(20));
            }
        }
    }

    private ModelNumber number(Build.Line line, String brand, Optional<Fuel> fuel, Set<String> taken, int each) {
        List<String> names = Build.BRANDS.get(brand);
        String prefix = line.appliance() == Appliance.MICROWAVE
                ? names.get(3)
                : names.get(fuel.map(Fuel::isGas).orElse(false) ? 2 : 1);
        int digits = each < 400 ? 3 : 6;
        while (true) {
            StringBuilder body = new StringBuilder(line.digit());
            for (int i = 0; i < digits; i++) {
                body.append(random.nextInt(10));
            }
            String written = "%s%s-%s".formatted(prefix, body, "WSBKG".charAt(random.nextInt(5)));
            ModelNumber number = new ModelNumber(written.toUpperCase(Locale.ROOT));
            if (taken.add(number.key())) {
                return number;
            }
        }
    }

    /** Adds a model and lists the platform's parts for it. */
    void model(Build.Line line, ModelNumber number, String brand, Optional<Fuel> fuel, double popularity) {
        int from = 2009 + random.nextInt(10);
        BuildRange built = new BuildRange(
                Optional.of(LocalDate.of(from, 1 + random.nextInt(12), 1)),
                Optional.of(LocalDate.of(from + 3 + random.nextInt(5), 1 + random.nextInt(12), 28)));
        int volts = fuel.map(f -> f == Fuel.ELECTRIC).orElse(false) ? 240 : 120;
        models.add(new Model(number, brand, line.appliance(), fuel, volts, line.platform(), built, popularity, ""));
        for (Build.Place place : line.places()) {
            fits.add(new Fit(
                    number,
                    place.slot(),
                    listed.get(line.platform() + "/" + place.slot()),
                    place.quantity(),
                    BuildRange.ALWAYS,
                    ""));
        }
    }
}
