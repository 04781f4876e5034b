package synopta.core.reading;

import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import synopta.core.quantity.Ohms;
import synopta.core.quantity.Temperatures;

/**
 * How a reading of a test is judged: by a band, the nameplate, a temperature curve, as a contact, to the case, by the kind
 * of the part, or not at all.
 */
public sealed interface Judging permits Judging.Band, Judging.Nameplate, Judging.Curve, KindJudging, PlainJudging {
    /** Below this part of what it should read a winding is as good as a short circuit. */
    double SHORT = 0.10;

    /** Judges a reading in the unit of its test; the source is told beside the verdict. */
    Judgment judge(Reading reading, MeterUnit unit, Conditions beside, String source);

    /** What a good part reads, in words, as in `10 to 50 Ω`. */
    String good(MeterUnit unit);

    /** Whether a good reading shows that the part is good. */
    default boolean provesGood() {
        return true;
    }

    /** A reading that a good part may give, for practice; null where a single one is not typical. */
    @Nullable
    Double typical();

    /**
     * By ranges of a good part; open is bad, next to nothing is shorted.
     *
     * @param ranges one or more, each from its least to its greatest reading
     * @param badOnly why a good reading proves nothing; null where it does prove the part
     */
    record Band(List<Range> ranges, @Nullable String badOnly) implements Judging {
        /** Copies; refuses none. */
        public Band {
            ranges = List.copyOf(ranges);
            if (ranges.isEmpty()) {
                throw new IllegalArgumentException("A band needs at least one range.");
            }
        }

        @Override
        public Judgment judge(Reading reading, MeterUnit unit, Conditions beside, String source) {
            double low = ranges.stream().mapToDouble(Range::from).min().orElseThrow();
            double high = ranges.stream().mapToDouble(Range::to).max().orElseThrow();
            Verdict verdict = reading.fold(
                    value -> ranges.stream().anyMatch(r -> r.holds(value))
                            ? badOnly == null ? Verdict.GOOD : Verdict.NO_VERDICT
                            : isShort(value, low, unit) ? Verdict.SHORTED : Verdict.OFF_VALUE,
                    overload -> unit == MeterUnit.OHM ? Verdict.OPEN : Verdict.NO_VERDICT);
            String why = verdict == Verdict.NO_VERDICT && badOnly != null
                    ? "%s is within the range, but %s".formatted(shown(reading, unit), badOnly)
                    : "It reads %s; a good part reads %s.".formatted(shown(reading, unit), good(unit));
            return Judgment.of(verdict, low, high, why, Words.next(verdict), source);
        }

        @Override
        public boolean provesGood() {
            return badOnly == null;
        }

        private static boolean isShort(double value, double low, MeterUnit unit) {
            return unit == MeterUnit.OHM && value < SHORT * low;
        }

        @Override
        public String good(MeterUnit unit) {
            return ranges.stream().map(r -> r.words(unit)).collect(Collectors.joining(" or "));
        }

        @Override
        public Double typical() {
            Range first = ranges.get(0);
            return first.from() > 0 ? Math.sqrt(first.from() * first.to()) : first.to() / 4;
        }
    }

    /**
     * By the nameplate: R = V²/P (Joule's law), within 10 % good, to 20 % suspect (common practice). Without the plate a
     * band tells what is plausible, or good where the trade takes the band as proof.
     *
     * @param band usual readings of such elements, Ω
     * @param isBandProof whether a reading within the band is good without the plate
     */
    record Nameplate(Range band, boolean isBandProof) implements Judging {
        private static final double GOOD_WITHIN = 0.10;
        private static final double SUSPECT_WITHIN = 0.20;
        private static final double ROUNDING = 1 + 1e-12;

        /** How a reading stands to what the plate gives. */
        public static Verdict verdict(Ohms plate, Reading reading) {
            double expected = plate.value();
            return reading.fold(
                    ohms -> {
                        double off = Math.abs(ohms - expected) / expected;
                        return ohms < SHORT * expected
                                ? Verdict.SHORTED
                                : off <= GOOD_WITHIN * ROUNDING
                                        ? Verdict.GOOD
                                        : off <= SUSPECT_WITHIN * ROUNDING ? Verdict.SUSPECT : Verdict.OFF_VALUE;
                    },
                    overload -> Verdict.OPEN);
        }

