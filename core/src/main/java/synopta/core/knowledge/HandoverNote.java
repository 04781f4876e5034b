package synopta.core.knowledge;

import java.util.Arrays;
import java.util.Locale;

/** A word that prevents the return of a right part. */
public record HandoverNote(Kind kind, String text, Basis basis) {
    /** What becomes of the thing the note speaks of. */
    public enum Kind {
        IN_THE_BAG,
        REUSE,
        BUY,
        DISCARD;

        /** The word of the packs and the API. */
        public String slug() {
            return name().toLowerCase(Locale.ROOT).replace('_', '-');
        }

        /** The kind of a slug. */
        public static Kind of(String slug) {
            return Arrays.stream(values())
                    .filter(k -> k.slug().equals(slug))
                    .findFirst()
                    .orElseThrow(() -> new IllegalArgumentException(
                            "Note (%s) must be one of in-the-bag, reuse, buy, discard.".formatted(slug)));
        }
    }
}
