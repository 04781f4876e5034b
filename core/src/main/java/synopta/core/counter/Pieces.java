package synopta.core.counter;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import synopta.core.diagnosis.Hearing;

/** The pieces of a line together with what was and was not heard in it; no two overlap. */
final class Pieces {
    private Pieces() {}

    static List<Piece> of(List<Piece> sorted, Hearing hearing) {
        List<Piece> all = new ArrayList<>();
        hearing.heard().forEach(h -> add(all, new Piece(Piece.Kind.COMPLAINT, h.phrase(), h.from(), h.to())));
        sorted.forEach(p -> add(all, p));
        hearing.unheard().forEach(u -> add(all, new Piece(Piece.Kind.NOT_UNDERSTOOD, u.phrase(), u.from(), u.to())));
        all.sort(Comparator.comparingInt(Piece::from));
        return all;
    }

    private static void add(List<Piece> all, Piece piece) {
        if (all.stream().noneMatch(p -> p.from() < piece.to() && piece.from() < p.to())) {
            all.add(piece);
        }
    }
}
