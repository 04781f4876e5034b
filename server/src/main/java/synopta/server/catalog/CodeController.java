package synopta.server.catalog;

import java.util.List;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import synopta.core.catalog.Appliance;
import synopta.core.catalog.Catalog;
import synopta.core.catalog.FaultCode;

/** What the codes of the catalog mean. A meaning is never carried from one brand to another. */
@RestController
@RequestMapping(path = "/api/codes", produces = MediaType.APPLICATION_JSON_VALUE)
class CodeController {
    private final Catalog catalog;

    CodeController(Catalog catalog) {
        this.catalog = catalog;
    }

    /** Codes of a brand or its family, of an appliance, of one code; what is left out does not matter. */
    @GetMapping
    List<FaultCode> codes(
            @RequestParam(required = false) @Nullable String brand,
            @RequestParam(required = false) @Nullable String family,
            @RequestParam(required = false) @Nullable String appliance,
            @RequestParam(required = false) @Nullable String code) {
        String of = family != null ? family : catalog.familyOf(brand).orElse(null);
        return Stream.of(Appliance.values())
                .filter(kind -> appliance == null || kind == Appliance.of(appliance))
                .flatMap(kind -> catalog.codes(kind).stream())
                .filter(row -> code == null || row.isWritten(code))
                .filter(row -> brand == null && family == null || row.isOf(row.appliance(), brand, of))
                .toList();
    }
}
