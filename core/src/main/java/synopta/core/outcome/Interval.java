package synopta.core.outcome;

import org.apache.commons.statistics.distribution.BetaDistribution;
import org.apache.commons.statistics.distribution.GammaDistribution;

/**
 * Between what a rate lies, as far as counts tell: 95 times in 100.
 *
 * @param low lower limit
 * @param high upper limit
 */
public record Interval(double low, double high) {
    /** Standard normal deviate of 97.5 %. */
    static final double Z = 1.959963984540054;

    private static final double TAIL = 0.025;

    /**
     * The score interval of Wilson (J. Am. Stat. Assoc. 22, 1927, 209): k of n. Refuses n of 0, and k outside 0 to n.
     */
    public static Interval wilson(int k, int n) {
        if (n < 1 || k < 0 || k > n) {
            throw new IllegalArgumentException("%d of %d is not a rate. Count at least one trial.".formatted(k, n));
        }
        double p = (double) k / n;
        double middle = p + Z * Z / (2.0 * n);
        double reach = Z * Math.sqrt(p * (1 - p) / n + Z * Z / (4.0 * n * n));
        double scale = 1 + Z * Z / n;
        return new Interval(Math.max(0, (middle - reach) / scale), Math.min(1, (middle + reach) / scale));
    }

    /** Of a rate that is believed to be Beta(a, b); both above 0. */
    public static Interval beta(double a, double b) {
        BetaDistribution belief = BetaDistribution.of(a, b);
        return new Interval(belief.inverseCumulativeProbability(TAIL), belief.inverseSurvivalProbability(TAIL));
    }

    /** Of a rate that is believed to be about {@code mean}, with as much to back it as so many trials. */
    static Interval worth(double mean, double trials) {
        double kept = Math.max(1e-6, Math.min(1 - 1e-6, mean));
        return beta(trials * kept, trials * (1 - kept));
    }

    /** Of a rate that is believed to be Gamma(a, b), of mean a / b; both above 0. */
    public static Interval gamma(double a, double b) {
        GammaDistribution belief = GammaDistribution.of(a, 1 / b);
        return new Interval(belief.inverseCumulativeProbability(TAIL), belief.inverseSurvivalProbability(TAIL));
    }
}
