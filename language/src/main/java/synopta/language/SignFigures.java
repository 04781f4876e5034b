package synopta.language;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.DoubleStream;
import java.util.stream.IntStream;
import synopta.core.diagnosis.ParsedComplaint;
import synopta.core.knowledge.Finding;
import synopta.core.knowledge.Pack;

/** The figures by which a sentence is judged to say an answer of a finding, or not. */
final class SignFigures {
    /** How many meanings of a sentence are looked at. */
    static final int CANDIDATES = 25;

    /** The figures that are multiplied with one another. */
    static final int PRODUCTS = 6;

    private static final double LEAST = 1e-9;
    private static final int MOST_RANKS = 8;

    private final List<String> meanings;
    private final int none;
    private final String[] findings;
    private final Map<String, List<Integer>> answersOf = new HashMap<>();
    private final Set<String> kinds = new HashSet<>();
    private final Map<String, Double> leaks = new HashMap<>();
    private final Set<String> usual = new HashSet<>();

    /** Figures for these meanings, "none of them" among them, of a pack. */
    SignFigures(Pack pack, List<String> meanings) {
        this.meanings = List.copyOf(meanings);
        none = meanings.indexOf(TrainingSayings.NONE);
        findings = meanings.stream().map(m -> m.split("=")[0]).toArray(String[]::new);
        for (int i = 0; i < findings.length; i++) {
            answersOf.computeIfAbsent(findings[i], f -> new ArrayList<>()).add(i);
        }
        for (Finding finding : pack.findings()) {
            if (finding.isOfConstruction()) {
                kinds.add(finding.id());
            }
            for (Finding.Answer answer : finding.answers()) {
                leaks.put(finding.id() + "=" + answer.slug(), answer.leak());
            }
            usual.add(finding.id() + "=" + finding.answers().get(0).slug());
        }
    }

    /**
     * A meaning that a sentence may have.
     *
     * @param meaning number of the meaning
     * @param clause where it is likeliest
     * @param figures what is judged by
     */
    record Candidate(int meaning, ClauseView clause, double[] figures) {}

    /** The meanings that a sentence may have, the likeliest by its clauses first. */
    List<Candidate> of(List<ClauseView> clauses, ParsedComplaint byWords) {
        double[] best = new double[meanings.size()];
        clauses.forEach(clause -> {
            for (int k = 0; k < best.length; k++) {
                best[k] = Math.max(best[k], clause.shares()[k]);
            }
        });
        Set<String> phrases = new HashSet<>();
        Set<String> phrased = new HashSet<>();
        byWords.heard().forEach(h -> {
            phrases.add(h.evidence().finding() + "=" + h.evidence().answer());
            phrased.add(h.evidence().finding());
        });
        double[] rising = best.clone();
        Arrays.sort(rising);
        double least = rising[Math.max(0, rising.length - CANDIDATES)];
        return IntStream.range(0, best.length)
                .filter(k -> k != none)
                .boxed()
                .sorted(Comparator.comparingDouble(k -> -best[k]))
                .filter(k -> best[k] >= least || phrases.contains(meanings.get(k)))
                .map(k -> candidate(k, clauses, phrases, phrased))
                .toList();
    }

    private Candidate candidate(int k, List<ClauseView> clauses, Set<String> phrases, Set<String> phrased) {
        ClauseView at = clauses.stream()
                .max(Comparator.comparingDouble(c -> c.shares()[k]))
                .orElseThrow();
        double[] figures = DoubleStream.concat(
                        DoubleStream.concat(byShares(k, at, clauses), byWords(k, at, clauses)),
                        bySentence(k, at, clauses, phrases, phrased))
                .toArray();
        return new Candidate(k, at, figures);
    }

    private List<Integer> others(int k) {
        return answersOf.get(findings[k]).stream().filter(j -> j != k).toList();
    }

    private DoubleStream byShares(int k, ClauseView at, List<ClauseView> clauses) {
        double share = at.shares()[k];
        double other = most(clauses, others(k), ClauseView::shares);
        double[] top = clauses.stream()
                .mapToDouble(c -> -log(c.shares()[k]))
                .sorted()
                .limit(2)
                .toArray();
        return DoubleStream.of(
                log(share),
                log(share) - log(other),
                share,
                log(at.shares()[none]),
                share / at.likeliest(),
                -Arrays.stream(top).average().orElse(0),
                Math.min(MOST_RANKS, at.likelier(k)),
                share + others(k).stream().mapToDouble(j -> at.shares()[j]).sum(),
                clauses.stream().mapToDouble(c -> c.shares()[none]).min().orElse(0));
    }

    private DoubleStream byWords(int k, ClauseView at, List<ClauseView> clauses) {
        double near = most(clauses, List.of(k), c -> c.words().nearest());
        return DoubleStream.of(
                near,
                most(clauses, List.of(k), c -> c.words().few()),
                at.words().nearest()[k],
                at.words().few()[k],
                near - most(clauses, others(k), c -> c.words().nearest()),
                at.nearestOfAll() - at.words().nearest()[k]);
    }

    private DoubleStream bySentence(
            int k, ClauseView at, List<ClauseView> clauses, Set<String> phrases, Set<String> phrased) {
        String meaning = meanings.get(k);
        boolean isPhrase = phrases.contains(meaning);
        return DoubleStream.of(
                at.span().words(),
                clauses.stream().mapToInt(c -> c.span().words()).max().orElse(0),
                clauses.size(),
                at.negations(),
                kinds.contains(findings[k]) ? 1 : 0,
                usual.contains(meaning) ? 1 : 0,
                leaks.getOrDefault(meaning, 0.0),
                isPhrase ? 1 : 0,
                !isPhrase && phrased.contains(findings[k]) ? 1 : 0);
    }

    private static double most(List<ClauseView> clauses, List<Integer> meanings, Function<ClauseView, float[]> of) {
        return clauses.stream()
                .flatMapToDouble(c -> meanings.stream().mapToDouble(k -> of.apply(c)[k]))
                .max()
                .orElse(0);
    }

    private static double log(double share) {
        return Math.log(share + LEAST);
    }
}
