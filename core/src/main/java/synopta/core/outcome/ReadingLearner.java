package synopta.core.outcome;

import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.function.Consumer;
import java.util.function.Supplier;
import synopta.core.catalog.Model;
import synopta.core.catalog.ModelNumber;
import synopta.core.tag.ConfirmedReading;
import synopta.core.tag.Confusion;
import synopta.core.tag.EditCosts;
import synopta.core.tag.EditError;
import synopta.core.tag.EditErrorCounts;

/**
 * What confirmed readings teach of reading tags, and of which models are met. Chances are moved by counting, from a belief
 * that is taken as so many pieces of evidence: {@value #BELIEF_IN_A_CHARACTER} readings of each character, {@value
 * #BELIEF_IN_A_SLIP} characters for the slips that concern no pair, {@value #BELIEF_IN_AN_END} ends, {@value
 * #BELIEF_IN_A_MODEL} machines of each model (posterior means under Beta and Gamma beliefs; how much a belief is worth is
 * our judgment).
 */
public final class ReadingLearner {
    private static final double BELIEF_IN_A_CHARACTER = 200;
    private static final double BELIEF_IN_A_SLIP = 4000;
    private static final double BELIEF_IN_AN_END = 400;
    private static final double BELIEF_IN_A_MODEL = 6;

    /** A slip that was made fewer times is an oddity. */
    private static final int FEWEST_SLIPS = 3;

    /** What was never made is worth a word if it was to be expected so often by now. */
    private static final double DUE = 3;

    private final List<Proposal> proposals = new ArrayList<>();

    private ReadingLearner() {}

    /** What the readings teach of slips, against these weights. */
    public static List<Proposal> slips(EditCosts prior, Collection<ConfirmedReading> readings) {
        ReadingLearner learner = new ReadingLearner();
        EditErrorCounts counted = EditErrorCounts.of(prior, readings);
        counted.taken().forEach((shown, taken) -> learner.confusions(prior, shown, taken));
        for (EditError slip : EditError.values()) {
            boolean isOfAnEnd = slip == EditError.WORN_END || slip == EditError.WORN_CHARACTER;
            SupportingCases support = SupportingCases.of(counted.with(slip), counted.without(slip));
            learner.chance(
                    new Believed(
                            ParameterKind.SLIP,
                            slip.slug(),
                            "Tag reading: " + slip.words(),
                            prior.chance(slip),
                            isOfAnEnd ? BELIEF_IN_AN_END : BELIEF_IN_A_SLIP),
                    support.seen(),
                    support.of(),
                    () -> support);
        }
        return learner.proposals;
    }

    /** What one character of a tag is read as, by the cases in which it was read so. */
    private void confusions(EditCosts prior, char shown, Map<Character, List<Long>> taken) {
        int times = taken.values().stream().mapToInt(List::size).sum();
        for (Confusion pair : Confusion.wrongly(shown)) {
            List<Long> seen = taken.getOrDefault(pair.typed(), List.of());
            chance(
                    new Believed(
                            ParameterKind.CONFUSION,
                            "%c|%c".formatted(shown, pair.typed()),
                            "%c on a tag is read as %c".formatted(shown, pair.typed()),
                            prior.chance(pair),
                            BELIEF_IN_A_CHARACTER),
                    seen.size(),
                    times,
                    () -> SupportingCases.of(
                            seen,
                            taken.entrySet().stream()
                                    .filter(e -> e.getKey() != pair.typed())
                                    .flatMap(e -> e.getValue().stream())
                                    .toList()));
        }
    }

    /** A chance as it is believed, worth so many times that it was looked at. */
    private record Believed(ParameterKind kind, String subject, String words, double chance, double worth) {}

    private void chance(Believed prior, int seen, int times, Supplier<SupportingCases> support) {
        boolean isOdd = seen < FEWEST_SLIPS && seen > prior.chance * times;
        boolean isDue = seen > 0 || prior.chance * times >= DUE;
        if (times >= ParameterLearner.FEWEST && isDue && !isOdd) {
            double worth = prior.worth + times;
            double after = (prior.worth * prior.chance + seen) / worth;
            proposals.add(Proposal.of(
                    prior.kind,
                    null,
                    prior.subject,
                    prior.words,
                    prior.chance,
                    after,
                    Interval.worth(after, worth),
                    support.get(),
                    after));
        }
    }

    /**
     * What the machines that came teach of how common models are.
     *
     * @param models hands over every model of the catalog
     * @param met the cases of each model that came
     */
    public static List<Proposal> popularity(Consumer<Consumer<Model>> models, Map<ModelNumber, List<Long>> met) {
        ReadingLearner learner = new ReadingLearner();
        double[] catalog = {0};
        models.accept(model -> catalog[0] += model.popularity());
        int machines = met.values().stream().mapToInt(List::size).sum();
        models.accept(model -> {
            double due = machines * model.popularity() / catalog[0];
            List<Long> came = met.getOrDefault(model.number(), List.of());
            if (Math.max(due, came.size()) >= ParameterLearner.FEWEST) {
                learner.popularity(model, due, came, machines);
            }
        });
        return learner.proposals;
    }

    private void popularity(Model model, double due, List<Long> came, int machines) {
        double a = BELIEF_IN_A_MODEL + came.size();
        double b = BELIEF_IN_A_MODEL + due;
        SupportingCases counted = SupportingCases.of(came, List.of());
        proposals.add(Proposal.of(
                ParameterKind.POPULARITY,
                model.appliance(),
                model.number().key(),
                model.number().written(),
                1,
                a / b,
                Interval.gamma(a, b),
                new SupportingCases(counted.seen(), machines, counted.seenIn(), List.of()),
                a / b));
    }
}
