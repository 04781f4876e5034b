package synopta.demo;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import synopta.core.catalog.Brand;
import synopta.core.catalog.BuildRange;
import synopta.core.catalog.CatalogTables;
import synopta.core.catalog.Fit;
import synopta.core.catalog.Fuel;
import synopta.core.catalog.Model;
import synopta.core.catalog.ModelNumber;
import synopta.core.catalog.PartNumber;
import synopta.core.catalog.Platform;
import synopta.core.catalog.SerialRange;
import synopta.core.catalog.Slot;

/** Makes the demo catalog: the same seed and size give the same rows. */
public final class DemoCatalog {
    /** The currency of the island. */
    public static final String CURRENCY = "USD";
    /** How many models the scenario has. */
    public static final int MODELS = 400;

    /** The demo's data are made from this. */
    public static final long SEED = 7;

    /** From so many models on the constructions are made again, each time for so many models. */
    private static final int MODELS_OF_A_ROUND = 8_000;

    private static final String LETTERS = "ABCDEFGHJKLMNPRSTUVWXYZ";
    private static final String COLOURS = "WSBKG";

    private final long seed;
    private Random random = new Random();
    private final int rounds;
    private double due;
    private final List<Platform> platforms = new ArrayList<>();
    private final List<Slot> slots = new ArrayList<>();
    private final List<Model> models = new ArrayList<>();
    private final Set<String> taken = new HashSet<>();
    private final List<Fit> fits = new ArrayList<>();
    private final PartGenerator stockroom;
    private final Map<String, List<Listed>> listed = new HashMap<>();

    /** What a platform lists at a place, for machines built within a range and with serials within another. */
    record Listed(PartNumber part, BuildRange built, SerialRange serials) {
        /** For all serials. */
        Listed(PartNumber part, BuildRange built) {
            this(part, built, SerialRange.ALL);
        }
    }

    private DemoCatalog(long seed, int models) {
        this.seed = seed;
        stockroom = new PartGenerator(seed);
        rounds = 1 + models / MODELS_OF_A_ROUND;
    }

    /** The catalog of a seed with about so many models, and never fewer than those set by hand. */
    public static CatalogTables of(long seed, int models) {
        return new DemoCatalog(seed, models).made(models, true);
    }

    /** The models alone of the same catalog: what a tag is read against, for sizes whose fits would fill a machine. */
    public static List<Model> modelsOf(long seed, int models) {
        return new DemoCatalog(seed, models).made(models, false).models();
    }

    private CatalogTables made(int wanted, boolean withFits) {
        List<Brand> brands = new ArrayList<>();
        PlatformBuilder.BRANDS.forEach((brand, naming) -> brands.add(new Brand(
                brand, naming.family(), SerialSchemes.of(naming.family()).scheme())));
        brands.sort(Comparator.comparing(Brand::brand));
        int makes =
                PlatformBuilder.LINES.stream().mapToInt(l -> brandsOf(l).size()).sum();
        double each = Math.max(0, wanted - CuratedData.MODELS) / (double) (makes * rounds);
        for (int round = 0; round < rounds; round++) {
            for (PlatformBuilder.Line base : PlatformBuilder.LINES) {
                PlatformBuilder.Line line =
                        round == 0 ? base : base.again(base.platform() + " " + round, series(base, round));
                random = PartTraits.chances(seed, line.platform());
                platform(line);
                if (round == 0) {
                    new CuratedData(this, stockroom, line, withFits).add();
                }
                DemoKits.add(line, stockroom, this::now);
                models(line, each, withFits);
            }
        }
        return stockroom.tables(brands, platforms, slots, models, fits);
    }

    /** Adds models of each brand; what is left of one goes to the next. */
    private void models(PlatformBuilder.Line line, double each, boolean withFits) {
        int made = 0;
        for (String brand : brandsOf(line)) {
            due += each;
            for (; due >= 1; due--) {
                Fuel fuel = fuel(line).orElse(null);
                ModelNumber number = number(line, brand, fuel);
                model(line, number, brand, fuel, popularity(), kinds(line, number, made++), withFits);
            }
        }
    }

    private static List<String> brandsOf(PlatformBuilder.Line line) {
        return PlatformBuilder.BRANDS.entrySet().stream()
                .filter(e -> e.getValue().family().equals(line.family()))
                .map(Map.Entry::getKey)
                .sorted()
                .toList();
    }

    private String series(PlatformBuilder.Line base, int round) {
        int letters = LETTERS.length();
        return base.series() + LETTERS.charAt(round % letters) + (round / letters);
    }

