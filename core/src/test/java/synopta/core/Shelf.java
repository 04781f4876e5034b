package synopta.core;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import synopta.core.catalog.Appliance;
import synopta.core.catalog.Brand;
import synopta.core.catalog.BuildRange;
import synopta.core.catalog.CatalogTables;
import synopta.core.catalog.Equivalent;
import synopta.core.catalog.Fit;
import synopta.core.catalog.InMemoryCatalog;
import synopta.core.catalog.KitContent;
import synopta.core.catalog.Model;
import synopta.core.catalog.ModelNumber;
import synopta.core.catalog.Part;
import synopta.core.catalog.PartPrice;
import synopta.core.catalog.Platform;
import synopta.core.catalog.SerialRange;
import synopta.core.catalog.SerialScheme;
import synopta.core.catalog.Slot;
import synopta.core.catalog.Stock;
import synopta.core.catalog.Supersession;
import synopta.core.quantity.Money;

/** A small catalog, put together row by row. */
public final class Shelf {
    private final List<Brand> brands = new ArrayList<>(List.of(new Brand("Thistlemoor", "N", null)));
    private final List<SerialScheme> schemes = new ArrayList<>();
    private final List<Slot> slots = new ArrayList<>();
    private final List<Model> models = new ArrayList<>();
    private final List<Part> parts = new ArrayList<>();
    private final List<Fit> fits = new ArrayList<>();
    private final List<Supersession> supersessions = new ArrayList<>();
    private final List<KitContent> kits = new ArrayList<>();
    private final List<Equivalent> equivalents = new ArrayList<>();
    private final List<PartPrice> prices = new ArrayList<>();
    private final List<Stock> stock = new ArrayList<>();

    public Shelf brand(String name, SerialScheme scheme) {
        brands.add(new Brand(name, "N", scheme.scheme()));
        schemes.add(scheme);
        return this;
    }

    public Shelf slot(String slot, String partType) {
        slots.add(new Slot("P", slot, partType, 1, ""));
        return this;
    }

    public Shelf fit(Fit fit) {
        fits.add(fit);
        return this;
    }

    public Shelf model(Model model) {
        models.add(model);
        return this;
    }

    public Shelf part(String number, long cents) {
        return part(number, cents, "t", true, Part.Status.CURRENT, 1);
    }

    public Shelf part(String number, long cents, String type, boolean genuine, Part.Status status, int pack) {
        parts.add(new Part(Samples.part(number), "m", type, "n", genuine, status, pack, true, Map.of()));
        if (cents >= 0) {
            prices.add(new PartPrice(Samples.part(number), new Money(cents, "USD")));
        }
        return this;
    }

    public Shelf fit(String model, String slot, String part, int quantity, BuildRange built) {
        fits.add(new Fit(new ModelNumber(model), slot, Samples.part(part), quantity, built, SerialRange.ALL, ""));
        return this;
    }

    public Shelf replaced(String old, int choice, String by, int quantity, String change) {
        supersessions.add(new Supersession(Samples.part(old), "" + choice, Samples.part(by), quantity, change, null));
        return this;
    }

    public Shelf replaced(Supersession row) {
        supersessions.add(row);
        return this;
    }

    public Shelf part(Part part) {
        parts.add(part);
        return this;
    }

    public Shelf kit(String kit, String content, int quantity) {
        kits.add(new KitContent(Samples.part(kit), Samples.part(content), quantity));
        return this;
    }

    public Shelf equivalent(String part, String equivalent) {
        equivalents.add(new Equivalent(Samples.part(part), Samples.part(equivalent), "same rating"));
        return this;
    }

    public Shelf stock(String branch, String part, int onHand, int leadDays) {
        stock.add(new Stock(branch, Samples.part(part), onHand, leadDays));
        return this;
    }

    public InMemoryCatalog catalog() {
        return new InMemoryCatalog(new CatalogTables(
                brands,
                schemes,
                List.of(new Platform("P", Appliance.DRYER, "A", "")),
                slots,
                models,
                parts,
                fits,
                supersessions,
                kits,
                equivalents,
                prices,
                stock,
                List.of()));
    }
}
