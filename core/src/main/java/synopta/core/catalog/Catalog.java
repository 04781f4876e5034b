package synopta.core.catalog;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.SortedMap;
import java.util.function.Consumer;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import synopta.core.quantity.Money;

/**
 * The port through which the steps ask for facts of the catalog. Lists come in a fixed order (slot, choice, part
 * number) and are empty when there is nothing to say.
 */
public interface Catalog {
    /** Does work that looks much up: a catalog that is far away may look the same up only once. */
    default <T> T reading(Supplier<T> work) {
        return work.get();
    }

    /** A number that is another one once what the catalog says may have changed; stock and promised pieces are part of it. */
    default long version() {
        return 0;
    }

    /** All brands by name. */
    List<Brand> brands();

    /** The family of a brand, in any case; empty where the brand is not listed or null. */
    default Optional<String> familyOf(@Nullable String brand) {
        return brands().stream()
                .filter(listed -> listed.brand().equalsIgnoreCase(brand))
                .map(Brand::family)
                .findFirst();
    }

    /** The fault codes of an appliance, by brand, family and code. */
    List<FaultCode> codes(Appliance appliance);

    /** How serial numbers are read, by name. */
    List<SerialScheme> serialSchemes();

    /** Hands over every model once, in no order: what a tag is read against. A catalog may be too big for a list. */
    void eachModel(Consumer<Model> reader);

    /** The models of a platform by number. */
    List<Model> modelsOn(String platform);

    /** Models of a layout by number, beginning after one's key. */
    default List<Model> modelsBuilt(Appliance appliance, String layout, String after, int most) {
        List<Model> built = new ArrayList<>();
        eachModel(model -> {
            boolean isOf = platform(model.platform()).stream()
                    .anyMatch(p -> p.appliance() == appliance && p.layout().equals(layout));
            if (isOf) {
                built.add(model);
            }
        });
        return built.stream()
                .filter(model -> model.number().key().compareTo(after) > 0)
                .sorted(Comparator.comparing(model -> model.number().key()))
                .limit(most)
                .toList();
    }

    /** The model of that number, in any spelling. */
    Optional<Model> model(ModelNumber number);

    /** The platform of that name. */
    Optional<Platform> platform(String platform);

    /** The places of a platform. */
    List<Slot> slots(String platform);

    /** Every fit listed for a model. */
    List<Fit> fits(ModelNumber model);

    /** Every fit listed for any model of a platform. */
    List<Fit> fitsOn(String platform);

    /** Every fit listed at a place for any model of a platform. */
    List<Fit> fitsAt(String platform, String slot);

    /** How popular the models of a platform are together, of those of one of the fuels or of none. */
    default double popularity(String platform, Set<Fuel> fuels) {
        return new ModelPopularity(this, platform, fuels).ofAll();
    }

    /** By part, how popular those of these models are together that take it at any place of a part type. */
    default SortedMap<PartNumber, Double> popularity(String platform, String partType, Set<Fuel> fuels) {
        return new ModelPopularity(this, platform, fuels).byPart(partType);
    }

    /**
     * Rows that list a part, by the number of the model, beginning after one.
     *
     * @param brand only models of that brand; null: of any
     * @param after the key of the model to begin after; empty: from the first
     * @param rows at most so many
     */
    List<ModelUsage> taking(PartNumber part, @Nullable String brand, String after, int rows);

    /** The models of these keys, by number. */
    List<Model> modelsAmong(Collection<String> keys);

    /** Models whose key begins so, by number. */
    List<Model> modelsFrom(String begins, int most);

    /** The part of that number, in any spelling. */
    Optional<Part> part(PartNumber number);

    /** Every part of a type, by number. */
    List<Part> partsOfType(String partType);

    /** The parts of these keys, by number. */
    List<Part> partsAmong(Collection<String> keys);

    /** Parts whose key begins so, by number. */
    List<Part> partsFrom(String begins, int most);

    /** The parts of these keys with their prices and stock, by number. */
    List<PartListing> listings(Collection<String> keys);

    /** Parts of the catalog by number, with their prices and stock, asked for together. */
    default Map<PartNumber, PartListing> listed(Stream<PartNumber> numbers) {
        return listings(numbers.map(PartNumber::key).distinct().toList()).stream()
                .collect(Collectors.toMap(listing -> listing.part().number(), listing -> listing));
    }

    /** What replaces a part directly. */
    default List<Supersession> replacementsOf(PartNumber oldPart) {
        return replacementsOf(List.of(oldPart));
    }

    /** What replaces these parts directly, by old part. */
    List<Supersession> replacementsOf(Collection<PartNumber> oldParts);

    /** What these parts replace directly, by new part. */
    List<Supersession> predecessorsOf(Collection<PartNumber> newParts);

    /** What lies in a kit. */
    List<KitContent> contentsOf(PartNumber kit);

    /** Which kits hold a part directly. */
    List<KitContent> kitsHolding(PartNumber content);

    /** What may be supplied for a part by specification. */
    List<Equivalent> equivalentsOf(PartNumber part);

    /** For which parts a part may be supplied by specification. */
    List<Equivalent> originalsOf(PartNumber equivalent);

    /** The price of one sale unit. */
    Optional<Money> price(PartNumber part);

    /** The currency of the price list, ISO 4217; empty while there is no price. A catalog has one currency. */
    Optional<String> currency();

    /** What the branches have of a part. */
    List<Stock> stock(PartNumber part);

    /** Branches that a stock is known of, by name. */
    List<String> branches();

    /** How many sale units all branches have of a part. */
    default int onHand(PartNumber part) {
        return stock(part).stream().mapToInt(Stock::onHand).sum();
    }
}
