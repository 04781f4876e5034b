package synopta.server.fit;

import com.fasterxml.jackson.annotation.JsonUnwrapped;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.Size;
import java.io.IOException;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import synopta.core.catalog.Catalog;
import synopta.core.catalog.Model;
import synopta.core.catalog.ModelNumber;
import synopta.core.catalog.Part;
import synopta.core.catalog.PartListing;
import synopta.core.catalog.PartNumber;
import synopta.core.fit.CompatibleModels;
import synopta.core.fit.FitBasis;
import synopta.core.fit.WhereUsed;
import synopta.server.web.ApiException;
import synopta.server.web.Attachment;
import synopta.server.web.MayBeNull;
import synopta.server.web.ModelLine;

/** Models of other brands that take the parts of a case. */
@RestController
class CompatibleController {
    /** So many are shown; the table to take away has all. */
    private static final int SHOWN = 400;

    private final Catalog catalog;
    private final CompatibleModels compatible;

    CompatibleController(Catalog catalog, WhereUsed whereUsed) {
        this.catalog = catalog;
        compatible = new CompatibleModels(catalog, whereUsed);
    }

    @GetMapping(path = "/api/compatible", produces = MediaType.APPLICATION_JSON_VALUE)
    CompatibleAnswer compatible(
            @RequestParam(required = false) @MayBeNull String model,
            @RequestParam @NotEmpty @Size(max = 30) List<String> part) {
        List<Part> parts = parts(part);
        List<CompatibleModels.Machine> all = machines(model, parts);
        return new CompatibleAnswer(
                parts.stream()
                        .map(Part::number)
                        .map(catalog.listed(parts.stream().map(Part::number))::get)
                        .toList(),
                all.stream().limit(SHOWN).map(CompatibleModel::of).toList(),
                all.size());
    }

    @GetMapping(path = "/api/compatible.csv", produces = "text/csv")
    void csv(
            @RequestParam(required = false) @MayBeNull String model,
            @RequestParam @NotEmpty @Size(max = 30) List<String> part,
            HttpServletResponse response)
            throws IOException {
        List<Part> parts = parts(part);
        PartsTable.compatible(
                        machines(model, parts), parts.stream().map(Part::number).toList())
                .csv(Attachment.csv(response, "compatible-models"));
    }

    private List<CompatibleModels.Machine> machines(String model, List<Part> parts) {
        Optional<Model> known = Optional.ofNullable(model)
                .filter(m -> !m.isBlank())
                .map(m -> catalog.model(new ModelNumber(m))
                        .orElseThrow(() -> ApiException.impossible(
                                "model",
                                "Model %s is not in the catalog. Correct it, or leave it empty.".formatted(m))));
        return compatible.of(
                known.orElse(null), parts.stream().map(Part::number).toList());
    }

    private List<Part> parts(List<String> numbers) {
        return numbers.stream()
                .distinct()
                .map(number -> catalog.part(new PartNumber(number))
                        .orElseThrow(() -> ApiException.impossible(
                                "part", "Part %s is not in the catalog. Remove it.".formatted(number))))
                .toList();
    }

    /** A model, how it takes each part, and where it differs from the machine of the case (null: built otherwise). */
    record CompatibleModel(
            @JsonUnwrapped ModelLine model,
            Map<String, FitBasis> via,
            @MayBeNull List<String> differing) {
        private static CompatibleModel of(CompatibleModels.Machine machine) {
            Map<String, FitBasis> via = new TreeMap<>();
            machine.basis().forEach((part, how) -> via.put(part.written(), how));
            return new CompatibleModel(ModelLine.of(machine.model()), via, machine.differing());
        }
    }

    /** The models, those that take the most first; `total` counts those not shown, too. */
    record CompatibleAnswer(List<PartListing> parts, List<CompatibleModel> models, int total) {}
}
