package synopta.core.sale;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import synopta.core.catalog.Catalog;
import synopta.core.catalog.Fit;
import synopta.core.catalog.PartNumber;
import synopta.core.fit.Supply;
import synopta.core.knowledge.HouseSettings;
import synopta.core.knowledge.Pack;
import synopta.core.knowledge.PartType;
import synopta.core.quantity.Money;
import synopta.core.teardown.Teardown;
import synopta.core.teardown.WhileOpen;
import synopta.core.teardown.Work;

/** The listed parts of a machine that some work lays open at all of their places, and what renewing them then is worth. */
final class AccessibleParts {
    private final Catalog catalog;
    private final MachineParts machine;
    private final Pack pack;
    private final HouseSettings rules;
    private final String currency;

    AccessibleParts(Catalog catalog, MachineParts machine, Pack pack, HouseSettings rules, String currency) {
        this.catalog = catalog;
        this.machine = machine;
        this.pack = pack;
        this.rules = rules;
        this.currency = currency;
    }

    /** What each part is worth; those for a qualified person only are left out. */
    Map<PartNumber, WhileOpen> of(Teardown teardown, Work work, double ageYears, int horizonYears) {
        WhileOpen.Terms terms = new WhileOpen.Terms(
                ageYears,
                horizonYears,
                new Money(rules.hourCents(), currency),
                new Money(rules.returnTripCents(), currency));
        Set<String> open = teardown.open(work.steps());
        Map<PartNumber, WhileOpen> weighed = new LinkedHashMap<>();
        places().forEach((part, places) -> {
            Optional<PartType> type = pack.partType(machine.typeOf(part));
            boolean all = places.stream().allMatch(row -> open.contains(row.slot()));
            if (all && type.isPresent() && !type.get().refer()) {
                weighed.put(part, weighed(teardown, type.get(), part, places, terms));
            }
        });
        return weighed;
    }

    /** The rows of each part. */
    Map<PartNumber, List<Fit>> places() {
        return machine.rows().stream()
                .collect(Collectors.groupingBy(Fit::part, LinkedHashMap::new, Collectors.toList()));
    }

    private WhileOpen weighed(
            Teardown teardown, PartType type, PartNumber part, List<Fit> places, WhileOpen.Terms terms) {
        int pieces = places.stream().mapToInt(Fit::quantity).sum();
        Map<String, Integer> slots = new LinkedHashMap<>();
        places.forEach(row -> slots.merge(row.slot(), row.quantity(), Integer::sum));
        double replacement = slots.entrySet().stream()
                .mapToDouble(e -> e.getValue() * teardown.replacement(e.getKey()))
                .sum();
        double opening = teardown.work(slots).minutes() - replacement;
        return WhileOpen.of(type.life(), pieces, price(part, pieces).orElse(null), replacement, opening, terms);
    }

    /** What so many pieces of a listed part cost today, in whole packs. */
    Optional<Money> price(PartNumber part, int pieces) {
        List<Supply.Item> items = RequiredParts.supplied(machine.judge(part));
        PartNumber today = items.isEmpty() ? part : items.get(0).part();
        int pack = catalog.part(today).map(p -> p.packQuantity()).orElse(1);
        return catalog.price(today).map(each -> each.times(-Math.floorDiv(-pieces, pack)));
    }
}
