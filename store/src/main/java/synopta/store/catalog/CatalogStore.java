package synopta.store.catalog;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import synopta.core.catalog.Brand;
import synopta.core.catalog.Catalog;
import synopta.core.catalog.CatalogDump;
import synopta.core.catalog.CatalogTables;
import synopta.core.catalog.Delivery;
import synopta.core.catalog.Equivalent;
import synopta.core.catalog.Fit;
import synopta.core.catalog.KitContent;
import synopta.core.catalog.Model;
import synopta.core.catalog.ModelNumber;
import synopta.core.catalog.Part;
import synopta.core.catalog.PartNumber;
import synopta.core.catalog.Platform;
import synopta.core.catalog.SerialScheme;
import synopta.core.catalog.Sheet;
import synopta.core.catalog.Slot;
import synopta.core.catalog.Stock;
import synopta.core.catalog.Supersession;
import synopta.core.quantity.Money;
import synopta.store.jdbc.Jdbc;

/** The catalogue in the store. */
public final class CatalogStore implements Catalog, CatalogDump {
    private final Jdbc jdbc;

    /** Reads and writes through this. */
    public CatalogStore(Jdbc jdbc) {
        this.jdbc = jdbc;
    }

    /** Puts these tables in the place of all that was there, or changes nothing. */
    public void replace(CatalogTables tables) {
        replace(Delivery.of(tables), sheet -> {});
    }

    /**
     * Puts the sheets that were sent in the place of those of the same name, in one transaction: all of them or, when it
     * fails or the process ends, none. That they hold together is for {@link synopta.core.catalog.DeliveryCheck} to say.
     *
     * @param begun is told of each sheet before it is written
     */
    public void replace(Delivery delivery, Consumer<Sheet<?>> begun) {
        jdbc.inTransaction(() -> {
            Sheet.ALL.forEach(sheet -> replace(delivery, sheet, begun));
            return null;
        });
    }

    private <T> void replace(Delivery delivery, Sheet<T> sheet, Consumer<Sheet<?>> begun) {
        delivery.sent(sheet).ifPresent(sent -> {
            begun.accept(sheet);
            StoredSheet<T> stored = StoredSheet.of(sheet);
            jdbc.update(stored.empty());
            jdbc.batch(stored.insert(), sent.rows().stream(), stored.values());
        });
    }

    @Override
    public <T> void each(Sheet<T> sheet, Consumer<T> reader) {
        StoredSheet<T> stored = StoredSheet.of(sheet);
        jdbc.each(stored.all(), stored.row(), reader);
    }

    /** How many rows a sheet has. */
    public long count(Sheet<?> sheet) {
        return jdbc.one(StoredSheet.of(sheet).count(), row -> row.getLong(1)).orElseThrow();
    }

    private <T> List<T> all(Sheet<T> sheet) {
        List<T> rows = new ArrayList<>();
        each(sheet, rows::add);
        return rows;
    }

    @Override
    public List<Brand> brands() {
        return all(Sheet.BRANDS);
    }

    @Override
    public List<SerialScheme> serialSchemes() {
        return all(Sheet.SERIAL_SCHEMES);
    }

    @Override
    public void eachModel(Consumer<Model> reader) {
        each(Sheet.MODELS, reader);
    }

    private static final String MODELS_ON = """
            select model, brand, appliance, fuel, volts, platform, built_from, built_to, popularity, note
              from model
             where platform = ?
             order by model_key""";

    @Override
    public List<Model> modelsOn(String platform) {
        return jdbc.list(MODELS_ON, CatalogRows::model, platform);
    }

    private static final String FITS_ON = """
            select m.model, f.slot, p.part, f.quantity, f.built_from, f.built_to, f.serial_from, f.serial_to, f.note
              from model m
              join fit f on f.model_key = m.model_key
              join part p on p.part_key = f.part_key
             where m.platform = ?
             order by m.model_key, f.slot, f.part_key""";

    @Override
    public List<Fit> fitsOn(String platform) {
        return jdbc.list(FITS_ON, CatalogRows::fit, platform);
    }

    private static final String MODEL = """
            select model, brand, appliance, fuel, volts, platform, built_from, built_to, popularity, note
              from model
             where model_key = ?""";

