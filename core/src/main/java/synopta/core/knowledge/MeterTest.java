package synopta.core.knowledge;

import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import synopta.core.reading.Conditions;
import synopta.core.reading.Judging;
import synopta.core.reading.Judgment;
import synopta.core.reading.Leads;
import synopta.core.reading.MeterUnit;
import synopta.core.reading.PartState;
import synopta.core.reading.Reading;
import synopta.core.reading.Verdict;

/**
 * A meter reading that tells a sound part from a failed one. It acts as a finding with the answers `good` and `bad`,
 * which makes a reading soft evidence of the part's state.
 *
 * @param finding finding that it answers
 * @param unit unit of the meter
 * @param leads where the leads go
 * @param state state of the part while it is measured; null where it does not matter
 * @param judging how a reading is judged
 * @param finds faults that make the reading bad
 * @param sensitivity probability that a failed part reads bad
 * @param specificity probability that a sound part reads good
 */
public record MeterTest(
        Finding finding,
        MeterUnit unit,
        Leads leads,
        @Nullable PartState state,
        Judging judging,
        List<String> finds,
        double sensitivity,
        double specificity) {
    /** The answer of a part that passed its test. */
    public static final String GOOD = "good";

    /** The answer of a part that failed its test. */
    public static final String BAD = "bad";

    /** Refuses a test that tells nothing. */
    public MeterTest {
        if (!(sensitivity <= 1 && specificity < 1 && specificity > 0 && sensitivity > 1 - specificity)) {
            throw new IllegalArgumentException(
                    "Sensitivity (%s) must not be above 1 and specificity (%s) lie between 0 and 1, together above 1."
                            .formatted(sensitivity, specificity));
        }
        finds = List.copyOf(finds);
    }

    /** What a reading means under these conditions. */
    public Judgment judge(Reading reading, Conditions beside) {
        return judging.judge(reading, unit, beside, finding.basis().words());
    }

    /** The answer that a verdict gives, {@value #GOOD} or {@value #BAD}; null when it gives none. */
    public static @Nullable String answer(Verdict verdict) {
        return switch (verdict) {
            case NO_VERDICT -> null;
            case GOOD, PLAUSIBLE -> GOOD;
            default -> BAD;
        };
    }

    /** The readings of a sound part in words, as in `10 to 50 Ω`. */
    public String good() {
        return judging.good(unit);
    }

    /** The part it is a test of, as it is shown; several with "or". */
    public String part(Pack pack) {
        String names = pack.partTypes(this).stream()
                .flatMap(slug -> pack.partType(slug).stream())
                .map(PartType::name)
                .collect(Collectors.joining(" or "));
        return names.substring(0, 1).toUpperCase(Locale.ROOT) + names.substring(1);
    }

    /** Whether a good reading shows that the part is good: not where it proves nothing, nor only to the case. */
    public boolean provesGood() {
        return !leads.isToCase() && judging.provesGood();
    }

    /** The same with learned probabilities; the finding carries the leak that goes with them. */
    public MeterTest with(Finding read, double learnedSensitivity, double learnedSpecificity) {
        return new MeterTest(read, unit, leads, state, judging, finds, learnedSensitivity, learnedSpecificity);
    }

    /** Link strength c for which 1 - (1 - leak)(1 - c) is the sensitivity, the leak being 1 - specificity. */
    public double strength() {
        return 1 - (1 - sensitivity) / specificity;
    }
}
