package synopta.server.record;

import com.fasterxml.jackson.annotation.JsonUnwrapped;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import synopta.core.catalog.Catalog;
import synopta.core.catalog.ModelNumber;
import synopta.core.catalog.PartListing;
import synopta.core.catalog.PartNumber;
import synopta.core.record.SalesRepository;
import synopta.server.web.ModelLine;

/** What sells at this house. */
@RestController
class SalesController {
    private final SalesRepository sales;
    private final Catalog catalog;
    private final Clock clock;

    SalesController(SalesRepository sales, Catalog catalog, Clock clock) {
        this.sales = sales;
        this.catalog = catalog;
        this.clock = clock;
    }

    /** What sold most in the last days, and the models it was sold for; numbers that left the catalog are left out. */
    @GetMapping(path = "/api/sales", produces = MediaType.APPLICATION_JSON_VALUE)
    SalesAnswer most(
            @RequestParam(defaultValue = "90") @Min(1) @Max(366) int days,
            @RequestParam(defaultValue = "8") @Min(1) @Max(100) int limit) {
        Instant since = clock.instant().minus(Duration.ofDays(days));
        List<SalesRepository.Sold> parts = sales.parts(since, limit);
        Map<PartNumber, PartListing> listed = catalog.listed(parts.stream().map(sold -> new PartNumber(sold.number())));
        return new SalesAnswer(
                parts.stream()
                        .flatMap(sold -> Optional.ofNullable(listed.get(new PartNumber(sold.number())))
                                .map(part -> new SoldPart(part, sold.count()))
                                .stream())
                        .toList(),
                sales.models(since, limit).stream()
                        .flatMap(sold -> catalog
                                .model(new ModelNumber(sold.number()))
                                .map(model -> new SoldModel(ModelLine.of(model), sold.count()))
                                .stream())
                        .toList());
    }

    /** A part, and how many pieces of it left. */
    record SoldPart(PartListing part, long count) {}

    /** A model, and for how many cases parts left. */
    record SoldModel(@JsonUnwrapped ModelLine model, long count) {}

    /** Both, most first. */
    record SalesAnswer(List<SoldPart> parts, List<SoldModel> models) {}
}
