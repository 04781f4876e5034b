package synopta.core.catalog;

import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.function.Consumer;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import synopta.core.quantity.Money;

/** A catalog held in memory: for what is small or short-lived, such as a benchmark or a check before an import. */
public final class InMemoryCatalog implements Catalog, CatalogDump {
    private final CatalogTables tables;
    private final Map<ModelNumber, Model> models;
    private final Map<String, List<Model>> onPlatform;
    private final List<Brand> brands;
    private final Map<String, Platform> platforms;
    private final Map<PartNumber, Part> parts;
    private final Map<String, List<Slot>> slots;
    private final Map<ModelNumber, List<Fit>> fits;
    private final Map<PartNumber, List<Supersession>> byOld;
    private final Map<PartNumber, List<Supersession>> byNew;
    private final Map<PartNumber, List<Fit>> fitsOf;
    private final Map<PartNumber, List<KitContent>> byKit;
    private final Map<PartNumber, List<KitContent>> byContent;
    private final Map<PartNumber, List<Equivalent>> byPart;
    private final Map<PartNumber, List<Equivalent>> byEquivalent;
    private final Map<PartNumber, Money> prices;
    private final Map<PartNumber, List<Stock>> stock;
    private final Map<Appliance, List<FaultCode>> codes;

    /** Indexes the tables; two models or parts of one number are refused. */
    public InMemoryCatalog(CatalogTables tables) {
        this.tables = tables;
        models = single(tables.models(), Model::number);
        onPlatform = grouped(tables.models(), Model::platform, Comparator.comparing(Model::number));
        brands = List.copyOf(single(tables.brands(), Brand::brand).values());
        platforms = single(tables.platforms(), Platform::platform);
        parts = single(tables.parts(), Part::number);
        slots = grouped(tables.slots(), Slot::platform, Comparator.comparing(Slot::slot));
        fits = grouped(
                tables.fits(), Fit::model, Comparator.comparing(Fit::slot).thenComparing(Fit::part));
        Comparator<Supersession> byChoice =
                Comparator.comparing(Supersession::choice).thenComparing(Supersession::newPart);
        byOld = grouped(tables.supersessions(), Supersession::oldPart, byChoice);
        byNew = grouped(
                tables.supersessions(),
                Supersession::newPart,
                Comparator.comparing(Supersession::oldPart).thenComparing(Supersession::choice));
        fitsOf = grouped(
                tables.fits(), Fit::part, Comparator.comparing(Fit::model).thenComparing(Fit::slot));
        byKit = grouped(tables.kits(), KitContent::kit, Comparator.comparing(KitContent::content));
        byContent = grouped(tables.kits(), KitContent::content, Comparator.comparing(KitContent::kit));
        byPart = grouped(tables.equivalents(), Equivalent::part, Comparator.comparing(Equivalent::equivalent));
        byEquivalent = grouped(tables.equivalents(), Equivalent::equivalent, Comparator.comparing(Equivalent::part));
        prices = tables.prices().stream().collect(Collectors.toMap(PartPrice::part, PartPrice::price));
        stock = grouped(tables.stock(), Stock::part, Comparator.comparing(Stock::branch));
        codes = grouped(tables.codes(), FaultCode::appliance, FaultCode.IN_ORDER);
    }

    private static <K, V> Map<K, V> single(List<V> rows, Function<V, K> key) {
        return rows.stream()
                .collect(Collectors.toMap(
                        key,
                        row -> row,
                        (a, b) -> {
                            throw new IllegalArgumentException(
                                    "Two rows share one number (%s).".formatted(key.apply(a)));
                        },
                        TreeMap::new));
    }

    private static <K, V> Map<K, List<V>> grouped(List<V> rows, Function<V, K> key, Comparator<V> order) {
        return rows.stream().sorted(order).collect(Collectors.groupingBy(key));
    }

    @Override
    public List<Brand> brands() {
        return brands;
    }

    @Override
    public List<FaultCode> codes(Appliance appliance) {
        return codes.getOrDefault(appliance, List.of());
    }

    @Override
    public List<SerialScheme> serialSchemes() {
        return List.copyOf(single(tables.serialSchemes(), SerialScheme::scheme).values());
    }

    @Override
    public void eachModel(Consumer<Model> reader) {
        models.values().forEach(reader);
    }

    @Override
    public List<Model> modelsOn(String platform) {
        return onPlatform.getOrDefault(platform, List.of());
    }

