package synopta.core.bench;

import synopta.core.knowledge.MeterTest;
import synopta.core.knowledge.Reading;

/**
 * Is a part good by the usual range of its test? For parts without a plate: igniters by ohms or amperes, thermocouples by
 * millivolts, windings, coils, switches, moisture bars. The range and its basis stand in the pack. Of parts that are read
 * in ohms, much less than the range is a short circuit; OL is open.
 */
public final class RangeCheck {
    private static final double SHORT = 0.1;

    private RangeCheck() {}

    /** Judges a reading by the good range of a test. */
    public static CheckResult judge(MeterTest test, Reading reading) {
        Verdict verdict = reading.fold(
                value -> value >= test.goodFrom() && value <= test.goodTo()
                        ? Verdict.GOOD
                        : value < SHORT * test.goodFrom() ? Verdict.SHORTED : Verdict.OFF_VALUE,
                overload -> Verdict.OPEN);
        String unit = test.unit().symbol();
        String range =
                "%s to %s %s".formatted(CheckInput.plain(test.goodFrom()), CheckInput.plain(test.goodTo()), unit);
        String read = reading.fold(value -> "%s %s".formatted(CheckInput.plain(value), unit), overload -> "OL");
        return new CheckResult(
                verdict,
                "It reads %s; a good part reads %s.".formatted(read, range),
                next(verdict),
                "Usual range: %s".formatted(test.finding().basis().source()));
    }

    private static String next(Verdict verdict) {
        return switch (verdict) {
            case GOOD -> "The part tests good; do not sell it on this reading.";
            case OPEN -> "Test again with the leads swapped; replace it if the reading stays.";
            case SHORTED, GROUNDED -> "Disconnect its wires and test again; replace it if the reading stays.";
            case OFF_VALUE ->
                "Test again with its wires disconnected and clean leads; if the reading stays, it is likely the cause.";
        };
    }
}
