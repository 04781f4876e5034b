package synopta.core.identify;

import java.util.Comparator;
import java.util.Map;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import synopta.core.casefile.CaseInput;
import synopta.core.catalog.Appliance;
import synopta.core.catalog.Catalog;
import synopta.core.catalog.Fit;
import synopta.core.catalog.Model;
import synopta.core.catalog.Platform;
import synopta.core.catalog.Slot;
import synopta.core.knowledge.Layout;
import synopta.core.line.ParsedLine;

/**
 * What the catalog lists of a machine besides its parts: of which kinds it is, and what its codes mean.
 *
 * @param catalog where it is looked up
 */
record ListedMachine(Catalog catalog) {
    /** The code of the line, with what the brand says of it or else its family; a meaning is never carried across. */
    @Nullable
    ReadCode code(CaseInput input, ParsedLine line, @Nullable Appliance appliance, @Nullable Model model) {
        if (line.code() == null || input.excluded().contains("code")) {
            return null;
        }
        String brand = model == null ? line.brand() : model.brand();
        String family = catalog.familyOf(brand).orElse(null);
        return new ReadCode(
                line.code(),
                appliance == null
                        ? null
                        : catalog.codes(appliance).stream()
                                .filter(code -> code.isWritten(line.code()))
                                .filter(code -> code.isOf(appliance, brand, family))
                                .min(Comparator.comparing(code -> code.brand().isEmpty()))
                                .orElse(null));
    }

    /** The kinds that the parts listed for the model show, or the places of the platform where it is not known. */
    Map<String, String> kinds(@Nullable Layout layout, @Nullable Model model, @Nullable Platform platform) {
        if (layout == null || platform == null) {
            return Map.of();
        }
        Stream<String> slots = model == null
                ? catalog.slots(platform.platform()).stream().map(Slot::slot)
                : catalog.fits(model.number()).stream().map(Fit::slot);
        return layout.kindsShownBy(slots.toList());
    }
}
