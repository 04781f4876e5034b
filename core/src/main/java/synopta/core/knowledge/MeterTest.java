package synopta.core.knowledge;

import java.util.List;
import java.util.Locale;

/**
 * A meter reading that tells a sound part from a failed one. It acts as a finding with the answers `good` and `bad`,
 * which makes a reading soft evidence of the part's state.
 *
 * @param finding finding that it answers
 * @param unit unit of the meter
 * @param goodFrom least reading of a sound part, in the unit
 * @param goodTo greatest reading of a sound part, in the unit
 * @param finds faults that make the reading bad
 * @param sensitivity probability that a failed part reads bad
 * @param specificity probability that a sound part reads good
 */
public record MeterTest(
        Finding finding,
        MeterUnit unit,
        double goodFrom,
        double goodTo,
        List<String> finds,
        double sensitivity,
        double specificity) {
    /** The answers of a test. */
    public static final String GOOD = "good";

    /** No meter at hand reads more: the range has no upper end. */
    private static final double NO_LIMIT = 500_000;

    /** The answer of a part that failed its test. */
    public static final String BAD = "bad";

    /** Refuses a range that is empty, and a test that tells nothing. */
    public MeterTest {
        if (!(goodFrom >= 0 && goodTo >= goodFrom)) {
            throw new IllegalArgumentException(
                    "Good range (%s to %s) must begin at 0 or above and not end before it begins."
                            .formatted(goodFrom, goodTo));
        }
        if (!(sensitivity <= 1 && specificity < 1 && specificity > 0 && sensitivity > 1 - specificity)) {
            throw new IllegalArgumentException(
                    "Sensitivity (%s) must not be above 1 and specificity (%s) lie between 0 and 1, together above 1."
                            .formatted(sensitivity, specificity));
        }
        finds = List.copyOf(finds);
    }

    /** What a reading shows, {@value #GOOD} or {@value #BAD}; an open circuit (a meter's overload) is never good. */
    public String answer(Reading reading) {
        return reading.fold(number -> number >= goodFrom && number <= goodTo, overload -> false) ? GOOD : BAD;
    }

    /** The readings of a sound part in words, as in `10 to 50 Ω`. */
    public String good() {
        String symbol = unit.symbol();
        if (goodTo >= NO_LIMIT) {
            return "%s %s or more".formatted(figure(goodFrom), symbol);
        }
        return goodFrom == 0
                ? "up to %s %s".formatted(figure(goodTo), symbol)
                : "%s to %s %s".formatted(figure(goodFrom), figure(goodTo), symbol);
    }

    private static String figure(double value) {
        return value == Math.rint(value) ? String.format(Locale.ROOT, "%,.0f", value) : String.valueOf(value);
    }

    /** Link strength c for which 1 - (1 - leak)(1 - c) is the sensitivity, the leak being 1 - specificity. */
    public double strength() {
        return 1 - (1 - sensitivity) / specificity;
    }
}