        @Override
        public Judgment judge(Reading reading, MeterUnit unit, Conditions beside, String source) {
            Ohms plate = beside.plate();
            if (plate == null) {
                return byBand(reading, unit, source);
            }
            Verdict verdict = verdict(plate, reading);
            return Judgment.of(
                    verdict,
                    plate.value() * (1 - GOOD_WITHIN),
                    plate.value() * (1 + GOOD_WITHIN),
                    "It reads %s; the nameplate gives %s."
                            .formatted(shown(reading, unit), figure(plate.value()) + " Ω"),
                    Words.next(verdict),
                    "R = V²/P (Joule's law), within 10%; " + source);
        }

        private Judgment byBand(Reading reading, MeterUnit unit, String source) {
            Verdict verdict = reading.fold(
                    ohms -> band.holds(ohms)
                            ? isBandProof ? Verdict.GOOD : Verdict.PLAUSIBLE
                            : ohms < SHORT * band.from() ? Verdict.SHORTED : Verdict.OFF_VALUE,
                    overload -> Verdict.OPEN);
            String why = "It reads %s; such parts read %s.".formatted(shown(reading, unit), good(unit));
            Judgment judged = Judgment.of(verdict, band.from(), band.to(), why, Words.next(verdict), source);
            return verdict == Verdict.PLAUSIBLE || verdict == Verdict.OFF_VALUE
                    ? judged.needing(Judgment.Need.WATTS, List.of())
                    : judged;
        }

        @Override
        public String good(MeterUnit unit) {
            return band.words(unit);
        }

        @Override
        public Double typical() {
            return Math.sqrt(band.from() * band.to());
        }
    }

    /**
     * By a curve of temperature, at the ambient temperature; without it a band tells what is plausible.
     *
     * @param curve curve of the sensor
     * @param within by which part of its value a good one may differ
     * @param plausible readings at any room temperature, Ω
     */
    record Curve(SensorCurve curve, double within, Range plausible) implements Judging {
        private static final double SHORT_SENSOR = 0.02;
        private static final double OPEN_SENSOR = 50;

        @Override
        public Judgment judge(Reading reading, MeterUnit unit, Conditions beside, String source) {
            Double celsius = beside.celsius();
            SensorCurve of = beside.r25() == null ? curve : curve.with(beside.r25());
            double expected = of.ohms(celsius == null ? SensorCurve.ROOM_CELSIUS : celsius);
            Range good = celsius == null
                    ? plausible.times(expected / curve.ohms(SensorCurve.ROOM_CELSIUS))
                    : new Range(expected * (1 - within), expected * (1 + within));
            Verdict verdict = reading.fold(
                    ohms -> ohms < SHORT_SENSOR * expected
                            ? Verdict.SHORTED
                            : ohms > OPEN_SENSOR * expected
                                    ? Verdict.OPEN
                                    : !good.holds(ohms)
                                            ? Verdict.OFF_VALUE
                                            : celsius == null ? Verdict.PLAUSIBLE : Verdict.GOOD,
                    overload -> Verdict.OPEN);
            String why = "It reads %s; a good one reads %s%s."
                    .formatted(
                            shown(reading, unit),
                            good.words(unit),
                            celsius == null ? " at room temperature" : " at " + Temperatures.inBoth(celsius));
            Judgment judged = Judgment.of(verdict, good.from(), good.to(), why, Words.nextOfSensor(verdict), source);
            return celsius == null && !verdict.isBad() ? judged.needing(Judgment.Need.CELSIUS, List.of()) : judged;
        }

        @Override
        public String good(MeterUnit unit) {
            return plausible.words(unit) + " at room temperature";
        }

        @Override
        public Double typical() {
            return curve.ohms(SensorCurve.ROOM_CELSIUS);
        }
    }

    /** A reading as it is shown, with its unit. */
    static String shown(Reading reading, MeterUnit unit) {
        return reading.fold(value -> figure(value) + " " + unit.symbol(), overload -> "OL");
    }

    /** A figure with thousands parted, and a decimal only where it has one. */
    static String figure(double value) {
        double tenth = Math.round(value * 10) / 10.0;
        return tenth == Math.rint(tenth)
                ? String.format(Locale.ROOT, "%,.0f", tenth)
                : String.format(Locale.ROOT, "%,.1f", tenth);
    }
}
