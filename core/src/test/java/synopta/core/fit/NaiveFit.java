package synopta.core.fit;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Collectors;

/**
 * Fit by its definition: every road and every way of supply is gone through, nothing is remembered, and none of the
 * code under test is used. Parts are names; slow on purpose.
 */
final class NaiveFit {
    /** A step of a supersession. */
    record Step(String old, int choice, String by, int quantity, String change) {}

    /** A listed part; `holds` is 1 when its range holds, 0 when it is unknown, -1 when it does not. */
    record Row(String part, int holds) {}

    /** A way of supplying a part: pieces by name, and the changes met on all roads. */
    record Way(TreeMap<String, Integer> pieces, int changes) {}

    final List<Step> steps = new ArrayList<>();
    final Map<String, TreeMap<String, Integer>> kits = new TreeMap<>();
    final Map<String, Long> cents = new TreeMap<>();

    /** Over all rows that are related to a part: the fewest changes where the range holds, -1 when none holds. */
    private record Roads(boolean related, int sure, boolean perhaps) {}

    private Roads paths(List<Row> listed, String part) {
        boolean related = false;
        boolean perhaps = false;
        int sure = -1;
        for (Row row : listed) {
            int changes =
                    row.part.equals(part) || fewestChanges(part, row.part) >= 0 ? 0 : fewestChanges(row.part, part);
            related |= changes >= 0;
            perhaps |= changes >= 0 && row.holds == 0;
            if (changes >= 0 && row.holds == 1 && (sure < 0 || changes < sure)) {
                sure = changes;
            }
        }
        return new Roads(related, sure, perhaps);
    }

    /** Word and pieces, as in "fits {B3=1}". */
    String judge(List<Row> listed, String part) {
        Roads paths = paths(listed, part);
        if (!paths.related && kits.containsKey(part)) {
            return judgeKit(listed, part);
        }
        if (paths.sure < 0) {
            return paths.perhaps ? "depends" : "does-not-fit";
        }
        return word(paths.sure + best(part).changes) + " " + best(part).pieces;
    }

    private static String word(int changes) {
        return changes == 0 ? "fits" : "fits-with-change";
    }

    /** What lies in the bag decides, whatever it has become since. */
    private String judgeKit(List<Row> listed, String kit) {
        List<Roads> pieces =
                pieces(listed, kit, true).stream().map(p -> paths(listed, p)).toList();
        long right = pieces.stream().filter(p -> p.sure >= 0).count();
        long open = pieces.stream().filter(p -> p.sure < 0 && p.perhaps).count();
        long left = pieces.size() - right - open;
        if (right == 0 && open == 0) {
            return "does-not-fit";
        }
        if (open > 0 && (left == 0 || right == 0)) {
            return "depends";
        }
        boolean changed = left > 0 || pieces.stream().anyMatch(p -> p.sure > 0);
        return word(changed ? 1 : 0) + " {" + kit + "=1}";
    }

    /** The pieces of a kit; one that is not related to anything listed, and is a kit itself, counts as its pieces. */
    private List<String> pieces(List<Row> listed, String part, boolean outermost) {
        boolean opened = kits.containsKey(part) && (outermost || !paths(listed, part).related);
        return opened
                ? kits.get(part).keySet().stream()
                        .flatMap(p -> pieces(listed, p, false).stream())
                        .collect(Collectors.toList())
                : List.of(part);
    }

    /** Over every road from one part to another; -1 when there is none. */
    int fewestChanges(String from, String to) {
        int fewest = -1;
        for (Step step : steps) {
            if (step.old.equals(from)) {
                int rest = step.by.equals(to) ? 0 : fewestChanges(step.by, to);
                int all = rest + (step.change.isEmpty() ? 0 : 1);
                if (rest >= 0 && (fewest < 0 || all < fewest)) {
                    fewest = all;
                }
            }
        }
        return fewest;
    }

    private Way best(String part) {
        return ways(part).stream()
                .min(Comparator.comparingInt(Way::changes)
                        .thenComparingInt(
                                w -> w.pieces.values().stream().mapToInt(n -> n).sum())
                        .thenComparingLong(w -> w.pieces.entrySet().stream()
                                .mapToLong(e -> cents.get(e.getKey()) * e.getValue())
                                .sum())
                        .thenComparing(w -> w.pieces.toString()))
                .orElseThrow();
    }

    private List<Way> ways(String part) {
        Map<Integer, List<Step>> choices = steps.stream()
                .filter(s -> s.old.equals(part))
                .collect(Collectors.groupingBy(Step::choice, TreeMap::new, Collectors.toList()));
        if (choices.isEmpty()) {
            return List.of(new Way(new TreeMap<>(Map.of(part, 1)), 0));
        }
        List<Way> all = new ArrayList<>();
        for (List<Step> together : choices.values()) {
            List<Way> ways = List.of(new Way(new TreeMap<>(), 0));
            for (Step step : together) {
                List<Way> longer = new ArrayList<>();
                for (Way way : ways) {
                    for (Way next : ways(step.by)) {
                        TreeMap<String, Integer> pieces = new TreeMap<>(way.pieces);
                        next.pieces.forEach((p, n) -> pieces.merge(p, n * step.quantity, Integer::sum));
                        longer.add(new Way(pieces, way.changes + next.changes + (step.change.isEmpty() ? 0 : 1)));
                    }
                }
                ways = longer;
            }
            all.addAll(ways);
        }
        return all;
    }
}
