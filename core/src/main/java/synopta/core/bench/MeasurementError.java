package synopta.core.bench;

import java.util.OptionalDouble;

/**
 * How far a measure may lie from what is listed. A belt, which is longer than a meter, is laid along a ruler, to 3 mm, and a used one has stretched by up
 * to 1 %; other lengths come from a caliper, to 0.2 mm or half a percent; ohms to 5 %; temperatures to 3 °C; what is counted
 * or told by its looks is wrong once in thirty. These are common practice and our judgment, no published source.
 */
final class MeasurementError {
    /** How much longer a used belt may be. */
    static final double STRETCH = 0.01;

    private static final double LONG_MM = 1000;
    private static final double RULER_MM = 3;
    private static final double CALIPER_MM = 0.2;
    private static final double CALIPER_SHARE = 0.005;
    private static final double METER_SHARE = 0.05;
    private static final double THERMOMETER_C = 3;
    private static final double MISCOUNTED = 1.0 / 30;
    private static final int STEPS = 40;

    private MeasurementError() {}

    /** How likely a measure is when that is listed: a density for figures, a probability for counts and words. */
    static double density(String spec, String measured, String listed) {
        OptionalDouble is = PartMatcher.figure(listed);
        OptionalDouble read = PartMatcher.figure(measured);
        double error = is.isPresent() ? error(spec, is.getAsDouble()) : 0;
        if (error == 0 || read.isEmpty()) {
            return same(measured, listed) ? 1 - MISCOUNTED : MISCOUNTED;
        }
        double least = 1e-9 / error;
        return least
                + (stretches(spec, is.getAsDouble())
                        ? stretched(read.getAsDouble(), is.getAsDouble(), error)
                        : normal(read.getAsDouble() - is.getAsDouble(), error));
    }

    /** The mean of the normal density over stretches that are equally likely, by Simpson's rule. */
    private static double stretched(double read, double listed, double error) {
        double sum = 0;
        for (int i = 0; i <= STEPS; i++) {
            double weight = i == 0 || i == STEPS ? 1 : i % 2 == 1 ? 4 : 2;
            sum += weight * normal(read - listed * (1 + STRETCH * i / STEPS), error);
        }
        return sum / (3 * STEPS);
    }

    private static double normal(double difference, double error) {
        return Math.exp(-0.5 * difference * difference / (error * error)) / (error * Math.sqrt(2 * Math.PI));
    }

    /** A length that is laid along a ruler: that of a belt. */
    private static boolean stretches(String spec, double listed) {
        return spec.equals("length-mm") && listed >= LONG_MM;
    }

    /** One standard deviation; 0 for what is counted. */
    private static double error(String spec, double listed) {
        if (stretches(spec, listed)) {
            return RULER_MM;
        }
        if (spec.endsWith("-mm")) {
            return Math.max(CALIPER_MM, CALIPER_SHARE * listed);
        }
        if (spec.endsWith("ohms")) {
            return METER_SHARE * listed;
        }
        return spec.endsWith("-c") ? THERMOMETER_C : 0;
    }

    /** The class of values that a measure cannot tell apart. */
    static String told(String spec, String listed) {
        OptionalDouble is = PartMatcher.figure(listed);
        if (is.isEmpty() || error(spec, is.getAsDouble()) == 0) {
            return listed;
        }
        double width =
                stretches(spec, is.getAsDouble()) ? STRETCH * is.getAsDouble() : 2 * error(spec, is.getAsDouble());
        return String.valueOf(Math.round(is.getAsDouble() / width));
    }

    /** Whether two values are the same figure or word. */
    static boolean same(String measured, String listed) {
        OptionalDouble a = PartMatcher.figure(measured);
        OptionalDouble b = PartMatcher.figure(listed);
        return a.isPresent() && b.isPresent()
                ? a.getAsDouble() == b.getAsDouble()
                : measured.trim().equalsIgnoreCase(listed.trim());
    }
}
