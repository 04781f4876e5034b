package synopta.core.bench;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import synopta.core.quantity.Amperes;
import synopta.core.quantity.Slugged;
import synopta.core.quantity.Volts;
import synopta.core.reading.CheckInput;

/**
 * May one fuse stand in for another? Same body, same rated current, same speed, at least the voltage and at least the
 * breaking capacity. Source: the marking "replace only with same type and rating of fuse" (UL) and IEC 60127-10, from
 * memory. A fuse of IEC 60127 carries 1.5 times its rating for an hour, one of UL 248-14 opens at 1.35 times: the same
 * figures on both are not the same fuse. A thermal fuse is another thing, and a repeat failure has a cause.
 */
public final class FuseCheck {
    private FuseCheck() {}

    /** How fast it blows, with the words for it. */
    public enum Speed implements Slugged {
        VERY_QUICK("ff", "very-quick", "very-fast"),
        QUICK("f", "quick", "fast", "fast-acting", "fast-blow", "quick-acting"),
        MEDIUM("m", "medium"),
        TIME_LAG("t", "slow", "slow-blow", "time-lag", "time-delay"),
        LONG_TIME_LAG("tt", "long-time-lag");

        private final List<String> words;

        Speed(String... words) {
            this.words = List.of(words);
        }

        /** The speed of a letter or word. */
        public static Speed of(String word) {
            String plain =
                    word == null ? "" : word.trim().toLowerCase(Locale.ROOT).replace(' ', '-');
            return Arrays.stream(values())
                    .filter(s -> s.words.contains(plain))
                    .findFirst()
                    .orElseThrow(() -> new IllegalArgumentException(
                            "Speed (%s) is not known. Use FF, F, M, T, TT, fast or slow.".formatted(word)));
        }

        private String word() {
            return words.get(1).replace('-', ' ');
        }
    }

    /** By which rules a fuse is rated. */
    public enum Standard implements Slugged {
        /** IEC 60127. */
        IEC,
        /** UL and CSA 248-14. */
        UL;

        /** The standard of a word. */
        public static Standard of(String word) {
            return Arrays.stream(values())
                    .filter(s -> s.name().equalsIgnoreCase(word.trim()))
                    .findFirst()
                    .orElseThrow(() -> new IllegalArgumentException(
                            "Standard (%s) is not known. Use IEC or UL, or leave it empty.".formatted(word)));
        }
    }

    /**
     * A fuse as it is marked.
     *
     * @param amps rated current
     * @param volts rated voltage
     * @param speed fast or time-delay
     * @param breakingAmps what it can cut off; nothing where it is not known
     * @param standard by which it is rated; nothing where it is not marked
     * @param size its body, in the trade's words, as 6x32-mm
     */
    public record Fuse(
            Amperes amps,
            Volts volts,
            Speed speed,
            @Nullable Double breakingAmps,
            @Nullable Standard standard,
            String size) {
        /** Refuses what no fuse is marked with. */
        public Fuse {
            CheckInput.above0("Rated current", amps.value(), 100, "A", "Enter amperes: 315 mA is 0.315.");
            CheckInput.above0("Rated voltage", volts.value(), 10_000, "V", "Enter volts from the cap, such as 250.");
            Optional.ofNullable(breakingAmps)
                    .ifPresent(b -> CheckInput.above0(
                            "Breaking capacity", b, 200_000, "A", "Leave it empty where it is not marked."));
            if (size == null || size.isBlank()) {
                throw new IllegalArgumentException("Size is missing. Use 6x32-mm or 5x20-mm.");
            }
            size = size.trim().toLowerCase(Locale.ROOT).replace(' ', '-').replace('×', 'x');
        }
    }

    /** Whether a fuse may be taken for another. */
    public enum Substitution implements Slugged {
        ACCEPTABLE,
        NOT_ACCEPTABLE
    }

    /**
     * Whether it may be taken, with every reason for or against.
     *
     * @param acceptable whether the new fuse may replace the old one
     * @param reasons reasons, in sentences, in order
     * @param verdict verdict in one word
     * @param why the reasons in one text
     * @param next what to do now
     * @param source of the rule
     */
    public record Answer(
            boolean acceptable, List<String> reasons, Substitution verdict, String why, String next, String source) {
        /** Copies. */
        public Answer {
            reasons = List.copyOf(reasons);
        }

        private static Answer of(Substitution verdict, List<String> reasons) {
            return new Answer(
                    verdict == Substitution.ACCEPTABLE,
                    reasons,
                    verdict,
                    String.join(" ", reasons),
                    "A fuse that blows again has a cause: find it before you replace it again.",
                    "Same type and rating (UL marking; IEC 60127-10), from memory");
        }
    }

    /** Judges a candidate for an original. */
    public static Answer judge(Fuse original, Fuse candidate) {
        List<String> against = new ArrayList<>();
        if (!candidate.size().equals(original.size())) {
            against.add("Different size: %s for %s.".formatted(candidate.size(), original.size()));
        }
        if (Math.round(candidate.amps().value() * 1000)
                != Math.round(original.amps().value() * 1000)) {
            against.add("Different current: %s A for %s A. Replace a fuse only with the same current."
                    .formatted(
                            CheckInput.plain(candidate.amps().value()),
                            CheckInput.plain(original.amps().value())));
        }
        voltageSpeedAndStandard(original, candidate, against);
        String open = breaking(original, candidate, against);
        return against.isEmpty()
                ? Answer.of(
                        Substitution.ACCEPTABLE,
                        List.of("Same size, current and speed, and at least the same voltage." + open))
                : Answer.of(Substitution.NOT_ACCEPTABLE, against);
    }

    private static void voltageSpeedAndStandard(Fuse original, Fuse candidate, List<String> against) {
        if (candidate.volts().value() < original.volts().value()) {
            against.add("Voltage too low: %s V for %s V."
                    .formatted(
                            CheckInput.plain(candidate.volts().value()),
                            CheckInput.plain(original.volts().value())));
        }
        if (candidate.speed() != original.speed()) {
            against.add("Different speed: %s for %s."
                    .formatted(candidate.speed().word(), original.speed().word()));
        }
        if (original.standard() != null
                && candidate.standard() != null
                && !Objects.equals(original.standard(), candidate.standard())) {
            against.add("Different standard: %s for %s; equal ratings are not the same fuse. Ask the maker."
                    .formatted(candidate.standard(), original.standard()));
        }
    }

    /** Adds what speaks against the breaking capacity, and tells what stays open when nothing does. */
    private static String breaking(Fuse original, Fuse candidate, List<String> against) {
        if (original.breakingAmps() == null) {
            return " The breaking capacity of the old fuse is not known: use the same construction, ceramic for ceramic.";
        }
        double needed = original.breakingAmps();
        Optional<Double> has = Optional.ofNullable(candidate.breakingAmps());
        if (has.isEmpty()) {
            against.add("Its breaking capacity is not known; %s A is required.".formatted(CheckInput.plain(needed)));
        } else if (has.get() < needed) {
            against.add("Breaking capacity too low: %s A; %s A is required."
                    .formatted(CheckInput.plain(has.get()), CheckInput.plain(needed)));
        }
        return " Its breaking capacity is sufficient.";
    }
}
