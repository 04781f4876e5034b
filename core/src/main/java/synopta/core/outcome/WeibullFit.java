package synopta.core.outcome;

import java.util.Arrays;
import java.util.stream.DoubleStream;

/**
 * The Weibull life that makes ages at failure, and ages reached without failure, likeliest (maximum likelihood; Cohen,
 * Technometrics 7, 1965, 579). The shape is the root of an equation that rises with it, found by halving.
 */
public final class WeibullFit {
    private static final double FLATTEST = 0.05;
    private static final double STEEPEST = 60;
    private static final int HALVINGS = 200;

    private WeibullFit() {}

    /**
     * The likeliest life; a few failures among many ages reached may put its scale anywhere, in the unit of the ages.
     *
     * @param shape Weibull shape, above 0
     * @param scale Weibull scale, years
     */
    public record Fitted(double shape, double scale) {}

    /**
     * Fits.
     *
     * @param failures ages at failure, above 0; two that differ at least
     * @param censored ages reached without failure, above 0
     */
    public static Fitted of(double[] failures, double[] censored) {
        if (Arrays.stream(failures).distinct().count() < 2) {
            throw new IllegalArgumentException("A life needs at least two different ages at failure.");
        }
        double greatest = DoubleStream.concat(Arrays.stream(failures), Arrays.stream(censored))
                .max()
                .orElseThrow();
        double low = FLATTEST;
        double high = STEEPEST;
        for (int i = 0; i < HALVINGS; i++) {
            double middle = (low + high) / 2;
            if (slope(middle, failures, censored, greatest) > 0) {
                high = middle;
            } else {
                low = middle;
            }
        }
        double shape = (low + high) / 2;
        double sum = DoubleStream.concat(Arrays.stream(failures), Arrays.stream(censored))
                .map(age -> Math.pow(age / greatest, shape))
                .sum();
        double scale = greatest * Math.pow(sum / failures.length, 1 / shape);
        return new Fitted(shape, scale);
    }

    /** 0 at the likeliest shape: sum t^k ln t / sum t^k - 1/k - the mean of ln t over the failures; ages over the greatest. */
    private static double slope(double shape, double[] failures, double[] censored, double greatest) {
        double weighted = 0;
        double sum = 0;
        for (double[] ages : new double[][] {failures, censored}) {
            for (double age : ages) {
                double power = Math.pow(age / greatest, shape);
                weighted += power * Math.log(age / greatest);
                sum += power;
            }
        }
        double mean = Arrays.stream(failures)
                .map(age -> Math.log(age / greatest))
                .average()
                .orElseThrow();
        return weighted / sum - 1 / shape - mean;
    }
}
