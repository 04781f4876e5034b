package synopta.core.reading;

import java.util.List;
import java.util.stream.Collectors;

/**
 * By the band of the kind it is; while the kind is not known only what is off for all kinds, or good for all that
 * reach so far, has a verdict.
 *
 * @param kinds two or more, by the least reading
 */
public record KindJudging(List<Kind> kinds) implements Judging {
    /**
     * A kind and its band.
     *
     * @param slug its word, such as `flat`
     * @param band readings of a good one
     */
    public record Kind(String slug, Range band) {}

    /** Copies; refuses fewer than two. */
    public KindJudging {
        kinds = List.copyOf(kinds);
        if (kinds.size() < 2) {
            throw new IllegalArgumentException("Judging by kind needs at least two kinds.");
        }
    }

    @Override
    public Judgment judge(Reading reading, MeterUnit unit, Conditions beside, String source) {
        for (Kind kind : kinds) {
            if (kind.slug.equals(beside.kind())) {
                return new Judging.Band(List.of(kind.band), null).judge(reading, unit, beside, source);
            }
        }
        double least = kinds.stream().mapToDouble(k -> k.band.from()).min().orElseThrow();
        double all = kinds.stream().mapToDouble(k -> k.band.from()).max().orElseThrow();
        Verdict verdict = reading.fold(
                value -> value < least ? Verdict.OFF_VALUE : value >= all ? Verdict.GOOD : Verdict.NO_VERDICT,
                overload -> Verdict.NO_VERDICT);
        String why = "It reads %s; good is %s.".formatted(Judging.shown(reading, unit), good(unit));
        Judgment judged = Judgment.of(verdict, least, null, why, Words.next(verdict), source);
        return verdict == Verdict.NO_VERDICT
                ? judged.needing(
                        Judgment.Need.KIND, kinds.stream().map(Kind::slug).toList())
                : judged;
    }

    @Override
    public String good(MeterUnit unit) {
        return kinds.stream()
                .map(k -> "%s: %s".formatted(k.slug, k.band.words(unit)))
                .collect(Collectors.joining(", "));
    }

    @Override
    public Double typical() {
        return kinds.get(0).band.from();
    }
}
