package synopta.core.knowledge;

/**
 * How the rate of failure grows with age: a Weibull life (Weibull 1951).
 *
 * @param shape above 0; over 1 wears out, 1 fails at a steady rate
 * @param scaleYears age in years by which 63 % have failed; above 0
 */
public record LifeCurve(double shape, double scaleYears, Basis basis) {
    /** Refuses a shape or scale that is not above 0. */
    public LifeCurve {
        if (!(shape > 0 && shape < 100 && scaleYears > 0 && scaleYears < 1000)) {
            throw new IllegalArgumentException(
                    "Life curve (shape %s, scale %s years) needs a shape above 0 and a scale above 0."
                            .formatted(shape, scaleYears));
        }
    }

    /** Rate of failure at an age, 1/year: (k/s)(t/s)^(k-1). */
    public double hazardPerYear(double ageYears) {
        return shape / scaleYears * Math.pow(ageYears / scaleYears, shape - 1);
    }
}
