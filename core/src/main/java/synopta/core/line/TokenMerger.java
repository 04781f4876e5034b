package synopta.core.line;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import synopta.core.diagnosis.ParsedComplaint;

/** The pieces of a line together with what was and was not heard in it; no two overlap. */
public final class TokenMerger {
    private TokenMerger() {}

    public static List<LineToken> of(List<LineToken> sorted, ParsedComplaint parsed) {
        List<LineToken> all = new ArrayList<>();
        parsed.heard().forEach(h -> add(all, new LineToken(LineToken.Kind.COMPLAINT, h.phrase(), h.from(), h.to())));
        parsed.doubts().forEach(d -> add(all, new LineToken(LineToken.Kind.COMPLAINT, d.phrase(), d.from(), d.to())));
        parsed.jobs().forEach(j -> add(all, new LineToken(LineToken.Kind.COMPLAINT, j.phrase(), j.from(), j.to())));
        parsed.measured().forEach(m -> add(all, new LineToken(LineToken.Kind.READING, m.phrase(), m.from(), m.to())));
        parsed.unplaced().forEach(m -> add(all, new LineToken(LineToken.Kind.READING, m.phrase(), m.from(), m.to())));
        parsed.named().forEach(n -> add(all, new LineToken(LineToken.Kind.PART, n.phrase(), n.from(), n.to())));
        sorted.forEach(p -> add(all, p));
        parsed.unheard()
                .forEach(u -> add(all, new LineToken(LineToken.Kind.NOT_UNDERSTOOD, u.phrase(), u.from(), u.to())));
        all.sort(Comparator.comparingInt(LineToken::from));
        return all;
    }

    private static void add(List<LineToken> all, LineToken piece) {
        if (LineToken.isFree(all, piece.from(), piece.to())) {
            all.add(piece);
        }
    }
}
