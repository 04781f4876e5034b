package synopta.core.catalog;

import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import synopta.core.quantity.Ordered;
import synopta.core.quantity.Slugged;

/**
 * How a maker writes the build date into a serial number.
 *
 * @param scheme name of the scheme
 * @param pattern one sign for each character of the serial: `Y` year code, `P` code of the week or month, `L` a letter
 *     (the plant), `N` a digit, `X` either
 * @param yearCodes the first year each code stood for
 * @param yearCycle years after which the codes begin again; null when they never do
 * @param periodCodes of week or month 1, 2, 3 …; none when they are the numbers themselves, as wide as the pattern says
 */
public record SerialScheme(
        String scheme,
        String pattern,
        Map<String, Integer> yearCodes,
        @Nullable Integer yearCycle,
        Period period,
        List<String> periodCodes) {
    /** What the second code counts. */
    public enum Period implements Slugged {
        WEEK(53),
        MONTH(12);

        private final int most;

        Period(int most) {
            this.most = most;
        }

        /** The period of a slug. */
        public static Period of(String slug) {
            return Slugged.of(Period.class, "Period", slug);
        }

        /** How many a year may have. */
        public int most() {
            return most;
        }
    }

    /** Refuses a pattern without a year, codes that do not fill their signs, and a cycle shorter than its codes. */
    public SerialScheme {
        yearCodes = Ordered.map(yearCodes);
        periodCodes = List.copyOf(periodCodes);
        checkPattern("Serial scheme %s: ".formatted(scheme), pattern);
        checkYears("Serial scheme %s: ".formatted(scheme), pattern, yearCodes, yearCycle);
        int periodWidth = count(pattern, 'P');
        if (periodCodes.stream().anyMatch(c -> c.length() != periodWidth)
                || periodCodes.size() > period.most()
                || Set.copyOf(periodCodes).size() != periodCodes.size()) {
            throw new IllegalArgumentException(
                    ("Serial scheme %s: period codes (%s) must be different, at most %d, and as long as the Ps of the"
                                    + " pattern, %d.")
                            .formatted(scheme, String.join(";", periodCodes), period.most(), periodWidth));
        }
    }

    private static void checkPattern(String who, String pattern) {
        if (!pattern.matches("[YPLNX]{1,40}") || !oneRun(pattern, 'Y')) {
            throw new IllegalArgumentException(who
                    + "pattern (%s) must be made of Y, P, L, N and X, at most 40 of them, with the Ys side by side."
                            .formatted(pattern));
        }
        if (pattern.indexOf('P') >= 0 && !oneRun(pattern, 'P')) {
            throw new IllegalArgumentException(
                    who + "the Ps of pattern (%s) must stand side by side.".formatted(pattern));
        }
    }

    private static void checkYears(
            String who, String pattern, Map<String, Integer> yearCodes, @Nullable Integer yearCycle) {
        int yearWidth = count(pattern, 'Y');
        if (yearCodes.isEmpty() || yearCodes.keySet().stream().anyMatch(c -> c.length() != yearWidth)) {
            throw new IllegalArgumentException(who
                    + "every year code (%s) must be as long as the Ys of the pattern, %d."
                            .formatted(yearCodes, yearWidth));
        }
        if (yearCycle != null
                && yearCycle <= Collections.max(yearCodes.values()) - Collections.min(yearCodes.values())) {
            throw new IllegalArgumentException(
                    who + "a year cycle of %d years is too short for its codes.".formatted(yearCycle));
        }
    }

    private static boolean oneRun(String pattern, char sign) {
        int first = pattern.indexOf(sign);
        return first >= 0 && pattern.lastIndexOf(sign) - first + 1 == count(pattern, sign);
    }

    private static int count(String pattern, char sign) {
        return (int) pattern.chars().filter(c -> c == sign).count();
    }
}
