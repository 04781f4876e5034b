package synopta.core.knowledge;

import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import synopta.core.quantity.Ordered;
import synopta.core.quantity.Slugged;

/**
 * Something that can be asked, seen or measured. Its answers exclude each other: first the clear one, which stands when
 * nothing brings another about, then the telling ones, which faults bring about. Where two faults bring about different
 * ones, the later is what is met: it drowns the earlier (a steady squeal is heard over one that comes once a turn).
 *
 * @param id identifier, unique in the pack
 * @param question question as it is asked
 * @param hint how to find out, where it helps
 * @param answers the clear one first; at least two
 * @param minutes how long it takes to find out
 * @param who who may find it out
 * @param opens what must come off to find out
 * @param hazards what may hurt whoever finds out
 * @param basis where the figure or the words come from
 * @param after answers of other findings of which one must be known before this is asked, as what squeals before when;
 *     none where the question takes nothing for granted
 */
public record Finding(
        String id,
        String question,
        @Nullable String hint,
        List<Answer> answers,
        double minutes,
        Who who,
        @Nullable String opens,
        Set<Hazard> hazards,
        Basis basis,
        List<Implied> after) {
    /** Copies; refuses fewer than two answers, doubled slugs, leaks of 1 or more in all, and a time not above 0. */
    public Finding {
        answers = List.copyOf(answers);
        hazards = Ordered.set(hazards);
        after = List.copyOf(after);
        if (answers.size() < 2) {
            throw new IllegalArgumentException("A finding needs at least two answers, the normal one first.");
        }
        if (answers.stream().map(Answer::slug).distinct().count() < answers.size()) {
            throw new IllegalArgumentException("Two answers have the same name. Rename one.");
        }
        boolean built = answers.stream().allMatch(a -> a.leak() == 0);
        if (answers.stream().skip(1).anyMatch(a -> !(a.leak() > 0 || built))
                || answers.get(0).leak() != 0
                || !(answers.stream().mapToDouble(Answer::leak).sum() < 1)) {
            throw new IllegalArgumentException(
                    "Leaks (%s) must lie above 0 for every telling answer, below 1 together, and be none for the clear one."
                            .formatted(answers.stream().map(Answer::leak).toList()));
        }
        if (!(minutes > 0 && minutes < 600)) {
            throw new IllegalArgumentException("Minutes (%s) must lie above 0 and below 600.".formatted(minutes));
        }
    }

    /**
     * An answer.
     *
     * @param slug its word in the API
     * @param words what is then known
     * @param leak probability of it with none of the pack's faults; 0 for the clear answer
     * @param said phrases by which callers say it unasked
     * @param implies what is implied once it is given: what thumps is not dead
     * @param moot findings that need no asking once it is given
     * @param stop what to say and do at once, where nothing more is asked or sold then; null otherwise
     */
    public record Answer(
            String slug,
            String words,
            double leak,
            List<String> said,
            List<Implied> implies,
            Set<String> moot,
            @Nullable String stop) {
        /** Copies. */
        public Answer {
            said = List.copyOf(said);
            implies = List.copyOf(implies);
            moot = Ordered.set(moot);
        }

        /** An answer that callers do not give unasked and that says nothing of others. */
        public static Answer plain(String slug, String words, double leak) {
            return new Answer(slug, words, leak, List.of(), List.of(), Set.of(), null);
        }
    }

    /** The same with other answers. */
    public Finding with(List<Answer> others) {
        return new Finding(id, question, hint, others, minutes, who, opens, hazards, basis, after);
    }

    /**
     * An answer to another finding, by its slug.
     *
     * @param finding id of the finding
     * @param answer slug of the answer
     */
    public record Implied(String finding, String answer) {}

    /**
     * Whether it is a matter of construction: what it was built with, not what has failed. Its answers are kinds of
     * which a machine has exactly one ({@link Layout#kinds}), and nothing brings one about by chance.
     */
    public boolean isOfConstruction() {
        return answers.stream().allMatch(a -> a.leak == 0);
    }

    /** Whether one of its answers stops everything. */
    public boolean isStop() {
        return answers.stream().anyMatch(a -> a.stop != null);
    }

    /** Whether this is one of its answers. */
    public boolean knows(String slug) {
        return answers.stream().anyMatch(a -> a.slug.equals(slug));
    }

    /** The place of an answer in the list, 0 for the clear one; any other word is refused. */
    public int level(String slug) {
        for (int level = 0; level < answers.size(); level++) {
            if (answers.get(level).slug.equals(slug)) {
                return level;
            }
        }
        throw new IllegalArgumentException("Answer (%s) to %s must be one of %s."
                .formatted(
                        slug,
                        id,
                        String.join(", ", answers.stream().map(Answer::slug).toList())));
    }

    /** The answer of a slug; any other word is refused. */
    public Answer answer(String slug) {
        return answers.get(level(slug));
    }

    /** Who may find it out. */
    public enum Who implements Slugged {
        CUSTOMER,
        TECHNICIAN,
        LICENSED;

        /** The person of a slug. */
        public static Who of(String slug) {
            return Slugged.of(Who.class, "Who", slug);
        }

        /** Whether this person may do what the other may. */
        public boolean may(Who other) {
            return compareTo(other) >= 0;
        }
    }
}
