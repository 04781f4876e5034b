package synopta.core.bench;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import synopta.core.knowledge.MeterTest;
import synopta.core.quantity.Slugged;
import synopta.core.reading.MeterUnit;
import synopta.core.reading.Reading;

/**
 * What would a meter show on this part? A part to practice on: two terminals and a casing, sound or failed in one way,
 * with leads on two of them. A sound one reads within the good range of its test, and nothing to the casing. The readings
 * are judged by the test as real ones are.
 */
public final class MeterSimulator {
    /** From a terminal to the casing of a part that leaks, in ohms. */
    private static final double LEAK_OHMS = 4200;

    private static final double SHORT_OHMS = 0.2;
    /** A part that reads less cannot be told from a short circuit. */
    private static final double TELLS_SHORT_FROM = 2;

    private MeterSimulator() {}

    /** In what way the part is. */
    public enum Condition implements Slugged {
        GOOD,
        OPEN,
        SHORTED,
        GROUNDED;
    }

    /** Where a lead is put. */
    public enum Terminal implements Slugged {
        ONE("1"),
        TWO("2"),
        CASING("casing");

        private final String slug;

        Terminal(String slug) {
            this.slug = slug;
        }

        /** The terminal of a word. */
        public static Terminal of(String word) {
            return Arrays.stream(values())
                    .filter(t -> t.slug.equals(word))
                    .findFirst()
                    .orElseThrow(() ->
                            new IllegalArgumentException("Terminal (%s) must be 1, 2 or casing.".formatted(word)));
        }
    }

    /** Whether a part can be made up for a test: one of ohms across its terminals. */
    public static boolean serves(MeterTest test) {
        return test.unit() == MeterUnit.OHM
                && !test.leads().isToCase()
                && test.judging().typical() != null;
    }

    /** The condition of the part that so many shuffles bring: each way that the test can tell comes as often. */
    public static Condition drawn(MeterTest test, long shuffles) {
        List<Condition> all = new ArrayList<>(List.of(Condition.GOOD, Condition.OPEN, Condition.GROUNDED));
        if (sound(test) >= TELLS_SHORT_FROM) {
            all.add(Condition.SHORTED);
        }
        return all.get((int) Math.floorMod(shuffles * 2_654_435_761L >> 7, (long) all.size()));
    }

    /** What the meter shows, in ohms. */
    public static Reading read(MeterTest test, Condition condition, Terminal red, Terminal black) {
        if (!serves(test)) {
            throw new IllegalArgumentException(
                    "Test (%s) cannot be simulated. Choose a test in ohms across two terminals."
                            .formatted(test.finding().id()));
        }
        if (red == black) {
            return new Reading.Figure(0);
        }
        if (red == Terminal.CASING || black == Terminal.CASING) {
            return condition == Condition.GROUNDED ? new Reading.Figure(LEAK_OHMS) : new Reading.Overload();
        }
        return switch (condition) {
            case GOOD, GROUNDED -> new Reading.Figure(sound(test));
            case OPEN -> new Reading.Overload();
            case SHORTED -> new Reading.Figure(SHORT_OHMS);
        };
    }

    /** A reading well within the good range. */
    private static double sound(MeterTest test) {
        return Math.round(test.judging().typical() * 10) / 10.0;
    }
}
