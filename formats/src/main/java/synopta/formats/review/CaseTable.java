package synopta.formats.review;

import java.time.Instant;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import synopta.core.catalog.PartNumber;
import synopta.core.outcome.Outcome;
import synopta.core.record.CaseContent;
import synopta.core.record.CaseRecord;
import synopta.core.record.CaseSnapshot;

/**
 * A case and what became of it, flat, for tables. Who it was for is left out: what leaves the house names nobody.
 * Several values stand in one cell, parted by semicolons.
 *
 * @param evidence finding=answer
 * @param suspects fault=probability, the likeliest first
 * @param lines quantity x part
 * @param returns quantity x part: reason
 */
public record CaseTable(
        long number,
        Instant createdAt,
        long revision,
        String status,
        String appliance,
        String layout,
        String model,
        String ageYears,
        String line,
        String specialist,
        String branch,
        String evidence,
        String suspects,
        String advice,
        String lines,
        String cautionsShown,
        String readTo,
        String answerSeconds,
        String fault,
        String fixed,
        String minutes,
        String returns) {
    /** The names of the columns, in their order. */
    public static final List<String> COLUMNS = List.of(
            "number",
            "createdAt",
            "revision",
            "status",
            "appliance",
            "layout",
            "model",
            "ageYears",
            "line",
            "specialist",
            "branch",
            "evidence",
            "suspects",
            "advice",
            "lines",
            "cautionsShown",
            "saidTo",
            "answerSeconds",
            "fault",
            "fixed",
            "minutes",
            "returns");

    /** A case with its last outcome, if there is one. */
    public static CaseTable of(CaseRecord record, @Nullable Outcome outcome) {
        CaseContent content = record.content();
        CaseSnapshot snapshot = record.snapshot();
        return new CaseTable(
                record.number(),
                record.createdAt(),
                record.revision(),
                content.status().slug(),
                Optional.ofNullable(snapshot.appliance()).map(a -> a.slug()).orElse(""),
                Objects.requireNonNullElse(snapshot.layout(), ""),
                Optional.ofNullable(content.input().model())
                        .map(m -> m.written())
                        .orElse(""),
                snapshot.ageYears() != null ? "" + snapshot.ageYears() : "",
                content.customer().takenOutOf(content.input().line()),
                Objects.requireNonNullElse(content.specialist(), ""),
                Objects.requireNonNullElse(content.input().shopping().branch(), ""),
                snapshot.evidence().stream()
                        .map(g -> g.finding() + "=" + g.answer())
                        .collect(Collectors.joining(";")),
                snapshot.suspects().stream()
                        .map(s -> s.fault() + "=" + s.probability())
                        .collect(Collectors.joining(";")),
                Optional.ofNullable(snapshot.advice())
                        .map(CaseSnapshot.Advised::action)
                        .orElse(""),
                content.lines().stream().map(l -> times(l.quantity(), l.part())).collect(Collectors.joining(";")),
                content.cautionsShown().stream().map(h -> h.slug()).sorted().collect(Collectors.joining(";")),
                Optional.ofNullable(content.readTo())
                        .map(content.customer()::takenOutOf)
                        .orElse(""),
                content.answerSeconds() != null ? "" + content.answerSeconds() : "",
                Optional.ofNullable(outcome).map(Outcome::fault).orElse(""),
                Optional.ofNullable(outcome).map(o -> o.fixed() ? "yes" : "no").orElse(""),
                Optional.ofNullable(outcome)
                        .filter(o -> o.minutes() != null)
                        .map(o -> "" + o.minutes())
                        .orElse(""),
                Optional.ofNullable(outcome)
                        .map(o -> o.returns().stream()
                                .map(r -> times(r.quantity(), r.part()) + ": "
                                        + r.reason().slug())
                                .collect(Collectors.joining(";")))
                        .orElse(""));
    }

    private static String times(int quantity, PartNumber part) {
        return "%d x %s".formatted(quantity, part.written());
    }

    /** The cells, in the order of the columns. */
    public String[] cells() {
        return new String[] {
            "" + number,
            createdAt.toString(),
            "" + revision,
            status,
            appliance,
            layout,
            model,
            ageYears,
            line,
            specialist,
            branch,
            evidence,
            suspects,
            advice,
            lines,
            cautionsShown,
            readTo,
            answerSeconds,
            fault,
            fixed,
            minutes,
            returns
        };
    }
}
