package synopta.language;

import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import synopta.core.catalog.Appliance;

/** Reads a text as its clauses, with slips of the pen mended. */
final class ClauseEncoder {
    /** What the machines are called, in a regular expression. */
    static final String MACHINES = "dryer|drier|dish\\s?washer|microwave|range|stove|cooker";

    /** The machine itself, said at the head of a clause: the sayings have "it". An oven is a part of a range. */
    private static final Pattern MACHINE = Pattern.compile(
            "^\\s*(?:(?:my|the|our|this|an?)\\s+)?(?:(?:gas|electric|tumble)\\s+)?" + "(?:" + MACHINES
                    + "|micro)\\b[\\s,:]*(?=\\p{L})",
            Pattern.CASE_INSENSITIVE);

    private static final String NAMED =
            "^\\s*(?:and\\s+|but\\s+)?(?:the|my|our|his|her|their)\\s+(?:[\\p{L}']+\\s+)?(?:%s)\\b";
    private static final String NOT_COVERED =
            "washer|washing\\s+machine|fridge|refrigerator|freezer|air\\s+conditioner";

    /** What else may be spoken of beside each appliance; a gas range beside a dryer tells whether there is gas. */
    private static final Map<Appliance, Pattern> OTHERS = Map.of(
            Appliance.DRYER, others("microwave|dish\\s?washer"),
            Appliance.RANGE, others("microwave|dish\\s?washer|dryer|drier"),
            Appliance.DISHWASHER, others("microwave|range|stove|dryer|drier"),
            Appliance.MICROWAVE, others("range|stove|dish\\s?washer|dryer|drier"));

    private final Pattern others;
    private final Embedder embedder;
    private final Spelling spelling;

    ClauseEncoder(Appliance appliance, Embedder embedder, Spelling spelling) {
        others = OTHERS.get(appliance);
        this.embedder = embedder;
        this.spelling = spelling;
    }

    private static Pattern others(String names) {
        return Pattern.compile(NAMED.formatted(NOT_COVERED + "|" + names), Pattern.CASE_INSENSITIVE);
    }

    /**
     * The clauses of a text, every two neighbors, and the whole; but those that speak of another appliance.
     *
     * @param begun where clauses are known to begin, besides where words and marks say so
     */
    List<Clause> of(String text, Set<Integer> begun) {
        List<Clauses.Span> spans = Clauses.of(text, begun).stream()
                .filter(span -> !others.matcher(span.text()).find())
                .toList();
        List<String> texts = spans.stream()
                .map(span -> MACHINE.matcher(spelling.mended(span.text())).replaceFirst("it "))
                .toList();
        List<float[]> vectors = embedder.embed(texts);
        return IntStream.range(0, spans.size())
                .mapToObj(i -> new Clause(
                        spans.get(i),
                        vectors.get(i),
                        WordBag.of(texts.get(i)),
                        stems(texts.get(i)),
                        WordBag.negations(texts.get(i))))
                .toList();
    }

    /** The stems of a text, by which two that say the same in the same words are one. */
    static String stems(String text) {
        return String.join(" ", WordBag.telling(text));
    }
}
