package synopta.store.catalog;

import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.SortedMap;
import java.util.function.Consumer;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;
import synopta.core.catalog.Appliance;
import synopta.core.catalog.Brand;
import synopta.core.catalog.CatalogImport;
import synopta.core.catalog.CatalogRepository;
import synopta.core.catalog.CatalogTables;
import synopta.core.catalog.FaultCode;
import synopta.core.catalog.Fit;
import synopta.core.catalog.Fuel;
import synopta.core.catalog.Model;
import synopta.core.catalog.ModelNumber;
import synopta.core.catalog.ModelUsage;
import synopta.core.catalog.PartNumber;
import synopta.core.catalog.Platform;
import synopta.core.catalog.SerialScheme;
import synopta.core.catalog.Sheet;
import synopta.core.catalog.Slot;
import synopta.store.jdbc.Jdbc;

/** The catalog in the store. */
public final class CatalogStore extends PartQueries implements CatalogRepository {

    private final PopularityTables popularities;

    /** Reads and writes through this. */
    public CatalogStore(Jdbc jdbc) {
        super(jdbc);
        popularities = new PopularityTables(jdbc);
    }

    @Override
    public long version() {
        return jdbc.changes();
    }

    @Override
    public <T> T reading(Supplier<T> work) {
        return jdbc.reading(work);
    }

    /** Puts these tables in the place of all that was there, or changes nothing. */
    public void replace(CatalogTables tables) {
        replace(CatalogImport.of(tables), sheet -> {});
    }

    private static final String STILL_KEPT = """
            update stock
               set reserved = (select coalesce(sum(p.quantity), 0)
                                 from promise p
                                where p.part_key = stock.part_key
                                  and p.branch = stock.branch
                                  and p.state in ('reserved', 'arrived'))
             where exists (select 1
                             from promise p
                            where p.part_key = stock.part_key
                              and p.branch = stock.branch
                              and p.state in ('reserved', 'arrived'))""";

    /**
     * Puts the sheets that were sent in the place of those of the same name, in one transaction: all of them or, when it
     * fails or the process ends, none; what is kept for somebody on a shelf stays kept. That they hold together is for {@link synopta.core.catalog.CatalogImportCheck} to say.
     *
     * @param begun is told of each sheet before it is written
     */
    @Override
    public void replace(CatalogImport delivery, Consumer<Sheet<?>> begun) {
        jdbc.inTransaction(() -> {
            Sheet.ALL.forEach(sheet -> replace(delivery, sheet, begun));
            popularities.write(delivery);
            return delivery.sent(Sheet.STOCK).map(sent -> jdbc.update(STILL_KEPT));
        });
        pricesWritten();
    }

    private <T> void replace(CatalogImport delivery, Sheet<T> sheet, Consumer<Sheet<?>> begun) {
        delivery.sent(sheet).ifPresent(sent -> {
            begun.accept(sheet);
            SheetTable<T> stored = SheetTable.of(sheet);
            jdbc.update(stored.empty());
            jdbc.batch(stored.insert(), sent.rows().stream(), stored.values());
        });
    }

    @Override
    public <T> void each(Sheet<T> sheet, Consumer<T> reader) {
        SheetTable<T> stored = SheetTable.of(sheet);
        jdbc.each(stored.all(), stored.row(), reader);
    }

    @Override
    public long count(Sheet<?> sheet) {
        return jdbc.one(SheetTable.of(sheet).count(), row -> row.getLong(1)).orElseThrow();
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

    private static final String MODELS_ON = Select.MODELS + """
             where platform = ?
             order by model_key""";

    @Override
    public List<Model> modelsOn(String platform) {
        return jdbc.list(MODELS_ON, RowMappers::model, platform);
    }

    private static final String MODELS_BUILT = Select.MODELS + """
             where platform in (select p.platform
                                  from platform p
                                 where p.appliance = ?
                                   and p.layout = ?)
               and model_key > ?
             order by model_key
             limit ?""";

    @Override
    public List<Model> modelsBuilt(Appliance appliance, String layout, String after, int most) {
        return jdbc.list(MODELS_BUILT, RowMappers::model, appliance.slug(), layout, after, most);
    }

    private static final String FITS_ON = Select.FITS + """
             where m.platform = ?
             order by m.model_key, f.slot, f.part_key""";

    @Override
    public List<Fit> fitsOn(String platform) {
        return jdbc.list(FITS_ON, RowMappers::fit, platform);
    }

    private static final String FITS_AT = Select.FITS + """
             where m.platform = ? and f.slot = ?
             order by m.model_key, f.part_key""";

    @Override
    public List<Fit> fitsAt(String platform, String slot) {
        return jdbc.list(FITS_AT, RowMappers::fit, platform, slot);
    }

    @Override
    public double popularity(String platform, Set<Fuel> fuels) {
        return popularities.of(platform, fuels);
    }

    @Override
    public SortedMap<PartNumber, Double> popularity(String platform, String partType, Set<Fuel> fuels) {
        return popularities.byPart(platform, partType, fuels);
    }

    private static final String TAKING = """
            select m.model, m.brand, m.appliance, m.fuel, m.volts, m.platform, m.built_from, m.built_to, m.popularity,
                   m.note, f.slot, p.part, f.quantity, f.built_from as fit_from, f.built_to as fit_to,
                   f.serial_from, f.serial_to, f.note as fit_note
              from fit f
              join model m on m.model_key = f.model_key
              join part p on p.part_key = f.part_key
             where f.part_key = ? and f.model_key > ? and (cast(? as varchar(80)) is null or m.brand = ?)
             order by f.part_key, f.model_key, f.slot
             limit ?""";

    @Override
    public List<ModelUsage> taking(PartNumber part, @Nullable String brand, String after, int rows) {
        return jdbc.list(TAKING, RowMappers::taking, part.key(), after, brand, brand, rows);
    }

    private static final String MODELS_AMONG = Select.MODELS + """
             where model_key = any(?)
             order by model_key""";

    @Override
    public List<Model> modelsAmong(Collection<String> keys) {
        return jdbc.list(MODELS_AMONG, RowMappers::model, (Object) keys.toArray(String[]::new));
    }

    private static final String MODELS_FROM = Select.MODELS + """
             where model_key >= ? and model_key < ?
             order by model_key
             limit ?""";

    @Override
    public List<Model> modelsFrom(String begins, int most) {
        return jdbc.list(MODELS_FROM, RowMappers::model, begins, begins + LAST, most);
    }

    private static final String MODEL = Select.MODELS + """
             where model_key = ?""";

    @Override
    public Optional<Model> model(ModelNumber number) {
        return jdbc.one(MODEL, RowMappers::model, number.key());
    }

    private static final String PLATFORM = Select.PLATFORMS + """
             where platform = ?""";

    @Override
    public Optional<Platform> platform(String platform) {
        return jdbc.one(PLATFORM, RowMappers::platform, platform);
    }

    private static final String SLOTS = Select.SLOTS + """
             where platform = ?
             order by slot""";

    @Override
    public List<Slot> slots(String platform) {
        return jdbc.list(SLOTS, RowMappers::slot, platform);
    }

    private static final String CODES = Select.CODES + """
             where appliance = ?
             order by brand, family, code_key""";

    @Override
    public List<FaultCode> codes(Appliance appliance) {
        return jdbc.list(CODES, RowMappers::code, appliance.slug());
    }

    private static final String FITS = Select.FITS + """
             where f.model_key = ?
             order by f.slot, f.part_key""";

    @Override
    public List<Fit> fits(ModelNumber model) {
        return jdbc.list(FITS, RowMappers::fit, model.key());
    }
}
