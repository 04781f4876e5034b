package synopta.core.catalog;

import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import java.util.TreeMap;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/**
 * What replaces a part. Rows of one old part and one choice are supplied together; other choices are alternatives.
 *
 * @param oldPart number that is replaced
 * @param choice which of several replacements; one choice is supplied whole
 * @param newPart number that replaces it
 * @param quantity pieces of the new part for one of the old
 * @param change what the technician must know; empty when it drops in
 * @param effective from when on it is supplied so, where that is known
 */
public record Supersession(
        PartNumber oldPart,
        String choice,
        PartNumber newPart,
        int quantity,
        String change,
        @Nullable LocalDate effective) {
    /** What is supplied together, by choice in their order. */
    public static Collection<List<Supersession>> choices(List<Supersession> rows) {
        return rows.stream()
                .collect(Collectors.groupingBy(Supersession::choice, TreeMap::new, Collectors.toList()))
                .values();
    }

    /**
     * What replaces a part, in a sentence.
     *
     * @param together every row of one choice
     */
    public static String said(List<Supersession> together) {
        boolean several = together.size() > 1;
        String what = together.stream()
                .map(row -> (row.quantity > 1 ? row.quantity + " x " : "")
                        + row.newPart
                        + (several && !row.isDropIn() ? " (%s)".formatted(row.change) : ""))
                .collect(Collectors.joining(" together with "));
        String how = together.stream().allMatch(Supersession::isDropIn)
                ? ", drop-in"
                : several ? "" : ": " + together.get(0).change;
        return "%s is superseded by %s%s".formatted(together.get(0).oldPart, what, how);
    }

    /** What the technician must know of these steps, in their order. */
    public static List<String> changes(Collection<Supersession> steps) {
        return steps.stream()
                .filter(step -> !step.isDropIn())
                .map(Supersession::change)
                .toList();
    }

    /** Whether nothing has to be changed for it. */
    public boolean isDropIn() {
        return change.isBlank();
    }

    /** Refuses a replacement by no piece. */
    public Supersession {
        Quantities.atLeastOne("Supersession of %s by %s".formatted(oldPart, newPart), quantity);
    }
}
