package synopta.language;

import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.DoubleStream;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import synopta.core.diagnosis.ParsedComplaint;
import synopta.core.diagnosis.ParsedComplaint.Named.How;

/** The figures by which a sentence is judged to ask for a part, to deny it, or to tell that it was renewed. */
final class PartFigures {
    /** How many parts of a sentence are looked at. */
    static final int CANDIDATES = 8;

    /** The figures that are multiplied with one another. */
    static final int PRODUCTS = 6;

    /** From here on nearly all words of a name stand in the clause. */
    private static final double NAMED = 0.8;

    private static final double LEAST = 1e-9;
    private static final int MOST_RANKS = 8;
    private static final List<String> TELLING = List.of("~wants", "~denies", "~renewed", "~doubt");

    private final List<String> meanings;
    private final int none;
    private final int[] telling;
    private final int noIntent;
    private final PartNames names;
    private final Speech speech;

    /**
     * Figures.
     *
     * @param meanings parts as the sayings have them, "none of them" among them
     * @param intents what callers may be after
     * @param names of the parts
     * @param speech tells in what way they are spoken of
     */
    PartFigures(List<String> meanings, List<String> intents, PartNames names, Speech speech) {
        this.names = names;
        this.speech = speech;
        this.meanings = List.copyOf(meanings);
        none = meanings.indexOf(TrainingSayings.NONE);
        telling = TELLING.stream().mapToInt(intents::indexOf).toArray();
        noIntent = intents.indexOf(TrainingSayings.NONE);
    }

    /**
     * A sentence in the three ways it is looked at, clause by clause.
     *
     * @param parts which part is spoken of
     * @param intents what the caller is after
     * @param byWords what the phrases hear
     */
    record Said(List<ClauseView> parts, List<ClauseView> intents, ParsedComplaint byWords) {}

    /** Tells in what way parts are spoken of in texts, their names left out. */
    interface Speech {
        /** The shares of asking, denying and renewing, as the hows are ordered: texts x ways. */
        List<float[]> shares(List<String> texts);
    }

    /**
     * A part that a sentence may speak of.
     *
     * @param meaning number of the part
     * @param clause where it is likeliest
     * @param figures what is judged by
     */
    record Candidate(int meaning, ClauseView clause, double[] figures) {}

    /** The parts that a sentence may speak of, the likeliest by its clauses first. */
    List<Candidate> of(Said said) {
        double[] shares = most(said.parts, ClauseView::shares);
        double[] contained = most(said.parts, v -> v.words().contained());
        double[] rising = shares.clone();
        Arrays.sort(rising);
        double least = rising[Math.max(0, rising.length - CANDIDATES)];
        List<PartNames.Text> texts = said.parts.stream()
                .map(clause -> PartNames.Text.of(clause.span().text()))
                .toList();
        List<Integer> looked = IntStream.range(0, shares.length)
                .filter(k -> k != none)
                .filter(k -> shares[k] >= least || contained[k] >= NAMED || phrase(k, said) != null)
                .boxed()
                .sorted(Comparator.comparingDouble(k -> -shares[k]))
                .toList();
        Map<Integer, float[][]> spoken = speech(looked, texts);
        return looked.stream()
                .map(k -> candidate(k, said, shares, contained, spoken.get(k)))
                .toList();
    }

    private double[] most(List<ClauseView> clauses, Function<ClauseView, float[]> of) {
        double[] most = new double[meanings.size()];
        clauses.forEach(clause -> {
            float[] values = of.apply(clause);
            for (int k = 0; k < most.length; k++) {
                most[k] = Math.max(most[k], values[k]);
            }
        });
        return most;
    }

    private ParsedComplaint.Named phrase(int k, Said said) {
        return said.byWords.named().stream()
                .filter(n -> n.partTypes().contains(meanings.get(k).substring(1)))
                .findFirst()
                .orElse(null);
    }

