package synopta.store.order;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import synopta.core.catalog.PartNumber;
import synopta.core.order.Quote;
import synopta.core.order.QuoteRepository;
import synopta.core.order.QuoteTotals;
import synopta.core.quantity.Money;
import synopta.store.jdbc.Jdbc;

/** Quotes in the store. A running number is the greatest so far and one; writers queue up for it. */
public final class QuoteStore implements QuoteRepository {
    private final Jdbc jdbc;

    /** Reads and writes through this. */
    public QuoteStore(Jdbc jdbc) {
        this.jdbc = jdbc;
    }

    private static final String NEXT = """
            select coalesce(max(number), 0) + 1 as next
              from quote""";
    private static final String INSERT = """
            insert into quote (number, created_at, valid_until, branch, customer, case_number, machine, contact, terms,
                               tax_percent, tax_included, goods_cents, tax_cents, total_cents, currency)
            values (?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?)""";
    private static final String INSERT_LINE = """
            insert into quote_line (number, place, part, name, quantity, unit_price_cents, fit_checked)
            values (?, ?, ?, ?, ?, ?, ?)""";

    @Override
    public synchronized Quote add(Quote quote) {
        return jdbc.inTransaction(() -> {
            long number = jdbc.one(NEXT, row -> row.getLong("next")).orElseThrow();
            jdbc.update(
                    INSERT,
                    number,
                    quote.createdAt().atOffset(ZoneOffset.UTC),
                    quote.validUntil(),
                    quote.branch(),
                    quote.customer(),
                    quote.caseNumber(),
                    quote.machine(),
                    quote.contact(),
                    quote.terms(),
                    quote.sum().taxPercent(),
                    quote.sum().taxIncluded(),
                    quote.sum().goods().cents(),
                    quote.sum().tax().cents(),
                    quote.sum().total().cents(),
                    quote.sum().total().currency());
            jdbc.batch(
                    INSERT_LINE,
                    IntStream.range(0, quote.lines().size()).boxed(),
                    place -> columns(number, place, quote.lines().get(place)));
            return find(number).orElseThrow();
        });
    }

    private static Object[] columns(long number, int place, Quote.Line line) {
        return new Object[] {
            number,
            place,
            line.part().written(),
            line.name(),
            line.quantity(),
            line.unitPrice().cents(),
            line.fitChecked()
        };
    }

    private static final String QUOTES = """
            select number, created_at, valid_until, branch, customer, case_number, machine, contact, terms,
                   tax_percent, tax_included, goods_cents, tax_cents, total_cents, currency
              from quote
            """;
    private static final String FIND = QUOTES + """
             where number = ?""";

    @Override
    public Optional<Quote> find(long number) {
        return jdbc.one(FIND, this::quote, number);
    }

    private static final String OF_CASE = QUOTES + """
             where case_number = ?
             order by number""";

    @Override
    public List<Quote> of(long caseNumber) {
        return jdbc.list(OF_CASE, this::quote, caseNumber);
    }

    private static final String LIST = QUOTES + """
             where number < ?
             order by number desc
             limit ?""";

    @Override
    public List<Quote> list(@Nullable Long after, int limit) {
        return jdbc.list(LIST, this::quote, Objects.requireNonNullElse(after, Long.MAX_VALUE), limit);
    }

    private static final String LINES = """
            select part, name, quantity, unit_price_cents, fit_checked
              from quote_line
             where number = ?
             order by place""";

    private Quote quote(ResultSet row) throws SQLException {
        long number = row.getLong("number");
        String currency = row.getString("currency");
        QuoteTotals sum = new QuoteTotals(
                new Money(row.getLong("goods_cents"), currency),
                row.getBigDecimal("tax_percent").stripTrailingZeros(),
                row.getBoolean("tax_included"),
                new Money(row.getLong("tax_cents"), currency),
                new Money(row.getLong("total_cents"), currency));
        return new Quote(
                number,
                row.getObject("created_at", OffsetDateTime.class).toInstant(),
                row.getObject("valid_until", LocalDate.class),
                row.getString("branch"),
                row.getString("customer"),
                row.getObject("case_number", Long.class),
                row.getString("machine"),
                row.getString("contact"),
                row.getString("terms"),
                jdbc.list(LINES, line -> line(line, currency), number),
                sum);
    }

    private static Quote.Line line(ResultSet row, String currency) throws SQLException {
        return new Quote.Line(
                new PartNumber(row.getString("part")),
                row.getString("name"),
                row.getInt("quantity"),
                new Money(row.getLong("unit_price_cents"), currency),
                row.getBoolean("fit_checked"));
    }
}
