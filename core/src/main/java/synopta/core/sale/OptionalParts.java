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
import synopta.core.knowledge.Pack;
import synopta.core.knowledge.SellingRule;
import synopta.core.quantity.Money;
import synopta.core.teardown.Teardown;
import synopta.core.teardown.WhileOpen;

/**
 * What would be nice to have: what the caller named, what the job may need, and what lies open while the needs are seen to.
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

    OptionalParts(Catalog catalog, MachineParts machine, Pack pack, HouseSettings rules, String currency) {
        this.catalog = catalog;
        this.machine = machine;
        this.pack = pack;
        this.rules = rules;
        this.currency = currency;
    }

    /**
     * Wants beside the needs.
     *
     * @param named part types the caller named, each with the words
     * @param sold part types that are sold for
     * @param teardown how the machine is opened; null while its layout is not known
     */
    List<OptionalPart> of(
            List<RequiredPart> needs,
            Map<String, String> named,
            List<String> sold,
            @Nullable Teardown teardown,
            @Nullable Double ageYears) {
        Set<PartNumber> needed = needs.stream().map(RequiredPart::listed).collect(Collectors.toSet());
        Map<PartNumber, OptionalPart> wants = new LinkedHashMap<>();
        Map<PartNumber, WhileOpen> open = new LinkedHashMap<>();
        if (teardown != null && ageYears != null) {
            open.putAll(new AccessibleParts(catalog, machine, pack, rules, currency)
                    .of(teardown, teardown.work(WorkItems.pieces(needs)), ageYears, rules.horizonYears()));
        }
        named.forEach((type, phrase) ->
                offer(wants, type, needed, open, OptionalPart.Source.ASKED, "Requested: “%s”.".formatted(phrase)));
        for (String type : sold) {
            for (SellingRule.Companion offer :
                    pack.partType(type).map(t -> t.selling().offers()).orElse(List.of())) {
                offer(wants, offer.partType(), needed, open, OptionalPart.Source.JOB, offer.why());
            }
        }
        List<OptionalPart> lying = new ArrayList<>();
        open.keySet().stream()
                .filter(part -> !needed.contains(part) && !wants.containsKey(part))
                .forEach(part -> lying.addAll(
                        wants(part, open, OptionalPart.Source.WHILE_OPEN, "It is accessible during this repair.")));
        List<OptionalPart> all = new ArrayList<>(wants.values());
        lying.stream()
                .filter(w -> w.value().cents() > 0)
                .sorted(Comparator.comparingDouble(this::worth).reversed())
                .limit(MOST_OPEN)
                .forEach(all::add);
        return all;
    }

    private double worth(OptionalPart want) {
        return catalog.price(want.supplied())
                .map(price -> want.value().cents() / (double) Math.max(1, price.cents() * want.quantity()))
                .orElse(0.0);
    }

    private void offer(
            Map<PartNumber, OptionalPart> wants,
            String type,
            Set<PartNumber> needed,
            Map<PartNumber, WhileOpen> open,
            OptionalPart.Source source,
            String why) {
        machine.ofType(type).stream()
                .map(Fit::part)
                .distinct()
                .filter(part -> !needed.contains(part))
                .forEach(part -> wants(part, open, source, why).forEach(want -> wants.putIfAbsent(part, want)));
    }

    private List<OptionalPart> wants(
            PartNumber part, Map<PartNumber, WhileOpen> open, OptionalPart.Source source, String why) {
        List<Fit> rows =
                machine.rows().stream().filter(row -> row.part().equals(part)).toList();
        int pieces = rows.stream().mapToInt(Fit::quantity).sum();
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
