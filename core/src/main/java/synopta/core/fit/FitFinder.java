package synopta.core.fit;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import synopta.core.catalog.Catalog;
import synopta.core.catalog.Equivalent;
import synopta.core.catalog.Fit;
import synopta.core.catalog.Model;
import synopta.core.catalog.ModelNumber;
import synopta.core.catalog.Part;
import synopta.core.catalog.PartNumber;
import synopta.core.catalog.Supersession;

/**
 * Whether a part is right for a machine: listed for it within its build range, a successor or forerunner of what is
 * listed, or an allowed equivalent of it. Cost O(listed parts x successions).
 */
public final class FitFinder {
    /** At most so many ways of supplying one part are kept, best first. */
    public static final int MOST_OPTIONS = 64;

    private final Catalog catalog;

    /** Judges by the rows of this catalogue. */
    public FitFinder(Catalog catalog) {
        this.catalog = catalog;
    }

    /** The verdict on a part, for a machine of which so much is known. */
    public FitVerdict judge(ModelNumber modelNumber, Unit unit, PartNumber partNumber) {
        Optional<Model> model = catalog.model(modelNumber);
        Optional<Part> part = catalog.part(partNumber);
        if (model.isEmpty() || part.isEmpty()) {
            String missing = model.isEmpty() ? "model " + modelNumber : "part " + partNumber;
            return new FitVerdict.Unknown(
                    List.of("The catalogue has no %s; check the number, or read the tag again.".formatted(missing)));
        }
        List<Fit> listed = catalog.fits(model.get().number());
        PartNumber number = part.get().number();
        List<Via> ways = new ArrayList<>();
        for (Fit row : listed) {
            via(row, number).ifPresent(ways::add);
        }
        if (ways.isEmpty()) {
            return new FitVerdict.DoesNotFit(instead(model.get(), part.get(), listed, unit));
        }
        return inRange(model.get(), unit, part.get(), ways, listed);
    }

    /** A listed row that makes the part right, with the chain and the changes on the way to it. */
    private record Via(Fit row, List<String> chain, List<String> changes) {}

    private Optional<Via> via(Fit row, PartNumber part) {
        String lists = "%s lists %s at %s, %s".formatted(row.model(), row.part(), row.slot(), range(row));
        if (row.part().equals(part)) {
            return Optional.of(new Via(row, List.of(lists), List.of()));
        }
        Optional<Via> later = path(row.part(), part).map(steps -> walked(row, lists, steps));
        if (later.isPresent()) {
            return later;
        }
        Optional<Via> earlier = path(part, row.part())
                .map(steps ->
                        new Via(row, List.of(lists, "%s is what replaces %s".formatted(row.part(), part)), List.of()));
        if (earlier.isPresent()) {
            return earlier;
        }
        return catalog.equivalentsOf(row.part()).stream()
                .filter(e -> e.equivalent().equals(part))
                .findFirst()
                .map(e -> new Via(row, List.of(lists, equivalent(e)), List.of()));
    }

    private static String range(Fit row) {
        return row.built().words() + row.serials().words();
    }

    private static String equivalent(Equivalent e) {
        return "equivalent: %s may be supplied for %s (%s)".formatted(e.equivalent(), e.part(), e.basis());
    }

    private static Via walked(Fit row, String lists, List<Supersession> steps) {
        List<String> chain = new ArrayList<>(List.of(lists));
        List<String> changes = new ArrayList<>();
        for (Supersession step : steps) {
            chain.add("%s is replaced by %s%s"
                    .formatted(
                            step.oldPart(),
                            step.newPart(),
                            step.change().isBlank() ? ", drops in" : ": " + step.change()));
            if (!step.change().isBlank()) {
                changes.add(step.change());
            }
        }
        return new Via(row, chain, changes);
    }

    /** The shortest way along successions from one part to another. */
    private Optional<List<Supersession>> path(PartNumber from, PartNumber to) {
        Deque<List<Supersession>> open = new ArrayDeque<>(List.of(List.<Supersession>of()));
        Set<PartNumber> seen = new HashSet<>(Set.of(from));
        while (!open.isEmpty()) {
            List<Supersession> steps = open.poll();
            PartNumber here =
                    steps.isEmpty() ? from : steps.get(steps.size() - 1).newPart();
            for (Supersession step : catalog.replacementsOf(here)) {
                List<Supersession> longer =
                        Stream.concat(steps.stream(), Stream.of(step)).toList();
                if (step.newPart().equals(to)) {
                    return Optional.of(longer);
                }
                if (seen.add(step.newPart())) {
                    open.add(longer);
                }
            }
        }
        return Optional.empty();
    }

    private FitVerdict inRange(Model model, Unit unit, Part part, List<Via> ways, List<Fit> listed) {
        Optional<Via> right =
                ways.stream().filter(way -> unit.surely(way.row(), model)).findFirst();
        if (right.isPresent()) {
            return fits(part, right.get());
        }
        List<String> ranges = new ArrayList<>();
        ways.forEach(way -> ranges.addAll(way.chain()));
        Optional<Via> open =
                ways.stream().filter(way -> unit.perhaps(way.row())).findFirst();
        if (open.isPresent()) {
            return new FitVerdict.Depends(unit.missing(open.get().row()), ranges);
        }
        ranges.addAll(instead(model, part, listed, unit));
        return new FitVerdict.DoesNotFit(ranges);
    }

    private FitVerdict fits(Part part, Via way) {
        List<Supply> supplies = new Successions(catalog)
                .today(part.number()).stream()
                        .map(s -> new Supply(
                                s.items(),
                                Stream.concat(way.changes().stream(), s.changes().stream())
                                        .toList(),
                                s.chain()))
                        .toList();
        List<String> reasons = new ArrayList<>(way.chain());
        reasons.addAll(supplies.get(0).chain());
        return new FitVerdict.Fits(supplies.get(0), supplies.subList(1, supplies.size()), reasons);
    }

    /** Names what this machine takes where the part was meant to go. */
    private List<String> instead(Model model, Part part, List<Fit> listed, Unit unit) {
        List<String> reasons = new ArrayList<>();
        for (Fit row : listed) {
            boolean sameType = catalog.part(row.part())
                    .map(p -> p.partType().equals(part.partType()))
                    .orElse(false);
            if (sameType && unit.perhaps(row)) {
                reasons.add("%s takes %s at %s, %s".formatted(model.number(), row.part(), row.slot(), range(row)));
            }
        }
        if (reasons.isEmpty()) {
            reasons.add("%s has no place for a %s".formatted(model.number(), part.partType()));
        }
        return reasons;
    }
}
