package synopta.core.knowledge;

import synopta.core.quantity.Probability;

/**
 * How the rate of failure grows with age: a Weibull life (Weibull 1951).
 *
 * @param shape above 0; over 1 wears out, 1 fails at a steady rate
 * @param scaleYears age in years by which 63 % have failed; above 0
 * @param basis where the figure or the words come from
 */
public record LifeCurve(double shape, double scaleYears, Basis basis) {
    private static final int PANELS = 2_000;
    private static final double CERTAIN = 40;

    /** Refuses a shape or scale that is not above 0. */
    public LifeCurve {
        if (!(shape > 0 && shape < 100 && scaleYears > 0 && scaleYears < 1000)) {
            throw new IllegalArgumentException(
                    "Life curve (shape %s, scale %s years) needs a shape above 0 and a scale above 0."
                            .formatted(shape, scaleYears));
        }
    }

    /** That one that has worked to an age fails within so many years more: 1 - S(a + h) / S(a), S(t) = exp(-(t/s)^k). */
    public Probability failsWithin(double ageYears, double years) {
        double more = Math.pow((ageYears + years) / scaleYears, shape) - Math.pow(ageYears / scaleYears, shape);
        return new Probability(-Math.expm1(-more));
    }

    /**
     * Mean years left to one that has worked to an age: the integral of S(t) / S(a) from a to where less than one in 10^17
     * are left, by Simpson's rule with {@value #PANELS} panels in v, t = a + (end - a) v^3, which takes the corner at
     * age 0 away; error below 1e-6 of the scale for shapes from 0.8 to 10.
     */
    public double meanYearsLeft(double ageYears) {
        double hazard = Math.pow(ageYears / scaleYears, shape);
        double span = scaleYears * Math.pow(hazard + CERTAIN, 1 / shape) - ageYears;
        double sum = 0;
        for (int i = 0; i <= PANELS; i++) {
            double weight = i == 0 || i == PANELS ? 1 : i % 2 == 1 ? 4 : 2;
            double v = i / (double) PANELS;
            double left = Math.exp(hazard - Math.pow((ageYears + span * v * v * v) / scaleYears, shape));
            sum += weight * left * 3 * v * v;
        }
        return sum * span / PANELS / 3;
    }

    /** The same shape with another mean life in years, from 0.1 to 200. */
    public LifeCurve lasting(double meanYears) {
        if (!(meanYears >= 0.1 && meanYears <= 200)) {
            throw new IllegalArgumentException(
                    "Mean life (%s years) must lie between 0.1 and 200.".formatted(meanYears));
        }
        return new LifeCurve(shape, scaleYears * meanYears / meanYearsLeft(0), basis);
    }

    /** Rate of failure at an age, 1/year: (k/s)(t/s)^(k-1). */
    public double hazardPerYear(double ageYears) {
        return shape / scaleYears * Math.pow(ageYears / scaleYears, shape - 1);
    }
}
