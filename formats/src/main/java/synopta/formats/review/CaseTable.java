package synopta.formats.review;

import java.time.Instant;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.Stream;
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
                snapshot.appliance() == null ? "" : snapshot.appliance().slug(),
                text(snapshot.layout()),
                content.input().model() == null ? "" : content.input().model().written(),
                text(snapshot.ageYears()),
                content.customer().takenOutOf(content.input().line()),
                text(content.specialist()),
                text(content.input().shopping().branch()),
                joined(snapshot.evidence().stream().map(g -> g.finding() + "=" + g.answer())),
                joined(snapshot.suspects().stream().map(s -> s.fault() + "=" + s.probability())),
                snapshot.advice() == null ? "" : snapshot.advice().action(),
                joined(content.lines().stream().map(l -> times(l.quantity(), l.part()))),
                joined(content.cautionsShown().stream().map(h -> h.slug()).sorted()),
                content.readTo() == null ? "" : content.customer().takenOutOf(content.readTo()),
                text(content.answerSeconds()),
                outcome == null ? "" : text(outcome.fault()),
                outcome == null ? "" : outcome.fixed() ? "yes" : "no",
                outcome == null ? "" : text(outcome.minutes()),
                outcome == null ? "" : joined(outcome.returns().stream().map(CaseTable::returned)));
    }

    private static String text(@Nullable Object value) {
        return value == null ? "" : value.toString();
    }

    private static String joined(Stream<String> several) {
        return several.collect(Collectors.joining(";"));
    }

    private static String returned(Outcome.Return returned) {
        return times(returned.quantity(), returned.part()) + ": "
                + returned.reason().slug();
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
