package synopta.store.catalog;

import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import synopta.core.catalog.Catalog;
import synopta.core.catalog.Equivalent;
import synopta.core.catalog.KitContent;
import synopta.core.catalog.Part;
import synopta.core.catalog.PartListing;
import synopta.core.catalog.PartNumber;
import synopta.core.catalog.PartPrice;
import synopta.core.catalog.Stock;
import synopta.core.catalog.Supersession;
import synopta.core.quantity.Money;
import synopta.store.jdbc.Jdbc;

/** What is asked of the catalog about parts; {@link CatalogStore} adds the machines. */
abstract class PartQueries implements Catalog {
    /** The currency of the prices as they were last read; null: not read since prices were written. */
    private volatile Optional<String> currency;

    /** Comes after every letter and digit of a key. */
    static final String LAST = "~";

    final Jdbc jdbc;

    PartQueries(Jdbc jdbc) {
        this.jdbc = jdbc;
    }

    private static final String PART = Select.PARTS + """
             where part_key = ?""";

    @Override
    public Optional<Part> part(PartNumber number) {
        return jdbc.one(PART, RowMappers::part, number.key());
    }

    private static final String PARTS_AMONG = Select.PARTS + """
             where part_key = any(?)
             order by part_key""";

    @Override
    public List<Part> partsAmong(Collection<String> keys) {
        return jdbc.list(PARTS_AMONG, RowMappers::part, (Object) keys.toArray(String[]::new));
    }

    private static final String PARTS_FROM = Select.PARTS + """
             where part_key >= ? and part_key < ?
             order by part_key
             limit ?""";

    @Override
    public List<Part> partsFrom(String begins, int most) {
        return jdbc.list(PARTS_FROM, RowMappers::part, begins, begins + LAST, most);
    }

    private static final String PARTS_OF_TYPE = Select.PARTS + """
             where part_type = ?
             order by part_key""";

    @Override
    public List<Part> partsOfType(String partType) {
        return jdbc.list(PARTS_OF_TYPE, RowMappers::part, partType);
    }

    private static final String REPLACEMENTS_OF = Select.SUPERSESSIONS + """
             where s.old_key = any(?)
             order by s.old_key, s.choice, s.new_key""";

    @Override
    public List<Supersession> replacementsOf(Collection<PartNumber> oldParts) {
        return jdbc.list(REPLACEMENTS_OF, RowMappers::supersession, (Object) keys(oldParts));
    }

    private static final String FORERUNNERS_OF = Select.SUPERSESSIONS + """
             where s.new_key = any(?)
             order by s.new_key, s.old_key, s.choice""";

    @Override
    public List<Supersession> predecessorsOf(Collection<PartNumber> newParts) {
        return jdbc.list(FORERUNNERS_OF, RowMappers::supersession, (Object) keys(newParts));
    }

    private static String[] keys(Collection<PartNumber> numbers) {
        return numbers.stream().map(PartNumber::key).distinct().toArray(String[]::new);
    }

    private static final String CONTENTS_OF = Select.KITS + """
             where x.kit_key = ?
             order by x.content_key""";

    @Override
    public List<KitContent> contentsOf(PartNumber kit) {
        return jdbc.list(CONTENTS_OF, RowMappers::kit, kit.key());
    }

    private static final String KITS_HOLDING = Select.KITS + """
             where x.content_key = ?
             order by x.kit_key""";

    @Override
    public List<KitContent> kitsHolding(PartNumber content) {
        return jdbc.list(KITS_HOLDING, RowMappers::kit, content.key());
    }

    private static final String EQUIVALENTS_OF = Select.EQUIVALENTS + """
             where x.part_key = ?
             order by x.equivalent_key""";

    @Override
    public List<Equivalent> equivalentsOf(PartNumber part) {
        return jdbc.list(EQUIVALENTS_OF, RowMappers::equivalent, part.key());
    }

    private static final String ORIGINALS_OF = Select.EQUIVALENTS + """
             where x.equivalent_key = ?
             order by x.part_key""";

    @Override
    public List<Equivalent> originalsOf(PartNumber equivalent) {
        return jdbc.list(ORIGINALS_OF, RowMappers::equivalent, equivalent.key());
    }

    private static final String PRICE = """
            select price_cents, currency
              from price
             where part_key = ?""";

    @Override
    public Optional<Money> price(PartNumber part) {
        return jdbc.one(PRICE, RowMappers::price, part.key());
    }

    private static final String PRICES_AMONG = """
            select p.part, x.price_cents, x.currency
              from price x
              join part p on p.part_key = x.part_key
             where x.part_key = any(?)
             order by x.part_key""";

    private static final String STOCK_AMONG = Select.FREE_STOCK + """
             where s.part_key = any(?)
             order by s.part_key, s.branch""";

    @Override
    public List<PartListing> listings(Collection<String> keys) {
        Object among = keys.toArray(String[]::new);
        Map<PartNumber, Money> prices = jdbc.list(PRICES_AMONG, RowMappers::priced, among).stream()
                .collect(Collectors.toMap(PartPrice::part, PartPrice::price));
        Map<PartNumber, List<Stock>> stock =
                jdbc.list(STOCK_AMONG, RowMappers::stock, among).stream().collect(Collectors.groupingBy(Stock::part));
        return partsAmong(keys).stream()
                .map(part ->
                        new PartListing(part, prices.get(part.number()), stock.getOrDefault(part.number(), List.of())))
                .toList();
    }

    private static final String CURRENCY = """
            select currency
              from price
             order by part_key
             limit 1""";

    @Override
    public Optional<String> currency() {
        Optional<String> known = currency;
        if (known == null) {
            known = jdbc.one(CURRENCY, row -> row.getString("currency"));
            currency = known;
        }
        return known;
    }

    /** To be called when prices were written. */
    void pricesWritten() {
        currency = null;
    }

    private static final String STOCK = Select.FREE_STOCK + """
             where s.part_key = ?
             order by s.branch""";

    /** What is free: pieces that are kept for somebody are left out. */
    @Override
    public List<Stock> stock(PartNumber part) {
        return jdbc.list(STOCK, RowMappers::stock, part.key());
    }

    private static final String BRANCHES = """
            select distinct branch
              from stock
             order by branch""";

    @Override
    public List<String> branches() {
        return jdbc.list(BRANCHES, row -> row.getString("branch"));
    }
}
