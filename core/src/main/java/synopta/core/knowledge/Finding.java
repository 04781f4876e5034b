package synopta.core.knowledge;

import java.util.List;
import java.util.Locale;

/**
 * Something that can be asked, seen or measured, with two answers: the telling one, which faults bring about, and the
 * clear one.
 *
 * @param telling the telling answer in words, for the list of what is known
 * @param leak probability of the telling answer with none of the pack's faults
 * @param minutes how long it takes to find out
 * @param said phrases by which callers say it unasked
 * @param clearSaid phrases by which they say its contrary
 * @param implies what goes without saying once the telling answer is given: what thumps is not dead
 */
public record Finding(
        String id,
        String question,
        Answer telling,
        Answer clear,
        double leak,
        double minutes,
        Who who,
        Basis basis,
        List<String> said,
        List<String> clearSaid,
        List<Implied> implies) {
    /** Copies; refuses a leak outside 0 to 1 (both excluded) and a time that is not above 0. */
    public Finding {
        if (!(leak > 0 && leak < 1)) {
            throw new IllegalArgumentException("Leak (%s) must lie between 0 and 1, both excluded.".formatted(leak));
        }
        if (!(minutes > 0 && minutes < 600)) {
            throw new IllegalArgumentException("Minutes (%s) must lie above 0 and below 600.".formatted(minutes));
        }
        said = List.copyOf(said);
        clearSaid = List.copyOf(clearSaid);
        implies = List.copyOf(implies);
    }

    /** An answer: its slug for the API, its words for the list of what is known. */
    public record Answer(String slug, String words) {}

    /** An answer to another finding, by its slug. */
    public record Implied(String finding, String answer) {}

    /** The answer of that slug: true for the telling one; any other word is refused. */
    public boolean isTelling(String slug) {
        if (!slug.equals(telling.slug) && !slug.equals(clear.slug)) {
            throw new IllegalArgumentException(
                    "Answer (%s) to %s must be %s or %s.".formatted(slug, id, telling.slug, clear.slug));
        }
        return slug.equals(telling.slug);
    }

    /** Who may find it out. */
    public enum Who {
        CUSTOMER,
        FITTER,
        LICENSED;

        /** The word of the packs and the API. */
        public String slug() {
            return name().toLowerCase(Locale.ROOT);
        }

        /** The person of a slug. */
        public static Who of(String slug) {
            for (Who who : values()) {
                if (who.slug().equals(slug)) {
                    return who;
                }
            }
            throw new IllegalArgumentException("Who (%s) must be customer, fitter or licensed.".formatted(slug));
        }
    }
}
