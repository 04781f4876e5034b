package synopta.core.reading;

/**
 * Readings from the least to the greatest, in the unit of the test.
 *
 * @param from least, at least 0
 * @param to greatest, not below the least
 */
public record Range(double from, double to) {
    private static final double ROUNDING = 1e-12;

    /** Refuses a range that is empty or begins below 0. */
    public Range {
        if (!(from >= 0 && to >= from)) {
            throw new IllegalArgumentException(
                    "Good range (%s to %s) must begin at 0 or above and not end before it begins.".formatted(from, to));
        }
    }

    /** Whether it holds a reading, ends included. */
    public boolean holds(double value) {
        return value >= from * (1 - ROUNDING) && value <= to * (1 + ROUNDING);
    }

    Range times(double factor) {
        return new Range(from * factor, to * factor);
    }

    /** In words, as in `10 to 50 Ω`. */
    public String words(MeterUnit unit) {
        String upper = "%s %s".formatted(Judging.figure(to), unit.symbol());
        return from == 0 ? "up to " + upper : "%s to %s".formatted(Judging.figure(from), upper);
    }
}
