package synopta.core.knowledge;

import synopta.core.quantity.Slugged;

/**
 * A word that prevents the return of a right part.
 *
 * @param kind kind, from a closed list
 * @param text words that are read or printed
 * @param basis where the figure or the words come from
 */
public record HandoverNote(Kind kind, String text, Basis basis) {
    /** What becomes of the thing the note speaks of. */
    public enum Kind implements Slugged {
        IN_THE_BAG,
        REUSE,
        BUY,
        DISCARD;

        /** The kind of a slug. */
        public static Kind of(String slug) {
            return Slugged.of(Kind.class, "Note", slug);
        }
    }
}
