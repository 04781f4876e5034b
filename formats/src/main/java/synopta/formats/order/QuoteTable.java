package synopta.formats.order;

import java.util.List;
import synopta.core.order.Quote;
import synopta.formats.table.TableWriter;

/** A quote as a table: a row for each line, then the tax and the total. */
public final class QuoteTable {
    private static final List<String> COLUMNS =
            List.of("quote", "valid_until", "part", "name", "quantity", "unit_price", "price", "currency", "fit");

    private QuoteTable() {}

    /** The table of a quote. */
    public static TableWriter of(Quote quote) {
        String number = Long.toString(quote.number());
        String until = quote.validUntil().toString();
        String currency = quote.sum().total().currency();
        return new TableWriter("quote", COLUMNS, reader -> {
            quote.lines()
                    .forEach(line -> reader.accept(new String[] {
                        number,
                        until,
                        line.part().written(),
                        line.name(),
                        Integer.toString(line.quantity()),
                        line.unitPrice().decimal(),
                        line.price().decimal(),
                        currency,
                        line.fitChecked() ? "checked" : "not checked"
                    }));
            String tax = "tax %s%%, %s"
                    .formatted(quote.sum().taxRate(), quote.sum().taxIncluded() ? "included in the prices" : "added");
            reader.accept(new String[] {
                number, until, "", tax, "", "", quote.sum().tax().decimal(), currency, ""
            });
            reader.accept(new String[] {
                number, until, "", "total", "", "", quote.sum().total().decimal(), currency, ""
            });
        });
    }
}
