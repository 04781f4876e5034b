package synopta.core.fit;

import java.util.List;
import java.util.function.Function;
import synopta.core.catalog.PartNumber;
import synopta.core.quantity.Slugged;

/** Whether a part is right for a machine. Every verdict carries its reasons as a chain that a person can check. */
public sealed interface FitVerdict {
    /** The chain, step by step. */
    List<String> reasons();

    /**
     * It is right; `supply` is what to hand over, `alternatives` other ways. Changes are in `supply`.
     *
     * @param supply parts that are supplied
     * @param alternatives other supplies that fit, best first
     * @param reasons reasons, in sentences, in order
     * @param suggestions what else would do, when nothing of it is made any more
     */
    record Fits(Supply supply, List<Supply> alternatives, List<String> reasons, List<Suggestion> suggestions)
            implements FitVerdict {
        @Override
        public <R> R fold(
                Function<Fits, R> fits,
                Function<Depends, R> depends,
                Function<DoesNotFit, R> doesNotFit,
                Function<Unknown, R> unknown) {
            return fits.apply(this);
        }
    }

    /** What would settle a verdict. */
    enum Missing implements Slugged {
        SERIAL,
        BUILT,
        MODEL
    }

    /**
     * It is right for some builds only; `ask` says what would settle it.
     *
     * @param ask what must be known first
     * @param reasons reasons, in sentences, in order
     */
    record Depends(Missing ask, List<String> reasons) implements FitVerdict {
        @Override
        public <R> R fold(
                Function<Fits, R> fits,
                Function<Depends, R> depends,
                Function<DoesNotFit, R> doesNotFit,
                Function<Unknown, R> unknown) {
            return depends.apply(this);
        }
    }

    /**
     * It is not right; `instead` is what the machine takes in its place.
     *
     * @param reasons reasons, in sentences, in order
     * @param instead parts that fit instead
     */
    record DoesNotFit(List<String> reasons, List<PartNumber> instead) implements FitVerdict {
        @Override
        public <R> R fold(
                Function<Fits, R> fits,
                Function<Depends, R> depends,
                Function<DoesNotFit, R> doesNotFit,
                Function<Unknown, R> unknown) {
            return doesNotFit.apply(this);
        }
    }

    /**
     * The machine or the part is in no catalog row; `nearest` are numbers that are, as written.
     *
     * @param reasons reasons, in sentences, in order
     * @param nearest closest numbers
     */
    record Unknown(List<String> reasons, List<String> nearest) implements FitVerdict {
        @Override
        public <R> R fold(
                Function<Fits, R> fits,
                Function<Depends, R> depends,
                Function<DoesNotFit, R> doesNotFit,
                Function<Unknown, R> unknown) {
            return unknown.apply(this);
        }
    }

    /** One result for each case. */
    <R> R fold(
            Function<Fits, R> fits,
            Function<Depends, R> depends,
            Function<DoesNotFit, R> doesNotFit,
            Function<Unknown, R> unknown);
}
