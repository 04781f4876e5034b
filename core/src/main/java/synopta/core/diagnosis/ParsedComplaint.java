package synopta.core.diagnosis;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import synopta.core.knowledge.Job;
import synopta.core.knowledge.MeterTest;
import synopta.core.knowledge.Pack;
import synopta.core.knowledge.StandardAnswer;
import synopta.core.quantity.Slugged;
import synopta.core.reading.Conditions;
import synopta.core.reading.Reading;

/**
 * What was heard in a complaint, and the words that meant nothing to us, each in the order it was said.
 *
 * @param heard findings that were heard
 * @param named parts spoken of by name
 * @param measured readings, each with the test it is of
 * @param unplaced readings of which it was not said what they are of
 * @param beside what was said that a reading is judged by: the room, the nameplate, the kind of part
 * @param doubts questions about parts that are right as they are
 * @param jobs work that is asked for as a whole
 * @param maybe clauses that may mean something, in the order they were said
 * @param intents what the caller is after
 * @param unheard words that nothing was made of
 */
public record ParsedComplaint(
        List<Heard> heard,
        List<Named> named,
        List<Measured> measured,
        List<Unplaced> unplaced,
        Conditions beside,
        List<Doubt> doubts,
        List<Wanted> jobs,
        List<Maybe> maybe,
        List<MeaningModel.Intent> intents,
        List<Unheard> unheard) {
    /** Nothing was said. */
    public static final ParsedComplaint NOTHING = new ParsedComplaint(
            List.of(),
            List.of(),
            List.of(),
            List.of(),
            Conditions.NONE,
            List.of(),
            List.of(),
            List.of(),
            List.of(),
            List.of());

    /** Copies. */
    public ParsedComplaint {
        heard = List.copyOf(heard);
        named = List.copyOf(named);
        measured = List.copyOf(measured);
        unplaced = List.copyOf(unplaced);
        doubts = List.copyOf(doubts);
        jobs = List.copyOf(jobs);
        maybe = List.copyOf(maybe);
        intents = List.copyOf(intents);
        unheard = List.copyOf(unheard);
    }

    /** How many characters of the complaint were understood: tells which appliance is meant when nobody said. */
    public int understood() {
        return heard.stream().mapToInt(h -> h.phrase().length()).sum()
                + named.stream().mapToInt(n -> n.phrase().length()).sum()
                + doubts.stream().mapToInt(d -> d.phrase().length()).sum()
                + jobs.stream().mapToInt(j -> j.phrase().length()).sum();
    }

    /** Part types that are asked for by their names. */
    public Set<String> asked() {
        return named.stream()
                .filter(n -> n.how() == Named.How.ASKED)
                .flatMap(n -> n.partTypes().stream())
                .collect(Collectors.toSet());
    }

    /** Answers to questions about parts that are right as they are. */
    public List<StandardAnswer> rights() {
        return doubts.stream().map(Doubt::answer).toList();
    }

    /** The same without some of the readings that may be meant. */
    public ParsedComplaint without(Predicate<MeaningModel.Reading> settled) {
        List<Maybe> open = maybe.stream()
                .map(m -> new Maybe(
                        m.phrase, m.options.stream().filter(settled.negate()).toList(), m.from, m.to))
                .filter(m -> !m.options.isEmpty())
                .toList();
        return new ParsedComplaint(heard, named, measured, unplaced, beside, doubts, jobs, open, intents, unheard);
    }

    /**
     * The same, where a word that means several parts means only those that the machine may hold, if it holds any, and of
     * them those that a job takes or that are asked for by their numbers, if they are among them.
     *
     * @param partTypes that the machine may hold
     * @param byNumber part types of the numbers that are asked for
     */
    public ParsedComplaint within(Pack pack, Set<String> partTypes, Set<String> byNumber) {
        Set<String> ofJobs = jobs.stream()
                .flatMap(wanted -> wanted.job().needs().stream())
                .map(Job.Piece::partType)
                .collect(Collectors.toSet());
        List<Named> meant = named.stream()
                .map(n -> n.among(partTypes).among(ofJobs).among(byNumber))
                .toList();
        List<Measured> placed = new ArrayList<>(measured);
        List<Unplaced> left = new ArrayList<>();
        for (Unplaced reading : unplaced) {
            List<MeterTest> held = reading.tests.stream()
                    .flatMap(id -> pack.test(id).stream())
                    .filter(test -> pack.partTypes(test).stream().anyMatch(partTypes::contains))
                    .toList();
            if (held.size() == 1) {
                placed.add(new Measured(held.get(0), reading.reading, reading.phrase, reading.from, reading.to));
            } else {
                left.add(held.isEmpty() ? reading : reading.of(held));
            }
        }
        return new ParsedComplaint(heard, meant, placed, left, beside, doubts, jobs, maybe, intents, unheard);
    }

    /**
     * A finding heard unasked.
     *
     * @param evidence evidence that is weighed
     * @param probability that it is said
     * @param phrase the caller's words
     * @param from first character of the phrase in the complaint
     * @param to after its last
     */
    public record Heard(Evidence evidence, double probability, String phrase, int from, int to) {}

    /**
     * A clause that may mean something, to be confirmed or rejected.
     *
     * @param phrase the caller's words
     * @param options what it may mean, the likeliest first
     * @param from first character of the phrase in the complaint
     * @param to after its last
     */
    public record Maybe(String phrase, List<MeaningModel.Reading> options, int from, int to) {
        /** Copies. */
        public Maybe {
            options = List.copyOf(options);
        }
    }

    /**
     * A part's name.
     *
     * @param partTypes what the word may mean; several until one is chosen
     * @param how in what way it was spoken of
     * @param phrase words of the complaint it came from
     * @param from first character in the complaint, from 0
     * @param to character after the last
     */
    public record Named(List<String> partTypes, How how, String phrase, int from, int to) {
        /** Copies. */
        public Named {
            partTypes = List.copyOf(partTypes);
        }

        /** The same, only spoken of. */
        Named mentioned() {
            return new Named(partTypes, How.MENTIONED, phrase, from, to);
        }

        /** The same, meaning only those of some part types, if it means any of them. */
        Named among(Set<String> some) {
            List<String> held = partTypes.stream().filter(some::contains).toList();
            return held.isEmpty() ? this : new Named(held, how, phrase, from, to);
        }

        /** How a part may be spoken of. */
        public enum How implements Slugged {
            /** Asked for, or thought to be it. */
            ASKED,
            /** Spoken of in telling a sign or a reading. */
            MENTIONED,
            /** Said not to be it. */
            DENIED,
            /** Renewed already. */
            RENEWED
        }
    }

    /**
     * A reading of a test.
     *
     * @param test test it belongs to
     * @param reading what the meter showed
     * @param phrase words of the complaint it came from
     * @param from first character in the complaint, from 0
     * @param to character after the last
     */
    public record Measured(MeterTest test, Reading reading, String phrase, int from, int to) {}

    /**
     * A reading that may be of several tests, by their ids.
     *
     * @param tests ids of the tests it may belong to
     * @param reading what the meter showed
     * @param phrase words of the complaint it came from
     * @param from first character in the complaint, from 0
     * @param to character after the last
     */
    public record Unplaced(List<String> tests, Reading reading, String phrase, int from, int to) {
        /** Copies. */
        public Unplaced {
            tests = List.copyOf(tests);
        }

        private Unplaced of(List<MeterTest> fewer) {
            return new Unplaced(fewer.stream().map(t -> t.finding().id()).toList(), reading, phrase, from, to);
        }
    }

    /**
     * A question about a right part.
     *
     * @param answer answer to give
     * @param phrase words of the complaint it came from
     * @param from first character in the complaint, from 0
     * @param to character after the last
     */
    public record Doubt(StandardAnswer answer, String phrase, int from, int to) {}

    /**
     * Work that is asked for as a whole.
     *
     * @param job the job
     * @param phrase words of the complaint it came from
     * @param from first character in the complaint, from 0
     * @param to character after the last
     */
    public record Wanted(Job job, String phrase, int from, int to) {}

    /**
     * Words that were not understood, with their place in the complaint.
     *
     * @param phrase words of the complaint it came from
     * @param from first character in the complaint, from 0
     * @param to character after the last
     */
    public record Unheard(String phrase, int from, int to) {}
}