    private Candidate candidate(int k, Said said, double[] shares, double[] contained, float[][] speech) {
        int at = IntStream.range(0, said.parts.size())
                .boxed()
                .max(Comparator.comparingDouble(i -> said.parts.get(i).shares()[k]
                        + said.parts.get(i).words().contained()[k]))
                .orElseThrow();
        ClauseView view = said.parts.get(at);
        double other = IntStream.range(0, contained.length)
                .filter(j -> j != k && j != none)
                .mapToDouble(j -> contained[j])
                .max()
                .orElse(0);
        double[] figures = Stream.of(
                        byName(shares[k], contained[k], other, speech),
                        byClause(k, view, shares[k]),
                        DoubleStream.of(said.parts.size()),
                        byPhrase(phrase(k, said)),
                        byIntent(at, said))
                .flatMapToDouble(of -> of)
                .toArray();
        return new Candidate(k, view, figures);
    }

    /** The first of these are multiplied with one another. */
    private static DoubleStream byName(double share, double contained, double other, float[][] speech) {
        return DoubleStream.of(
                contained,
                speech[0][0],
                speech[0][1],
                speech[0][2],
                Math.log(share + LEAST),
                contained - other,
                speech[1][0],
                speech[1][1],
                speech[1][2]);
    }

    private DoubleStream byClause(int k, ClauseView view, double share) {
        return DoubleStream.of(
                Math.log(view.shares()[none] + LEAST),
                view.words().nearest()[k],
                share,
                Math.min(MOST_RANKS, view.likelier(k)),
                view.span().words(),
                view.negations());
    }

    private static DoubleStream byPhrase(ParsedComplaint.Named phrase) {
        return phrase == null
                ? DoubleStream.of(0, 0, 0, 0, 0)
                : DoubleStream.of(
                        1.0 / phrase.partTypes().size(),
                        phrase.how() == How.ASKED ? 1 : 0,
                        phrase.how() == How.DENIED ? 1 : 0,
                        phrase.how() == How.RENEWED ? 1 : 0,
                        phrase.phrase().length());
    }

    /**
     * In what way the smallest clause and the largest that hold a part's name speak of it; nothing without a name. All are
     * looked at in one go, which is faster.
     */
    private Map<Integer, float[][]> speech(List<Integer> parts, List<PartNames.Text> texts) {
        Map<Integer, List<String>> masked = new LinkedHashMap<>();
        parts.forEach(k -> masked.put(k, masked(k, texts)));
        List<String> all =
                masked.values().stream().flatMap(List::stream).distinct().toList();
        List<float[]> shares = all.isEmpty() ? List.of() : speech.shares(all);
        Map<Integer, float[][]> spoken = new HashMap<>();
        masked.forEach((k, of) -> spoken.put(
                k,
                of.isEmpty()
                        ? new float[2][Judges.HOWS.length]
                        : new float[][] {
                            shares.get(all.indexOf(of.get(0))), shares.get(all.indexOf(of.get(of.size() - 1)))
                        }));
        return spoken;
    }

    /** The smallest clause and the largest that hold the part's name, without it. */
    private List<String> masked(int k, List<PartNames.Text> texts) {
        List<String> masked = texts.stream()
                .flatMap(text ->
                        Stream.of(names.without(text, meanings.get(k))).filter(without -> !without.equals(text.text())))
                .sorted(Comparator.comparingInt(String::length))
                .toList();
        return masked.size() < 2 ? masked : List.of(masked.get(0), masked.get(masked.size() - 1));
    }

    /** What the clause is after, and what those are that overlap it. */
    private DoubleStream byIntent(int at, Said said) {
        ClauseView here = said.intents.get(at);
        List<ClauseView> around = said.intents.stream()
                .filter(v -> v.span().from() < here.span().to()
                        && here.span().from() < v.span().to())
                .toList();
        return DoubleStream.concat(
                Arrays.stream(telling).mapToDouble(i -> here.shares()[i]),
                DoubleStream.concat(
                        Arrays.stream(telling)
                                .mapToDouble(i -> around.stream()
                                        .mapToDouble(v -> v.shares()[i])
                                        .max()
                                        .orElse(0)),
                        DoubleStream.of(here.shares()[noIntent])));
    }
}