    @Override
    public Optional<Model> model(ModelNumber number) {
        return jdbc.one(MODEL, CatalogRows::model, number.key());
    }

    private static final String PLATFORM = """
            select platform, appliance, layout, note
              from platform
             where platform = ?""";

    @Override
    public Optional<Platform> platform(String platform) {
        return jdbc.one(PLATFORM, CatalogRows::platform, platform);
    }

    private static final String SLOTS = """
            select platform, slot, part_type, quantity, note
              from slot
             where platform = ?
             order by slot""";

    @Override
    public List<Slot> slots(String platform) {
        return jdbc.list(SLOTS, CatalogRows::slot, platform);
    }

    private static final String FITS = """
            select m.model, f.slot, p.part, f.quantity, f.built_from, f.built_to, f.serial_from, f.serial_to, f.note
              from fit f
              join model m on m.model_key = f.model_key
              join part p on p.part_key = f.part_key
             where f.model_key = ?
             order by f.slot, f.part_key""";

    @Override
    public List<Fit> fits(ModelNumber model) {
        return jdbc.list(FITS, CatalogRows::fit, model.key());
    }

    private static final String PART = """
            select part, maker, part_type, name, genuine, status, pack_quantity, returnable, specs
              from part
             where part_key = ?""";

    @Override
    public Optional<Part> part(PartNumber number) {
        return jdbc.one(PART, CatalogRows::part, number.key());
    }

    private static final String PARTS_OF_TYPE = """
            select part, maker, part_type, name, genuine, status, pack_quantity, returnable, specs
              from part
             where part_type = ?
             order by part_key""";

    @Override
    public List<Part> partsOfType(String partType) {
        return jdbc.list(PARTS_OF_TYPE, CatalogRows::part, partType);
    }

    private static final String REPLACEMENTS_OF = """
            select o.part as old_part, s.choice, n.part as new_part, s.quantity, s.change, s.effective
              from supersession s
              join part o on o.part_key = s.old_key
              join part n on n.part_key = s.new_key
             where s.old_key = ?
             order by s.choice, s.new_key""";

    @Override
    public List<Supersession> replacementsOf(PartNumber oldPart) {
        return jdbc.list(REPLACEMENTS_OF, CatalogRows::supersession, oldPart.key());
    }

    private static final String CONTENTS_OF = """
            select k.part as kit, c.part as content, x.quantity
              from kit_content x
              join part k on k.part_key = x.kit_key
              join part c on c.part_key = x.content_key
             where x.kit_key = ?
             order by x.content_key""";

    @Override
    public List<KitContent> contentsOf(PartNumber kit) {
        return jdbc.list(CONTENTS_OF, CatalogRows::kit, kit.key());
    }

    private static final String KITS_HOLDING = """
            select k.part as kit, c.part as content, x.quantity
              from kit_content x
              join part k on k.part_key = x.kit_key
              join part c on c.part_key = x.content_key
             where x.content_key = ?
             order by x.kit_key""";

    @Override
    public List<KitContent> kitsHolding(PartNumber content) {
        return jdbc.list(KITS_HOLDING, CatalogRows::kit, content.key());
    }

    private static final String EQUIVALENTS_OF = """
            select p.part, e.part as equivalent, x.basis
              from equivalent x
              join part p on p.part_key = x.part_key
              join part e on e.part_key = x.equivalent_key
             where x.part_key = ?
             order by x.equivalent_key""";

    @Override
    public List<Equivalent> equivalentsOf(PartNumber part) {
        return jdbc.list(EQUIVALENTS_OF, CatalogRows::equivalent, part.key());
    }

    private static final String PRICE = """
            select price_cents, currency
              from price
             where part_key = ?""";

    @Override
    public Optional<Money> price(PartNumber part) {
        return jdbc.one(PRICE, CatalogRows::price, part.key());
    }

    private static final String STOCK = """
            select s.branch, p.part, s.on_hand, s.lead_days
              from stock s
              join part p on p.part_key = s.part_key
             where s.part_key = ?
             order by s.branch""";

    @Override
    public List<Stock> stock(PartNumber part) {
        return jdbc.list(STOCK, CatalogRows::stock, part.key());
    }
}
