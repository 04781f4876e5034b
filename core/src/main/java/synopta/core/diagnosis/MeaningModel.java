package synopta.core.diagnosis;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import synopta.core.knowledge.Pack;

/** Tells what clauses of a complaint mean; learnt from sayings and labelled sentences. */
public interface MeaningModel {
    /** Nothing is known beyond the phrases of the packs. */
    MeaningModel NONE = (said, byWords) -> Meanings.NONE;

    /** Nothing is known beyond the phrases, whatever the pack. */
    Function<Pack, MeaningModel> UNTAUGHT = pack -> NONE;

    /**
     * What a complaint means, of each kind the likeliest first; nothing below one in a hundred.
     *
     * @param complaint what the caller says, without model, serial and the like
     * @param byWords what the phrases of the pack hear in it
     */
    Meanings read(String complaint, ParsedComplaint byWords);

    /** Why the likeliest readings are what they are, the likeliest first; none where nothing was learnt. */
    default List<Explanation> explain(String complaint, ParsedComplaint byWords) {
        return List.of();
    }

    /**
     * Why a reading is likely.
     *
     * @param reading the reading
     * @param nearest sayings of the answer whose words come nearest, the nearest first
     * @param words of the clause that speak most for the answer, the foremost first; those against with a minus sign
     */
    record Explanation(Reading reading, List<String> nearest, List<String> words) {
        /** Copies. */
        public Explanation {
            nearest = List.copyOf(nearest);
            words = List.copyOf(words);
        }
    }

    /**
     * What a complaint may mean.
     *
     * @param readings answers of findings
     * @param parts parts that are spoken of, each once
     * @param intents what the caller is after, each once
     */
    record Meanings(List<Reading> readings, List<PartReading> parts, List<Intent> intents) {
        /** Nothing is known. */
        public static final Meanings NONE = new Meanings(List.of(), List.of(), List.of());

        /** Copies. */
        public Meanings {
            readings = List.copyOf(readings);
            parts = List.copyOf(parts);
            intents = List.copyOf(intents);
        }
    }

    /**
     * A part that may be spoken of.
     *
     * @param partType slug of the part type
     * @param how in what way it is likeliest spoken of
     * @param probability that it is spoken of so
     * @param from first character of the words in the complaint
     * @param to after its last
     */
    record PartReading(String partType, ParsedComplaint.Named.How how, double probability, int from, int to) {}

    /**
     * What a caller is after with a clause.
     *
     * @param intent slug, as the sayings name it: `wants`, `price`, `return`
     * @param probability that it is so
     * @param from first character of the clause in the complaint
     * @param to after its last
     */
    record Intent(String intent, double probability, int from, int to) {}

    /**
     * One thing that a clause may mean.
     *
     * @param finding id in the pack
     * @param answer slug of the answer
     * @param probability that it is said
     * @param from first character of the clause in the complaint
     * @param to after its last
     */
    record Reading(String finding, String answer, double probability, int from, int to) {
        private static final String REJECTED = "reading:";

        /** What it is struck out by, once it was rejected in a case; the caller's words are kept with it. */
        public String key(String words) {
            return "%s%s=%s:%s".formatted(REJECTED, finding, answer, words);
        }

        /** Whether it is struck out, in whatever words. */
        public boolean isRejected(Set<String> excluded) {
            String key = key("");
            return excluded.stream().anyMatch(e -> e.startsWith(key) || e.equals(key.substring(0, key.length() - 1)));
        }

        /** Finding, answer and words of a key; empty when it is no key of a reading with its words. */
        public static Optional<List<String>> rejected(String key) {
            String[] reading =
                    key.startsWith(REJECTED) ? key.substring(REJECTED.length()).split("[=:]", 3) : new String[0];
            return reading.length == 3 ? Optional.of(List.of(reading)) : Optional.empty();
        }
    }
}
