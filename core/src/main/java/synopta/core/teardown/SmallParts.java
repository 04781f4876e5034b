package synopta.core.teardown;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import synopta.core.knowledge.Installation;
import synopta.core.knowledge.Layout;
import synopta.core.knowledge.WorkStep;

/** Small parts that come with a piece, as a roller's rings, go in with it: they are no work of their own. */
final class SmallParts {
    private final Layout layout;

    SmallParts(Layout layout) {
        this.layout = layout;
    }

    /** The same work; what goes in with a piece is hardware of that piece, with its minutes. */
    List<Work.Exchange> withTheirPiece(List<Work.Exchange> replacements) {
        Map<String, Integer> left = new HashMap<>();
        replacements.stream()
                .filter(e -> e.fitting().equals(Installation.PLAIN))
                .forEach(e -> left.put(e.slot(), e.pieces()));
        List<Work.Exchange> together = new ArrayList<>();
        for (Work.Exchange replacement : replacements) {
            Work.Exchange piece = replacement;
            for (Map.Entry<String, Integer> small : brought(piece).entrySet()) {
                int taken = piece.pieces() * small.getValue();
                if (left.getOrDefault(small.getKey(), 0) >= taken) {
                    left.merge(small.getKey(), -taken, Integer::sum);
                    piece = with(piece, small.getValue(), of(replacements, small.getKey()));
                }
            }
            together.add(piece);
        }
        together.replaceAll(
                e -> e.pieces() == left.getOrDefault(e.slot(), e.pieces()) ? e : less(e, left.get(e.slot())));
        together.removeIf(e -> e.pieces() == 0);
        return together;
    }

    private Map<String, Integer> brought(Work.Exchange piece) {
        return layout.place(piece.slot()).map(Layout.Place::brings).orElse(Map.of());
    }

    private static Work.Exchange of(List<Work.Exchange> replacements, String slot) {
        return replacements.stream()
                .filter(e -> e.slot().equals(slot))
                .findFirst()
                .orElseThrow();
    }

    /** A piece whose own words do not name the new hardware has it under the small part's name. */
    private static Work.Exchange with(Work.Exchange piece, int each, Work.Exchange small) {
        double minutes = piece.minutes() + small.minutes() * piece.pieces() * each / small.pieces();
        boolean isNamed = piece.fitting().hardware().stream().anyMatch(h -> h.fate() == WorkStep.Fate.REPLACED);
        Installation fitting = isNamed
                ? piece.fitting()
                : piece.fitting().with(new WorkStep.Hardware(small.name(), each, WorkStep.Fate.REPLACED));
        return new Work.Exchange(piece.slot(), piece.partType(), piece.name(), piece.pieces(), minutes, fitting);
    }

    private static Work.Exchange less(Work.Exchange small, int pieces) {
        return new Work.Exchange(
                small.slot(),
                small.partType(),
                small.name(),
                pieces,
                small.minutes() * pieces / small.pieces(),
                small.fitting());
    }
}
