package synopta.core.fit;

import java.util.List;
import java.util.function.Function;

/** Whether a part is right for a machine. Every verdict carries its reasons as a chain that a person can check. */
public sealed interface FitVerdict {
    /** The chain, step by step. */
    List<String> reasons();

    /** It is right; `supply` is what to hand over, `alternatives` other ways. Changes are in `supply`. */
    record Fits(Supply supply, List<Supply> alternatives, List<String> reasons) implements FitVerdict {
        @Override
        public <R> R fold(
                Function<Fits, R> fits,
                Function<Depends, R> depends,
                Function<DoesNotFit, R> doesNotFit,
                Function<Unknown, R> unknown) {
            return fits.apply(this);
        }
    }

    /** It is right for some builds only, and the build date is not known. */
    record Depends(String ask, List<String> reasons) implements FitVerdict {
        @Override
        public <R> R fold(
                Function<Fits, R> fits,
                Function<Depends, R> depends,
                Function<DoesNotFit, R> doesNotFit,
                Function<Unknown, R> unknown) {
            return depends.apply(this);
        }
    }

    /** It is not right; the reasons name what is, where something is. */
    record DoesNotFit(List<String> reasons) implements FitVerdict {
        @Override
        public <R> R fold(
                Function<Fits, R> fits,
                Function<Depends, R> depends,
                Function<DoesNotFit, R> doesNotFit,
                Function<Unknown, R> unknown) {
            return doesNotFit.apply(this);
        }
    }

    /** The machine or the part is in no catalogue row. */
    record Unknown(List<String> reasons) implements FitVerdict {
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
