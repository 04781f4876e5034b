package synopta.core.tag;

import java.util.Locale;

/** What goes wrong with a reading besides one character taken for another. */
public enum EditError {
    /** Two neighbours the wrong way round, for each character. */
    SWAPPED("two neighbours the wrong way round"),
    /** A character left out, for each character. */
    DROPPED("a character left out"),
    /** A character too many, for each character. */
    EXTRA("a character too many"),
    /** The end is worn off, for each reading. */
    WORN_END("the end of the number is lost"),
    /** One more character is lost there, for each that is. */
    WORN_CHARACTER("of a lost end, one character more");

    private final String words;

    EditError(String words) {
        this.words = words;
    }

    /** What it is called. */
    public String words() {
        return words;
    }

    /** The word of the API. */
    public String slug() {
        return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    /** The slip of a slug. */
    public static EditError of(String slug) {
        return valueOf(slug.toUpperCase(Locale.ROOT).replace('-', '_'));
    }
}
