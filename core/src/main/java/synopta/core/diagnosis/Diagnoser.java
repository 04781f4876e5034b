package synopta.core.diagnosis;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import synopta.core.knowledge.Pack;
import synopta.core.quantity.Probability;

/**
 * From evidence to suspects, questions and advice, for one appliance.
 *
 * <p>Posteriors are exact ({@link Inference}); how the evidence moved a suspect is its log odds with all evidence less
 * those with the piece left out. Cost: one inference for each piece of evidence and each answer of each question.
 */
public final class Diagnoser {
    /**
     * States that are gone through at most: {@value}, as of 12 telling answers. The exact sum doubles with each; past
     * the limit what surprises least is not considered, and said to be.
     */
    public static final int MOST_STATES = 4096;

    /** Reasons that moved a suspect by less, in bits, are left out. */
    private static final double LEAST_REASON_BITS = 0.1;

    /** From here on evidence has drawn a fault in, though it brings about no sign itself. */
    private static final double MUCH_BITS = 1;

    private final Pack pack;
    private final PackModel model;
    private final ComplaintParser listener;
    private final MeaningModel meanings;

    /** Diagnoses with the knowledge of this pack, and hears by its phrases alone. */
    public Diagnoser(Pack pack) {
        this(pack, MeaningModel.NONE);
    }

    /** Diagnoses with the knowledge of this pack, and hears by its phrases and by what was learnt of meanings. */
    public Diagnoser(Pack pack, MeaningModel meanings) {
        this.pack = pack;
        this.meanings = meanings;
        model = new PackModel(pack);
        listener = new ComplaintParser(pack);
    }

    /** What a complaint says in the caller's own words, and what was not understood. */
    public ParsedComplaint hear(String complaint) {
        return heard(complaint, phrases(complaint));
    }

    /** What it says, where the phrases in it are known. */
    public ParsedComplaint heard(String complaint, ParsedComplaint byWords) {
        return meanings == MeaningModel.NONE
                ? byWords
                : Interpretation.of(complaint, byWords, meanings.read(complaint, byWords));
    }

    /** Why it is heard so; nothing where the phrases alone are heard. */
    public List<MeaningModel.Explanation> explain(String complaint) {
        return meanings.explain(complaint, phrases(complaint));
    }

    /** What the phrases of the pack alone hear of it. */
    public ParsedComplaint phrases(String complaint) {
        return listener.hear(complaint);
    }

    /** By each piece of evidence, what would be believed but for it. */
    private Map<Evidence, double[]> withoutEach(Posterior posterior, List<Evidence> evidence) {
        Map<Evidence, double[]> without = new LinkedHashMap<>();
        for (Evidence piece : evidence) {
            List<Evidence> others =
                    evidence.stream().filter(e -> !e.equals(piece)).toList();
            without.put(piece, posterior(posterior, others));
        }
        return without;
    }

    /** Diagnoses. Refuses a finding the pack does not have, and an answer that is none of its own. */
    public Diagnosis diagnose(DiagnosisQuery inquiry) {
        List<Evidence> all = lastOfEach(inquiry.evidence());
        Posterior posterior = new Posterior(model, inquiry.machine());
        Posterior.Selection selected = posterior.select(all, MOST_STATES);
        List<Evidence> evidence = selected.kept();
        Inference known = posterior.infer(evidence);
        double[] probabilities = Posterior.joint(known, List.of()).faults();
        Map<Evidence, double[]> without = withoutEach(posterior, inquiry.asking() ? evidence : List.of());
        List<Evidence> symptoms = evidence.stream().filter(model::isSign).toList();
        double[] before = symptoms.isEmpty() ? probabilities : posterior(posterior, List.of());
        List<Suspect> suspects = IntStream.range(0, probabilities.length)
                .filter(i -> !pack.faults().get(i).isMechanism())
                .mapToObj(i -> {
                    boolean rose = logOdds(probabilities[i]) - logOdds(before[i]) >= MUCH_BITS;
                    boolean shows = symptoms.stream().anyMatch(symptom -> model.shows(i, symptom));
                    return suspect(i, probabilities[i], without, symptoms.isEmpty() || rose || shows);
                })
                .sorted(Comparator.comparing(Suspect::concerned)
                        .thenComparing(Suspect::probability)
                        .reversed()
                        .thenComparing(s -> s.fault().id()))
                .toList();
        QuestionSelector questions = new QuestionSelector(model, posterior, inquiry, evidence, known);
        Advice advice = new Advisor(pack, questions, inquiry.costs()).advise(inquiry);
        Optional<String> advised = advice.options().stream().findFirst().map(Advice.Option::finding);
        return new Diagnosis(
                suspects, questions.parts(), questions.questions(advised.orElse(null)), advice, selected.aside());
    }

    private List<Evidence> lastOfEach(List<Evidence> answers) {
        Map<String, Evidence> last = new LinkedHashMap<>();
        for (Evidence answer : answers) {
            pack.finding(answer.finding())
                    .orElseThrow(() -> new IllegalArgumentException(
                            "Finding (%s) is not known for a %s. Ask one of those in `next`."
                                    .formatted(
                                            answer.finding(), pack.appliance().slug())))
                    .level(answer.answer());
            last.put(answer.finding(), answer);
        }
        return new ArrayList<>(last.values());
    }

    private String words(Evidence piece) {
        String words = pack.finding(piece.finding())
                .orElseThrow()
                .answer(piece.answer())
                .words();
        return piece.sure() ? words : words + " (perhaps)";
    }

    private Suspect suspect(int i, double posterior, Map<Evidence, double[]> without, boolean concerned) {
        List<Suspect.Reason> because = new ArrayList<>();
        without.forEach((piece, others) -> {
            double bits = logOdds(posterior) - logOdds(others[i]);
            if (Math.abs(bits) >= LEAST_REASON_BITS) {
                because.add(new Suspect.Reason(piece, words(piece), bits));
            }
        });
        because.sort(Comparator.comparingDouble(r -> -Math.abs(r.weightBits())));
        return new Suspect(pack.faults().get(i), Probability.rounded(posterior), concerned, because);
    }

    private static double[] posterior(Posterior posterior, List<Evidence> evidence) {
        return Posterior.joint(posterior.infer(evidence), List.of()).faults();
    }

    /** Base-2 log odds, kept finite at the ends. */
    public static double logOdds(double probability) {
        double p = Math.max(1e-12, Math.min(1 - 1e-12, probability));
        return Math.log(p / (1 - p)) / Math.log(2);
    }
}
