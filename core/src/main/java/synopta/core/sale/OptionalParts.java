package synopta.core.sale;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import synopta.core.catalog.Catalog;
import synopta.core.catalog.Fit;
import synopta.core.catalog.PartNumber;
import synopta.core.fit.Supply;
import synopta.core.knowledge.HouseSettings;
import synopta.core.knowledge.Layout;
import synopta.core.knowledge.Pack;
import synopta.core.knowledge.SellingRule;
import synopta.core.quantity.Money;
import synopta.core.teardown.Teardown;
import synopta.core.teardown.WhileOpen;

/**
 * What would be nice to have: what the job may need, and what lies open while the needs are seen to.
 * Only what certainly fits is offered, and what lies open only when the age is known. A part is offered once; what it is worth while open counts whoever offers it.
 */
final class OptionalParts {
    /** So many of those that lie open are shown, the most worthwhile first. */
    private static final int MOST_OPEN = 8;

    private final Catalog catalog;
    private final MachineParts machine;
    private final Pack pack;
    private final HouseSettings rules;
    private final String currency;
    private final BroughtPieces brought;

    OptionalParts(
            Catalog catalog,
            MachineParts machine,
            Pack pack,
            HouseSettings rules,
            String currency,
            @Nullable Layout layout) {
        brought = new BroughtPieces(layout);
        this.catalog = catalog;
        this.machine = machine;
        this.pack = pack;
        this.rules = rules;
        this.currency = currency;
    }

    /**
     * Wants beside the needs.
     *
     * @param sold part types that are sold for
     * @param besides what the jobs of the case may take
     * @param teardown how the machine is opened; null while its layout is not known
     */
    List<OptionalPart> of(
            List<RequiredPart> needs,
            List<String> sold,
            List<SellingRule.Companion> besides,
            @Nullable Teardown teardown,
            @Nullable Double ageYears) {
        Set<PartNumber> needed = needs.stream().map(RequiredPart::listed).collect(Collectors.toSet());
        Map<PartNumber, OptionalPart> wants = new LinkedHashMap<>();
        Map<PartNumber, WhileOpen> open = new LinkedHashMap<>();
        if (teardown != null && ageYears != null) {
            open.putAll(new AccessibleParts(catalog, machine, pack, rules, currency)
                    .of(teardown, teardown.work(WorkItems.pieces(needs)), ageYears, rules.horizonYears()));
        }
        for (SellingRule.Companion offer : besides) {
            offer(wants, offer.partType(), needs, open, offer.why());
        }
        for (String type : sold) {
            for (SellingRule.Companion offer :
                    pack.partType(type).map(t -> t.selling().offers()).orElse(List.of())) {
                offer(wants, offer.partType(), needs, open, offer.why());
            }
        }
        List<OptionalPart> all = new ArrayList<>(wants.values());
        all.addAll(lying(open, needed, wants.keySet()));
        return all;
    }

    /** What lies open besides, the most worthwhile first. */
    private List<OptionalPart> lying(Map<PartNumber, WhileOpen> open, Set<PartNumber> needed, Set<PartNumber> offered) {
        List<OptionalPart> lying = new ArrayList<>();
        open.keySet().stream()
                .filter(part -> !needed.contains(part) && !offered.contains(part))
                .forEach(part -> lying.addAll(wants(
                        part,
                        List.of(),
                        open,
                        OptionalPart.Source.WHILE_OPEN,
                        "It is accessible during this repair.")));
        return lying.stream()
                .filter(w -> w.value().cents() > 0)
                .sorted(Comparator.comparingDouble(this::worth).reversed())
                .limit(MOST_OPEN)
                .toList();
    }

    private double worth(OptionalPart want) {
        return catalog.price(want.supplied())
                .map(price -> want.value().cents() / (double) Math.max(1, price.cents() * want.quantity()))
                .orElse(0.0);
    }

    private void offer(
            Map<PartNumber, OptionalPart> wants,
            String type,
            List<RequiredPart> needs,
            Map<PartNumber, WhileOpen> open,
            String why) {
        Set<PartNumber> needed = needs.stream().map(RequiredPart::listed).collect(Collectors.toSet());
        machine.ofType(type).stream()
                .map(Fit::part)
                .distinct()
                .filter(part -> !needed.contains(part))
                .forEach(part -> wants(part, needs, open, OptionalPart.Source.JOB, why)
                        .forEach(want -> wants.putIfAbsent(part, want)));
    }

    /** All that are fitted, or as many as belong to what the job needs. */
    private List<OptionalPart> wants(
            PartNumber part,
            List<RequiredPart> needs,
            Map<PartNumber, WhileOpen> open,
            OptionalPart.Source source,
            String why) {
        List<Fit> rows =
                machine.rows().stream().filter(row -> row.part().equals(part)).toList();
        int fitted = rows.stream().mapToInt(Fit::quantity).sum();
        int pieces = Math.min(fitted, brought.of(machine.typeOf(part), needs).orElse(fitted));
        List<String> slots = rows.stream().map(Fit::slot).distinct().toList();
        List<OptionalPart> wants = new ArrayList<>();
        Optional<WhileOpen> weighed = Optional.ofNullable(open.get(part));
        List<Supply.Item> items = RequiredParts.supplied(machine.judge(part));
        for (Supply.Item item : items) {
            // What two parts replace together is worth its value once: it stands at the first of them.
            boolean leads = item == items.get(0);
            Money value = leads ? weighed.map(WhileOpen::value).orElse(nothing()) : nothing();
            wants.add(new OptionalPart(
                    machine.typeOf(part),
                    slots,
                    part,
                    item.part(),
                    Math.multiplyExact(pieces, item.quantity()),
                    value,
                    source,
                    weighed.orElse(null),
                    why));
        }
        return wants;
    }

    private Money nothing() {
        return new Money(0, currency);
    }
}