    @Override
    public Optional<Model> model(ModelNumber number) {
        return Optional.ofNullable(models.get(number));
    }

    @Override
    public Optional<Platform> platform(String platform) {
        return Optional.ofNullable(platforms.get(platform));
    }

    @Override
    public List<Slot> slots(String platform) {
        return slots.getOrDefault(platform, List.of());
    }

    @Override
    public List<Fit> fits(ModelNumber model) {
        return fits.getOrDefault(model, List.of());
    }

    @Override
    public List<Fit> fitsOn(String platform) {
        return modelsOn(platform).stream()
                .flatMap(m -> fits(m.number()).stream())
                .toList();
    }

    @Override
    public List<Fit> fitsAt(String platform, String slot) {
        return fitsOn(platform).stream().filter(fit -> fit.slot().equals(slot)).toList();
    }

    @Override
    public List<ModelUsage> taking(PartNumber part, @Nullable String brand, String after, int rows) {
        return fitsOf.getOrDefault(part, List.of()).stream()
                .filter(fit -> fit.model().key().compareTo(after) > 0)
                .map(fit -> new ModelUsage(models.get(fit.model()), fit))
                .filter(taking -> brand == null || taking.model().brand().equals(brand))
                .limit(rows)
                .toList();
    }

    @Override
    public List<Model> modelsAmong(Collection<String> keys) {
        return models.values().stream()
                .filter(m -> keys.contains(m.number().key()))
                .toList();
    }

    @Override
    public List<Model> modelsFrom(String begins, int most) {
        return models.values().stream()
                .filter(m -> m.number().key().startsWith(begins))
                .limit(most)
                .toList();
    }

    @Override
    public List<Part> partsAmong(Collection<String> keys) {
        return parts.values().stream()
                .filter(p -> keys.contains(p.number().key()))
                .toList();
    }

    @Override
    public List<Part> partsFrom(String begins, int most) {
        return parts.values().stream()
                .filter(p -> p.number().key().startsWith(begins))
                .limit(most)
                .toList();
    }

    @Override
    public Optional<Part> part(PartNumber number) {
        return Optional.ofNullable(parts.get(number));
    }

    @Override
    public List<Part> partsOfType(String partType) {
        return parts.values().stream()
                .filter(p -> p.partType().equals(partType))
                .sorted(Comparator.comparing(p -> p.number().key()))
                .toList();
    }

    @Override
    public List<Supersession> replacementsOf(Collection<PartNumber> oldParts) {
        return all(byOld, oldParts);
    }

    @Override
    public List<Supersession> predecessorsOf(Collection<PartNumber> newParts) {
        return all(byNew, newParts);
    }

    private static <T> List<T> all(Map<PartNumber, List<T>> rows, Collection<PartNumber> keys) {
        return keys.stream()
                .distinct()
                .sorted()
                .flatMap(key -> rows.getOrDefault(key, List.of()).stream())
                .toList();
    }

    @Override
    public List<KitContent> contentsOf(PartNumber kit) {
        return byKit.getOrDefault(kit, List.of());
    }

    @Override
    public List<KitContent> kitsHolding(PartNumber content) {
        return byContent.getOrDefault(content, List.of());
    }

    @Override
    public List<Equivalent> equivalentsOf(PartNumber part) {
        return byPart.getOrDefault(part, List.of());
    }

    @Override
    public List<Equivalent> originalsOf(PartNumber equivalent) {
        return byEquivalent.getOrDefault(equivalent, List.of());
    }

    @Override
    public List<PartListing> listings(Collection<String> keys) {
        return partsAmong(keys).stream()
                .map(part -> new PartListing(part, price(part.number()).orElse(null), stock(part.number())))
                .toList();
    }

    @Override
    public Optional<Money> price(PartNumber part) {
        return Optional.ofNullable(prices.get(part));
    }

    @Override
    public Optional<String> currency() {
        return prices.values().stream().map(Money::currency).findFirst();
    }

    @Override
    public List<Stock> stock(PartNumber part) {
        return stock.getOrDefault(part, List.of());
    }

    @Override
    public List<String> branches() {
        return tables.stock().stream().map(Stock::branch).distinct().sorted().toList();
    }

    @Override
    public <T> void each(Sheet<T> sheet, Consumer<T> reader) {
        tables.sheets().get(sheet).forEach(row -> reader.accept(sheet.rows().cast(row)));
    }
}
