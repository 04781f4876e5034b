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
        hearing.doubts().forEach(d -> add(all, new Piece(Piece.Kind.COMPLAINT, d.phrase(), d.from(), d.to())));
        hearing.measured().forEach(m -> add(all, new Piece(Piece.Kind.READING, m.phrase(), m.from(), m.to())));
        hearing.unplaced().forEach(m -> add(all, new Piece(Piece.Kind.READING, m.phrase(), m.from(), m.to())));
        hearing.named().forEach(n -> add(all, new Piece(Piece.Kind.PART, n.phrase(), n.from(), n.to())));
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
