package synopta.core.sale;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import synopta.core.catalog.Catalog;
import synopta.core.catalog.Fit;
import synopta.core.catalog.Fuel;
import synopta.core.catalog.Model;
import synopta.core.catalog.ModelNumber;
import synopta.core.catalog.PartNumber;
import synopta.core.catalog.Platform;
import synopta.core.fit.FitFinder;
import synopta.core.fit.MachineUnit;
import synopta.core.knowledge.CurrentPacks;
import synopta.core.knowledge.HouseSettings;
import synopta.core.knowledge.Layout;
import synopta.core.knowledge.Pack;
import synopta.core.quantity.Money;
import synopta.core.teardown.Teardown;
import synopta.core.teardown.WhileOpen;
import synopta.core.teardown.Work;

/** What it takes to reach some places of a machine, and what is worth renewing then: the same as a case says, asked apart. */
public final class TeardownService {
    /** The advice is told for horizons of 1 to this many years. */
    public static final int LONGEST_HORIZON = 10;

    private final Catalog catalog;
    private final CurrentPacks packs;
    private final FitFinder finder;
    private final Supplier<HouseSettings> rules;
    private final Supplier<String> currency;

    /** Works with this catalog, these packs and the rules of the house. */
    public TeardownService(
            Catalog catalog,
            CurrentPacks packs,
            FitFinder finder,
            Supplier<HouseSettings> rules,
            Supplier<String> currency) {
        this.catalog = catalog;
        this.packs = packs;
        this.finder = finder;
        this.rules = rules;
        this.currency = currency;
    }

    /**
     * The work, and what lies open, the most worthwhile first.
     *
     * @param work steps, minutes and tools
     * @param whileOpen parts that may be renewed at the same time
     */
    public record Opened(Work work, List<OpenPart> whileOpen) {}

    /**
     * A part that lies open.
     *
     * @param slots slugs of the positions
     * @param partType slug of the part type
     * @param part number of the part
     * @param pieces number of pieces
     * @param price of all its pieces; null when it is not known
     * @param open whether renewing it now pays
     * @param savings what renewing it now saves on average, by horizons of 1 to {@value #LONGEST_HORIZON} years; below 0
     *     where it does not pay
     */
    public record OpenPart(
            List<String> slots,
            String partType,
            PartNumber part,
            int pieces,
            @Nullable Money price,
            WhileOpen open,
            List<Money> savings) {
        /** What it saves within the horizon of the house. */
        public Money saving() {
            return open.value()
                    .minus(Objects.requireNonNullElse(
                            price, new Money(0, open.value().currency())));
        }

        /** Whether it pays. */
        public boolean isAdvised() {
            return price != null && saving().cents() >= 0 && open.value().cents() > 0;
        }
    }

    /**
     * Opens a machine up.
     *
     * @param model or else a platform; one of the two must be known
     * @param slots the places to reach
     */
    public Opened open(
            @Nullable ModelNumber model, @Nullable String platform, List<String> slots, @Nullable Double ageYears) {
        Optional<Model> machine = Optional.ofNullable(model)
                .map(number -> catalog.model(number)
                        .orElseThrow(() -> new IllegalArgumentException(
                                "Model (%s) is not in the catalog. Send its platform instead."
                                        .formatted(number.written()))));
        String built = machine.map(Model::platform)
                .or(() -> Optional.ofNullable(platform))
                .orElseThrow(() -> new IllegalArgumentException("Send the model or the platform."));
        Platform construction = catalog.platform(built)
                .orElseThrow(() -> new IllegalArgumentException(
                        "Platform (%s) is not in the catalog. Look it up under Models.".formatted(built)));
        Pack pack = packs.of(construction.appliance())
                .orElseThrow(() ->
                        new IllegalArgumentException("There is no teardown plan for a %s. Choose another appliance."
                                .formatted(construction.appliance().slug())));
        Layout layout = pack.layout(construction.layout())
                .orElseThrow(() -> new IllegalArgumentException(
                        "Construction %s is not known. See GET /api/layouts.".formatted(construction.layout())));
        MachineParts parts = machine.map(m -> MachineParts.ofModel(catalog, finder, m.number(), MachineUnit.NOT_KNOWN))
                .orElseGet(() -> MachineParts.ofPlatform(catalog, finder, construction, EnumSet.allOf(Fuel.class)));
        Teardown teardown = new Teardown(pack, layout, rules.get().practices(), Set.of());
        Work work = teardown.work(pieces(layout, slots));
        AccessibleParts lying = new AccessibleParts(catalog, parts, pack, rules.get(), currency.get());
        List<OpenPart> whileOpen =
                ageYears != null ? weighed(parts, lying, teardown, work, slots, ageYears) : List.of();
        return new Opened(work, whileOpen);
    }

    private static Map<String, Integer> pieces(Layout layout, List<String> slots) {
        Map<String, Integer> pieces = new LinkedHashMap<>();
        for (String slot : slots) {
            Layout.Place place = layout.place(slot)
                    .orElseThrow(() -> new IllegalArgumentException("Construction %s has no place %s; it has %s."
                            .formatted(
                                    layout.id(),
                                    slot,
                                    layout.places().stream()
                                            .map(Layout.Place::slot)
                                            .collect(Collectors.joining(", ")))));
            pieces.put(slot, place.quantity());
        }
        return pieces;
    }

    private List<OpenPart> weighed(
            MachineParts machine,
            AccessibleParts lying,
            Teardown teardown,
            Work work,
            List<String> slots,
            double ageYears) {
        List<Map<PartNumber, WhileOpen>> byHorizon = new ArrayList<>();
        for (int years = 1; years <= LONGEST_HORIZON; years++) {
            byHorizon.add(lying.of(teardown, work, ageYears, years));
        }
        Map<PartNumber, List<Fit>> places = lying.places();
        List<OpenPart> open = new ArrayList<>();
        lying.of(teardown, work, ageYears, rules.get().horizonYears()).forEach((part, weighed) -> {
            Set<String> at = places.get(part).stream().map(Fit::slot).collect(Collectors.toCollection(TreeSet::new));
            if (at.stream().noneMatch(slots::contains)) {
                int pieces = places.get(part).stream().mapToInt(Fit::quantity).sum();
                Optional<Money> price = lying.price(part, pieces);
                List<Money> savings = byHorizon.stream()
                        .map(values -> values.get(part).value())
                        .map(value -> price.map(value::minus).orElse(value))
                        .toList();
                open.add(new OpenPart(
                        List.copyOf(at), machine.typeOf(part), part, pieces, price.orElse(null), weighed, savings));
            }
        });
        open.sort((a, b) -> b.saving().compareTo(a.saving()));
        return open;
    }
}
