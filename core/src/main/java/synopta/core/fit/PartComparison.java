package synopta.core.fit;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeSet;
import synopta.core.catalog.Catalog;
import synopta.core.catalog.KitContents;
import synopta.core.catalog.Part;
import synopta.core.catalog.PartNumber;
import synopta.core.catalog.Supersession;

/**
 * Two parts side by side.
 *
 * @param first one part
 * @param second the other part
 * @param specifications what each has, the second in place of the first
 * @param related how the catalog joins them, in sentences; empty when it does not
 * @param bag what each sale unit holds, by part: pieces in the first, pieces in the second
 */
public record PartComparison(
        Part first, Part second, Specifications.Comparison specifications, List<String> related, List<Held> bag) {
    /** Copies. */
    public PartComparison {
        related = List.copyOf(related);
        bag = List.copyOf(bag);
    }

    /**
     * A piece that lies in one of them, or both.
     *
     * @param part part in both or either
     * @param inFirst pieces in the first
     * @param inSecond pieces in the second
     */
    public record Held(PartNumber part, int inFirst, int inSecond) {}

    /** Compares two parts of the catalog. */
    static PartComparison of(Catalog catalog, Specifications specifications, Part first, Part second) {
        return new PartComparison(
                first,
                second,
                specifications.compare(first, second),
                related(catalog, first.number(), second.number()),
                bag(catalog, first, second));
    }

    private static List<String> related(Catalog catalog, PartNumber first, PartNumber second) {
        List<String> related = new ArrayList<>();
        Optional<List<Supersession>> forward =
                SupersessionChain.of(catalog, second).since(first);
        forward.or(() -> SupersessionChain.of(catalog, first).since(second))
                .ifPresent(steps -> steps.forEach(step -> related.add(Supersession.said(List.of(step)))));
        standsIn(catalog, first, second, related);
        standsIn(catalog, second, first, related);
        return related;
    }

    private static void standsIn(Catalog catalog, PartNumber original, PartNumber other, List<String> related) {
        catalog.equivalentsOf(original).stream()
                .filter(row -> row.equivalent().equals(other))
                .forEach(row -> related.add("%s is an equivalent of %s (%s)".formatted(other, original, row.basis())));
    }

    private static List<Held> bag(Catalog catalog, Part first, Part second) {
        Map<PartNumber, Integer> a = KitContents.loose(catalog, first.number(), first.packQuantity());
        Map<PartNumber, Integer> b = KitContents.loose(catalog, second.number(), second.packQuantity());
        TreeSet<PartNumber> all = new TreeSet<>(a.keySet());
        all.addAll(b.keySet());
        return all.stream()
                .map(part -> new Held(part, a.getOrDefault(part, 0), b.getOrDefault(part, 0)))
                .toList();
    }
}