    private void platform(PlatformBuilder.Line line) {
        platforms.add(new Platform(
                line.platform(),
                line.appliance(),
                line.layout(),
                PlatformBuilder.LOOKS.getOrDefault(line.layout(), "")));
        for (DemoPlaces.Place place : line.places()) {
            slots.add(new Slot(line.platform(), place.slot(), place.partType(), place.quantity(), ""));
            Optional<SmallParts> small = SmallParts.at(line, place);
            if (small.isPresent()) {
                list(line.platform(), place.slot(), small.get().part(line, place.cents(), stockroom));
            } else {
                listed.put(line.platform() + "/" + place.slot(), stockroom.listed(line, place));
            }
        }
    }

    /** What is fitted there in machines built last. */
    PartNumber now(String platform, String slot) {
        List<Listed> all = listed.get(platform + "/" + slot);
        return all.get(all.size() - 1).part();
    }

    /** Lists one part at a place, for all builds. */
    void list(String platform, String slot, PartNumber part) {
        list(platform, slot, List.of(new Listed(part, BuildRange.ALWAYS)));
    }

    /** Lists parts at a place of a platform, or of one model by its key. */
    void list(String whose, String slot, List<Listed> rows) {
        listed.put(whose + "/" + slot, rows);
    }

    private Optional<Fuel> fuel(PlatformBuilder.Line line) {
        return line.fuels().isEmpty()
                ? Optional.empty()
                : Optional.of(line.fuels().get(random.nextInt(line.fuels().size())));
    }

    /** Few models are met often, most seldom. */
    private double popularity() {
        double chance = random.nextDouble();
        return 1 + Math.floor(19 * chance * chance * chance);
    }

    private ModelNumber number(PlatformBuilder.Line line, String brand, @Nullable Fuel fuel) {
        PlatformBuilder.Naming naming = PlatformBuilder.BRANDS.get(brand);
        String prefix = naming.prefixes().get(line.kindOf(fuel).ordinal());
        int digits = rounds == 1 ? 2 : 3;
        for (int tries = 0; ; tries++) {
            StringBuilder written = new StringBuilder(prefix)
                    .append(naming.separator().equals("-") ? "-" : "")
                    .append(line.series());
            for (int i = 0; i < digits + tries / 1000; i++) {
                written.append(random.nextInt(10));
            }
            written.append(naming.separator()).append(COLOURS.charAt(random.nextInt(COLOURS.length())));
            if (rounds > 1) {
                written.append(1 + random.nextInt(3));
            }
            ModelNumber number = new ModelNumber(written.toString());
            if (!taken.contains(number.key())) {
                return number;
            }
        }
    }

    /** Of which kind a model is; with chances of its own, so that nothing else of the catalog depends on them. */
    private Map<String, String> kinds(PlatformBuilder.Line line, ModelNumber number, int made) {
        return DemoPlaces.anyKinds(
                line.appliance(), line.layout(), made, PartTraits.chances(seed, "kinds of " + number.key()));
    }

    /** Adds a model and lists the platform's parts for it. */
    void model(
            PlatformBuilder.Line line,
            ModelNumber number,
            String brand,
            @Nullable Fuel fuel,
            double popularity,
            Map<String, String> kinds,
            boolean withFits) {
        int from = 2009 + random.nextInt(10);
        LocalDate first = LocalDate.of(from, 1 + random.nextInt(12), 1);
        LocalDate last = LocalDate.of(from + 3 + random.nextInt(5), 1 + random.nextInt(12), 28);
        BuildRange built = new BuildRange(first, last);
        boolean burnsGas = Optional.ofNullable(fuel).map(Fuel::isGas).orElse(false);
        int volts = line.fuels().isEmpty() || burnsGas ? 120 : 240;
        taken.add(number.key());
        models.add(new Model(number, brand, line.appliance(), fuel, volts, line.platform(), built, popularity, ""));
        if (withFits) {
            line.places().stream()
                    .filter(place -> place.isIn(fuel, kinds))
                    .forEach(place -> fits(line, place, number, built));
        }
    }

    private void fits(PlatformBuilder.Line line, DemoPlaces.Place place, ModelNumber number, BuildRange built) {
        List<Listed> ofPlatform = listed.get(line.platform() + "/" + place.slot());
        for (Listed row : listed.getOrDefault(number.key() + "/" + place.slot(), ofPlatform)) {
            boolean met = Optional.ofNullable(row.built().from())
                            .map(f -> !f.isAfter(built.to()))
                            .orElse(true)
                    && Optional.ofNullable(row.built().to())
                            .map(t -> !t.isBefore(built.from()))
                            .orElse(true);
            if (met) {
                BuildRange range = row.built().covers(built) ? BuildRange.ALWAYS : row.built();
                fits.add(new Fit(number, place.slot(), row.part(), place.quantity(), range, row.serials(), ""));
            }
        }
    }
}
