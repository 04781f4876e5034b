package synopta.store.catalog;

import java.util.List;
import java.util.Optional;
import synopta.core.catalog.Appliance;
import synopta.core.catalog.Brand;
import synopta.core.catalog.Catalog;
import synopta.core.catalog.CatalogTables;
import synopta.core.catalog.Equivalent;
import synopta.core.catalog.Fit;
import synopta.core.catalog.KitContent;
import synopta.core.catalog.Model;
import synopta.core.catalog.ModelNumber;
import synopta.core.catalog.Part;
import synopta.core.catalog.PartNumber;
import synopta.core.catalog.Platform;
import synopta.core.catalog.Slot;
import synopta.core.catalog.Stock;
import synopta.core.catalog.Supersession;
import synopta.core.quantity.Money;
import synopta.store.jdbc.Jdbc;

/** The catalogue in the store. */
public final class CatalogStore implements Catalog {
    private final Jdbc jdbc;

    /** Reads and writes through this. */
    public CatalogStore(Jdbc jdbc) {
        this.jdbc = jdbc;
    }

    /** Puts these tables in the place of all that was there, or changes nothing. */
    public void replace(CatalogTables tables) {
        jdbc.inTransaction(() -> {
            new CatalogWriter(jdbc).replace(tables);
            return null;
        });
    }

    private static final String BRANDS = """
            select brand, family
              from brand
             order by brand""";

    @Override
    public List<Brand> brands() {
        return jdbc.list(BRANDS, row -> new Brand(row.getString("brand"), row.getString("family")));
    }

    private static final String MODELS = """
            select model, brand, appliance, fuel, volts, platform, built_from, built_to, popularity, note
              from model
             order by model_key""";

    @Override
    public List<Model> models() {
        return jdbc.list(MODELS, CatalogRows::model);
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
        return jdbc.one(
                PLATFORM,
                row -> new Platform(
                        row.getString("platform"),
                        Appliance.of(row.getString("appliance")),
                        row.getString("layout"),
                        row.getString("note")),
                platform);
    }

    private static final String SLOTS = """
            select platform, slot, part_type, quantity, note
              from slot
             where platform = ?
             order by slot""";

    @Override
    public List<Slot> slots(String platform) {
        return jdbc.list(
                SLOTS,
                row -> new Slot(
                        row.getString("platform"),
                        row.getString("slot"),
                        row.getString("part_type"),
                        row.getInt("quantity"),
                        row.getString("note")),
                platform);
    }

    private static final String FITS = """
            select m.model, f.slot, p.part, f.quantity, f.built_from, f.built_to, f.note
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

    private static final String REPLACEMENTS_OF = """
            select o.part as old_part, s.choice, n.part as new_part, s.quantity, s.change
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
        return jdbc.one(PRICE, row -> new Money(row.getLong("price_cents"), row.getString("currency")), part.key());
    }

    private static final String STOCK = """
            select s.branch, p.part, s.on_hand, s.lead_days
              from stock s
              join part p on p.part_key = s.part_key
             where s.part_key = ?
             order by s.branch""";

    @Override
    public List<Stock> stock(PartNumber part) {
        return jdbc.list(
                STOCK,
                row -> new Stock(
                        row.getString("branch"),
                        new PartNumber(row.getString("part")),
                        row.getInt("on_hand"),
                        row.getInt("lead_days")),
                part.key());
    }
}
