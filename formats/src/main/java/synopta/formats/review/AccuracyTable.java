package synopta.formats.review;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import synopta.core.outcome.AccuracySummary;
import synopta.formats.table.TableWriter;

/** The counts of how often the counter was right, each as a table. */
public final class AccuracyTable {
    /** The tables' names, in a sentence. */
    public static final String NAMES = "right-first-time, returns, calibration, questions, times or overruled";

    private AccuracyTable() {}

    /** The table of that name; empty when there is none. */
    public static Optional<TableWriter> of(String name, AccuracySummary counts) {
        return Optional.ofNullable(
                switch (name) {
                    case "right-first-time" -> rightFirstTime(name, counts);
                    case "returns" ->
                        rows(
                                name,
                                List.of("reason", "cases"),
                                counts.returns(),
                                r -> cells(r.reason().slug(), r.cases()));
                    case "calibration" -> calibration(name, counts);
                    case "questions" ->
                        rows(
                                name,
                                List.of("finding", "question", "times", "meanBits"),
                                counts.questions(),
                                q -> cells(q.finding(), q.question(), q.times(), q.meanBits()));
                    case "times" ->
                        rows(
                                name,
                                List.of("specialist", "cases", "halfSeconds", "nineInTenSeconds"),
                                counts.times(),
                                t -> cells(t.label(), t.cases(), t.half(), t.nineInTen()));
                    case "overruled" -> overruled(name, counts.overruled());
                    default -> null;
                });
    }

    private static TableWriter rightFirstTime(String name, AccuracySummary counts) {
        return new TableWriter(
                name,
                List.of("by", "label", "right", "cases", "rate", "low", "high"),
                reader -> counts.by()
                        .forEach((by, shares) -> shares.forEach(s -> reader.accept(cells(
                                by,
                                s.label(),
                                s.right(),
                                s.cases(),
                                s.rate(),
                                s.interval().low(),
                                s.interval().high())))));
    }

    private static TableWriter calibration(String name, AccuracySummary counts) {
        return rows(
                name,
                List.of("from", "to", "said", "was", "of", "low", "high"),
                counts.calibration(),
                b -> cells(
                        b.from(),
                        b.to(),
                        b.said(),
                        b.was(),
                        b.of(),
                        b.interval().low(),
                        b.interval().high()));
    }

    private static TableWriter overruled(String name, AccuracySummary.Overruled overruled) {
        List<String[]> rows = List.of(
                cells("specialist", overruled.specialist()),
                cells("advice", overruled.advice()),
                cells("neither", overruled.neither()));
        return rows(name, List.of("right", "cases"), rows, row -> row);
    }

    private static <T> TableWriter rows(String name, List<String> columns, List<T> rows, Function<T, String[]> row) {
        return new TableWriter(name, columns, reader -> rows.forEach(one -> reader.accept(row.apply(one))));
    }

    private static String[] cells(Object... cells) {
        return Arrays.stream(cells).map(String::valueOf).toArray(String[]::new);
    }
}
