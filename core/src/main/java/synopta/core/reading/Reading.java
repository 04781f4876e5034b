package synopta.core.reading;

import java.util.function.DoubleFunction;
import java.util.function.Function;

/** What a meter showed: a number in the test's unit, or its overload sign. */
public sealed interface Reading {
    /**
     * A figure, at least 0.
     *
     * @param value figure in the unit of the test
     */
    record Figure(double value) implements Reading {
        /** Refuses NaN, infinities and what is below 0. */
        public Figure {
            if (!(value >= 0 && value < Double.POSITIVE_INFINITY)) {
                throw new IllegalArgumentException("Reading (%s) must be finite and at least 0.".formatted(value));
            }
        }

        @Override
        public <R> R fold(DoubleFunction<R> figure, Function<Overload, R> overload) {
            return figure.apply(value);
        }
    }

    /** "OL": more than the meter can show, an open circuit. */
    record Overload() implements Reading {
        @Override
        public <R> R fold(DoubleFunction<R> figure, Function<Overload, R> overload) {
            return overload.apply(this);
        }
    }

    /** One result for each case. */
    <R> R fold(DoubleFunction<R> figure, Function<Overload, R> overload);
}
