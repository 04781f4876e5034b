package synopta.store.outcome;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import synopta.core.outcome.Outcome;
import synopta.core.outcome.OutcomeRecord;

/** What the counts need of a case, as a row: lists parted by semicolons, pairs by an equals sign. */
final class OutcomeRecordCodec {
    private OutcomeRecordCodec() {}

    static Object[] columns(OutcomeRecord told) {
        return new Object[] {
            told.number(),
            told.day(),
            told.appliance(),
            told.layout(),
            told.specialist(),
            String.join(";", told.partTypes()),
            list(told.guesses().stream().map(g -> g.probability() + "=" + g.was())),
            told.right(),
            list(told.reasons().stream().map(Outcome.Reason::slug)),
            told.answerSeconds(),
            Optional.ofNullable(told.overruled()).map(Enum::name).orElse(null),
            list(told.asked().stream().map(worth -> worth.finding() + "=" + worth.bits()))
        };
    }

    private static String list(Stream<String> items) {
        return items.collect(Collectors.joining(";"));
    }

    static OutcomeRecord read(ResultSet row) throws SQLException {
        return new OutcomeRecord(
                row.getLong("number"),
                row.getObject("served_on", LocalDate.class),
                word(row, "appliance").orElse(null),
                word(row, "layout").orElse(null),
                word(row, "specialist").orElse(null),
                items(row.getString("part_types"), item -> item[0].intern()),
                items(
                        row.getString("guesses"),
                        item -> new OutcomeRecord.Guess(Double.parseDouble(item[0]), Boolean.parseBoolean(item[1]))),
                row.getBoolean("first_time"),
                items(row.getString("reasons"), item -> Outcome.Reason.of(item[0])),
                row.getObject("answer_seconds", Integer.class),
                Optional.ofNullable(row.getString("overruled"))
                        .map(OutcomeRecord.WhoWasRight::valueOf)
                        .orElse(null),
                items(
                        row.getString("asked"),
                        item -> new OutcomeRecord.Worth(item[0].intern(), Double.parseDouble(item[1]))));
    }

    /** One object for each word: they are counted by, and few among many rows. */
    private static Optional<String> word(ResultSet row, String column) throws SQLException {
        return Optional.ofNullable(row.getString(column)).map(String::intern);
    }

    private static <T> List<T> items(String text, Function<String[], T> read) {
        return text.isEmpty()
                ? List.of()
                : Arrays.stream(text.split(";"))
                        .map(item -> read.apply(item.split("=")))
                        .toList();
    }
}
