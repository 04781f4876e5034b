package synopta.server.web;

import synopta.core.catalog.Appliance;
import synopta.core.catalog.Fuel;
import synopta.core.catalog.Model;
import synopta.core.catalog.ModelNumber;

/** A model in short, as it stands within other records. */
public record ModelLine(
        ModelNumber model,
        String brand,
        Appliance appliance,
        @MayBeNull Fuel fuel) {
    /** The line of a model. */
    public static ModelLine of(Model model) {
        return new ModelLine(model.number(), model.brand(), model.appliance(), model.fuel());
    }
}
