package synopta.core.tag;

import java.util.Collection;
import java.util.List;
import synopta.core.catalog.Written;

/**
 * Learns the weights of the house's own readings. Each confirmed reading is laid beside its model by the cheapest
 * {@link Alignment}; the slips are counted and added to what the file believed, taken as so many pieces of evidence:
 * {@value #BELIEF_IN_A_CHARACTER} readings of each character, {@value #BELIEF_IN_A_SLIP} characters for the slips that
 * concern no pair, {@value #BELIEF_IN_AN_END} ends (the posterior mean under a Dirichlet prior; Kernighan, Church and
 * Gale 1990 count slips in the same way). A cost stays the logarithm of a slip's rate against the rate of being right.
 *
 * <p>Readings that differ from their model by more than half of it are left out: the model was found some other way.
 */
public final class ReadingLearner {
    private static final double BELIEF_IN_A_CHARACTER = 200;
    private static final double BELIEF_IN_A_SLIP = 4000;
    private static final double BELIEF_IN_AN_END = 400;

    private final Weights before;
    private final double[][] taken = new double[Signs.COUNT][Signs.COUNT];
    private double characters;
    private double swapped;
    private double dropped;
    private double extra;
    private int readings;
    private int ends;
    private int wornCharacters;

    private ReadingLearner(Weights before) {
        this.before = before;
    }

    /** The weights after these readings; those before when there are none. */
    public static Weights learnt(Weights before, Collection<ConfirmedReading> readings) {
        ReadingLearner learner = new ReadingLearner(before);
        readings.forEach(learner::count);
        return learner.readings == 0 ? before : learner.weights();
    }

    private void count(ConfirmedReading reading) {
        String typed = Written.key(reading.typed());
        String model = reading.model().key();
        if (typed.isEmpty() || typed.length() > TagQuery.LONGEST) {
            return;
        }
        Alignment alignment = new Alignment(before, Observed.of(typed, List.of()), model);
        List<Difference> places = alignment.places();
        long wrong =
                places.stream().filter(p -> !p.typed().equals(p.catalogue())).count();
        if (wrong > model.length() / 2) {
            return;
        }
        readings++;
        int worn = alignment.worn();
        ends += worn > 0 ? 1 : 0;
        wornCharacters += worn;
        List<Difference> within = places.subList(0, places.size() - worn);
        for (int i = 0; i < within.size(); i++) {
            Difference place = within.get(i);
            characters++;
            if (place.typed().isEmpty()) {
                dropped++;
            } else if (place.catalogue().isEmpty()) {
                extra++;
            } else if (i + 1 < within.size() && crossed(place, within.get(i + 1))) {
                swapped++;
                characters++;
                i++;
            } else {
                taken[Signs.of(place.typed().get())][Signs.of(place.catalogue().get())]++;
            }
        }
    }

    private static boolean crossed(Difference first, Difference second) {
        return !first.typed().equals(first.catalogue())
                && first.typed().equals(second.catalogue())
                && second.typed().equals(first.catalogue());
    }

    private Weights weights() {
        double[][] table = new double[Signs.COUNT][Signs.COUNT];
        for (int shown = 0; shown < Signs.COUNT; shown++) {
            double believed = 0;
            for (int typed = 0; typed < Signs.COUNT; typed++) {
                believed += Math.exp(-cost(typed, shown));
            }
            double right = BELIEF_IN_A_CHARACTER / believed + taken[shown][shown];
            for (int typed = 0; typed < Signs.COUNT; typed++) {
                double so = BELIEF_IN_A_CHARACTER * Math.exp(-cost(typed, shown)) / believed + taken[typed][shown];
                table[typed][shown] = typed == shown ? 0 : atLeastSome(Math.log(right / so));
            }
        }
        Confusion.Costs costs = before.costs();
        double lostBefore = Math.exp(-costs.wornCharacter());
        return before.learnt(
                table,
                new Confusion.Costs(
                        costs.neighbourKey(),
                        costs.other(),
                        costs.readAgain(),
                        slip(costs.swapped(), swapped),
                        slip(costs.dropped(), dropped),
                        costs.doubled(),
                        slip(costs.extra(), extra),
                        rate(costs.wornEnd(), BELIEF_IN_AN_END, ends, readings),
                        rate(-Math.log(lostBefore), BELIEF_IN_AN_END, wornCharacters - ends, wornCharacters),
                        costs.disagrees(),
                        costs.unlisted()),
                readings);
    }

    private double cost(int typed, int shown) {
        return before.substitution(Signs.character(typed), Signs.character(shown));
    }

    private double slip(double cost, double seen) {
        return rate(cost, BELIEF_IN_A_SLIP, seen, characters);
    }

    /** Cost of what was seen so often in so many chances, with the belief beforehand. */
    private static double rate(double cost, double belief, double seen, double chances) {
        return atLeastSome(-Math.log((belief * Math.exp(-cost) + seen) / (belief + chances)));
    }

    private static double atLeastSome(double nats) {
        return Math.max(0.05, nats);
    }
}
