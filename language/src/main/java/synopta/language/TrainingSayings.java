package synopta.language;

import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import java.util.Random;
import java.util.function.Function;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import synopta.core.knowledge.Saying;

/**
 * Sayings as one classifier has them: what it does not tell apart means one thing to it.
 *
 * @param sayings each once, in an order of their own
 * @param fewest sayings that a word stands in, to count
 */
record TrainingSayings(List<Saying> sayings, int fewest) {
    /** What stands for all that a classifier does not tell apart. */
    static final String NONE = "~none";

    /** Stands in a saying of an intent for the name of any part. */
    static final String ANY_PART = "{part}";

    /** What stands in one saying alone teaches nothing of others; but a part's name may. */
    private static final int TWICE = 2;

    /** A name of a part of fewer words says little of what else it is not. */
    private static final int DESCRIBING = 3;

    /** Of the many sayings of signs, one in so many shows what is no part, and what is no intent. */
    private static final int ONE_IN = 8;

    private static final int ONE_OF_INTENTS_IN = 40;

    /** In how many ways of speaking each name of a part is learnt, if it is no longer than so many words. */
    private static final int WAYS = 2;

    private static final int LONGEST_NAME = 6;

    /** How many parts' names are put into a saying of an intent. */
    private static final int NAMES = 5;

    /** What was renewed is an intent to one and a sign to the other: "since I put a belt in". */
    private static final String RENEWED = "~renewed";

    /** For telling signs apart; parts and intents are what a sign is told from. */
    static TrainingSayings ofSigns(List<Saying> sayings) {
        return of(
                sayings.stream()
                        .filter(s ->
                                !s.text().contains(ANY_PART) && !s.meaning().equals(RENEWED))
                        .filter(s -> !isPart(s) || Clauses.words(s.text()) >= DESCRIBING),
                s -> isSign(s) ? s.meaning() : NONE,
                TWICE);
    }

    /** For telling apart which part is spoken of. */
    static TrainingSayings ofParts(List<Saying> sayings) {
        return of(fewSigns(sayings, ONE_IN, s -> !s.text().contains(ANY_PART)), s -> isPart(s) ? s.meaning() : NONE, 1);
    }

    /**
     * With the names of parts within ways of speaking as well: a name that is only known alone is lost in "would you have
     * a ...".
     *
     * @param ways ways of speaking of parts
     */
    TrainingSayings spoken(List<PartLines.Way> ways) {
        List<String> lines = ways.stream().flatMap(PartLines.Way::ofOnePart).toList();
        Random random = new Random(sayings.size());
        Stream<Saying> spoken = sayings.stream()
                .filter(s -> isPart(s) && Clauses.words(s.text()) <= LONGEST_NAME)
                .flatMap(name -> IntStream.range(0, WAYS)
                        .mapToObj(i -> new Saying(
                                name.meaning(),
                                lines.get(random.nextInt(lines.size())).replace(ANY_PART, name.text()))));
        return of(Stream.concat(sayings.stream(), spoken), Saying::meaning, fewest);
    }

    /** For telling apart what callers are after, whatever the appliance. */
    static TrainingSayings ofIntents(List<Saying> sayings) {
        List<String> names = sayings.stream()
                .filter(TrainingSayings::isPart)
                .map(Saying::text)
                .distinct()
                .sorted()
                .collect(Collectors.toCollection(ArrayList::new));
        Collections.shuffle(names, new Random(names.size()));
        List<Saying> used =
                fewSigns(sayings, ONE_OF_INTENTS_IN, s -> !isPart(s)).distinct().toList();
        return of(
                IntStream.range(0, used.size()).boxed().flatMap(i -> filled(used.get(i), names, i * NAMES)),
                s -> isSign(s) ? NONE : s.meaning(),
                TWICE);
    }

    /**
     * For telling apart in what way a part is spoken of, its name left out.
     *
     * @param lines ways of speaking of parts, as {@link PartLines} has them
     */
    static TrainingSayings ofSpeech(List<Saying> sayings, List<PartLines.Way> lines) {
        return of(
                Stream.concat(
                        sayings.stream()
                                .filter(s -> s.text().contains(ANY_PART))
                                .map(s -> new Saying(s.meaning(), s.text().replace(ANY_PART, PartNames.ANY))),
                        lines.stream().flatMap(PartLines.Way::sayings)),
                Saying::meaning,
                1);
    }

    private static Stream<Saying> filled(Saying saying, List<String> names, int from) {
        return saying.text().contains(ANY_PART)
                ? IntStream.range(from, from + NAMES)
                        .mapToObj(i -> new Saying(
                                saying.meaning(), saying.text().replace(ANY_PART, names.get(i % names.size()))))
                : Stream.of(saying);
    }

    private static Stream<Saying> fewSigns(List<Saying> sayings, int oneIn, Predicate<Saying> used) {
        List<Saying> signs =
                sayings.stream().filter(TrainingSayings::isSign).distinct().toList();
        return Stream.concat(
                sayings.stream().filter(s -> !isSign(s)).filter(used),
                IntStream.range(0, signs.size()).filter(i -> i % oneIn == 0).mapToObj(signs::get));
    }

    private static TrainingSayings of(Stream<Saying> sayings, Function<Saying, String> meaning, int fewest) {
        return new TrainingSayings(
                sayings.map(s -> new Saying(meaning.apply(s), s.text()))
                        .distinct()
                        .sorted(Comparator.comparing(Saying::meaning).thenComparing(Saying::text))
                        .toList(),
                fewest);
    }

    private static boolean isSign(Saying saying) {
        return saying.meaning().contains("=");
    }

    private static boolean isPart(Saying saying) {
        return saying.meaning().startsWith(Saying.PART);
    }
}
