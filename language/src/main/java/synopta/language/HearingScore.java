package synopta.language;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;

/**
 * How well sentences were heard, over all of them (micro averages); what may be left out without fault counts for nothing.
 *
 * @param signs that are taken as said
 * @param parts that are asked for, denied or renewed
 * @param offered share of what was said that is taken as said or offered
 * @param alarms sentences that hold nothing and in which something is heard
 * @param nothing sentences that hold nothing
 * @param bands probabilities in ten bands against what is found; none of a baseline
 */
public record HearingScore(Counts signs, Counts parts, double offered, int alarms, int nothing, List<Band> bands) {
    private static final int BANDS = 10;

    /** Copies. */
    public HearingScore {
        bands = List.copyOf(bands);
    }

    /**
     * What was heard against what was said.
     *
     * @param right heard and said
     * @param wrong heard, not said
     * @param missed said, not heard
     */
    public record Counts(int right, int wrong, int missed) {
        /** The share of what was heard that was said. */
        public double precision() {
            return share(right, right + wrong);
        }

        /** The share of what was said that was heard. */
        public double recall() {
            return share(right, right + missed);
        }

        /** The harmonic mean of both. */
        public double f1() {
            return share(2 * right, 2 * right + wrong + missed);
        }

        private static Counts of(Set<String> heard, Set<String> said) {
            int right = (int) heard.stream().filter(said::contains).count();
            return new Counts(right, heard.size() - right, said.size() - right);
        }

        private Counts plus(Counts other) {
            return new Counts(right + other.right, wrong + other.wrong, missed + other.missed);
        }
    }

    /**
     * Meanings that were about as likely.
     *
     * @param meanings how many
     * @param said mean probability
     * @param found share that was right
     */
    public record Band(int meanings, double said, double found) {}

    private static double share(double part, double of) {
        return of == 0 ? 0 : part / of;
    }

    /** The score of what was heard. */
    static HearingScore of(List<HearingTrial.Heard> heard) {
        Counts signs = new Counts(0, 0, 0);
        Counts parts = new Counts(0, 0, 0);
        int offered = 0;
        int alarms = 0;
        int nothing = 0;
        for (HearingTrial.Heard each : heard) {
            LabelledSentence sentence = each.sentence();
            Set<String> said = without(sentence.signs(), sentence.also());
            Set<String> saidParts = without(sentence.parts(), sentence.also());
            Counts of = Counts.of(without(each.signs(), sentence.also()), said);
            Counts ofParts = Counts.of(without(each.parts(), sentence.also()), saidParts);
            signs = signs.plus(of);
            parts = parts.plus(ofParts);
            offered += (int) said.stream()
                    .filter(sign ->
                            each.signs().contains(sign) || each.offered().contains(sign))
                    .count();
            if (sentence.signs().isEmpty() && sentence.parts().isEmpty()) {
                nothing++;
                alarms += of.wrong + ofParts.wrong > 0 ? 1 : 0;
            }
        }
        return new HearingScore(
                signs, parts, share(offered, signs.right + signs.missed), alarms, nothing, bands(heard));
    }

    private static Set<String> without(Set<String> all, Set<String> left) {
        Set<String> rest = new HashSet<>(all);
        rest.removeAll(left);
        return rest;
    }

    private static List<Band> bands(List<HearingTrial.Heard> heard) {
        double[] sum = new double[BANDS];
        int[] found = new int[BANDS];
        int[] all = new int[BANDS];
        for (HearingTrial.Heard each : heard) {
            each.likely().forEach((sign, probability) -> {
                if (!each.sentence().also().contains(sign)) {
                    int band = Math.min(BANDS - 1, (int) (probability * BANDS));
                    sum[band] += probability;
                    all[band]++;
                    found[band] += each.sentence().signs().contains(sign) ? 1 : 0;
                }
            });
        }
        List<Band> bands = new ArrayList<>();
        for (int i = 0; i < BANDS; i++) {
            bands.add(new Band(all[i], share(sum[i], all[i]), share(found[i], all[i])));
        }
        return bands;
    }

    /**
     * The best score there is for a baseline that hears what comes near enough, at whatever nearness.
     *
     * @param near by sentence, each sign that a clause comes nearest to, and how near
     */
    static HearingScore best(List<LabelledSentence> sentences, List<Map<String, Double>> near) {
        List<Double> limits =
                near.stream().flatMap(n -> n.values().stream()).sorted().toList();
        HearingScore best = of(List.of());
        for (int percent = 0; percent < 100; percent += 2) {
            double limit = limits.get(limits.size() * percent / 100);
            List<HearingTrial.Heard> heard = new ArrayList<>();
            for (int i = 0; i < sentences.size(); i++) {
                heard.add(heard(sentences.get(i), near.get(i), limit));
            }
            HearingScore score = of(heard);
            best = Comparator.<HearingScore>comparingDouble(s -> s.signs.f1()).compare(score, best) > 0 ? score : best;
        }
        return best;
    }

    private static HearingTrial.Heard heard(LabelledSentence sentence, Map<String, Double> near, double limit) {
        Map<String, Double> signs = new TreeMap<>(near);
        signs.values().removeIf(value -> value < limit);
        return new HearingTrial.Heard(sentence, signs.keySet(), Set.of(), Set.of(), Map.of());
    }
}
