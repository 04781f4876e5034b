package synopta.core.tag;

import synopta.core.quantity.Slugged;

/** What goes wrong with a reading besides one character taken for another. */
public enum EditError implements Slugged {
    /** Two neighbors the wrong way round, for each character. */
    SWAPPED("two characters swapped"),
    /** A character left out, for each character. */
    DROPPED("a missing character"),
    /** A character too many, for each character. */
    EXTRA("an extra character"),
    /** The end is worn off, for each reading. */
    WORN_END("the end of the number is missing"),
    /** One more character is lost there, for each that is. */
    WORN_CHARACTER("each further missing character at the end");

    private final String words;

    EditError(String words) {
        this.words = words;
    }

    /** What it is called. */
    public String words() {
        return words;
    }

    /** The slip of a slug. */
    public static EditError of(String slug) {
        return Slugged.of(EditError.class, "Reading error", slug);
    }
}
