package synopta.formats.catalog;

import java.math.BigDecimal;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import synopta.core.catalog.BuildRange;
import synopta.core.quantity.Money;

/** The values of cells that need more than one look, and how values are written into cells. */
final class CellValues {
    private CellValues() {}

    static Map<String, Integer> years(RowCells cells) {
        Map<String, Integer> years = new TreeMap<>();
        cells.pairs("year_codes", 2000).forEach((code, year) -> {
            if (!year.matches("(19|20)[0-9]{2}")) {
                throw new RowCells.Wrong("year_codes", "(%s=%s) must give a year such as 2017.".formatted(code, year));
            }
            years.put(code, Integer.valueOf(year));
        });
        return years;
    }

    static double popularity(RowCells cells) {
        double popularity = cells.decimal("popularity").orElse(BigDecimal.ONE).doubleValue();
        if (popularity <= 0) {
            throw new RowCells.Wrong("popularity", "must be above 0. Leave it empty when it is unknown.");
        }
        return popularity;
    }

    static Money money(RowCells cells) {
        String currency = cells.value("currency", SheetFormat.NAME, code -> new Money(0, code).currency());
        String price = cells.decimal("price")
                .orElseThrow(() -> new RowCells.Wrong("price", "is empty. Fill it in."))
                .toPlainString();
        return RowCells.within("price", () -> Money.of(price, currency));
    }

    static String from(BuildRange range) {
        return Optional.ofNullable(range.from()).map(Object::toString).orElse("");
    }

    static String to(BuildRange range) {
        return Optional.ofNullable(range.to()).map(Object::toString).orElse("");
    }

    static String yes(boolean value) {
        return value ? "yes" : "no";
    }

    static String[] row(String... cells) {
        return cells;
    }
}
