package synopta.server.fit;

import jakarta.servlet.http.HttpServletResponse;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.Size;
import java.io.IOException;
import java.util.List;
import java.util.Optional;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import synopta.core.catalog.Catalog;
import synopta.core.catalog.FuzzyLookup;
import synopta.core.catalog.NumberNormalizer;
import synopta.core.catalog.Part;
import synopta.core.catalog.PartListing;
import synopta.core.catalog.PartNumber;
import synopta.core.fit.FitFinder;
import synopta.core.fit.PartDetails;
import synopta.core.fit.SupersessionChain;
import synopta.core.fit.WhereUsed;
import synopta.server.web.ApiException;
import synopta.server.web.Attachment;
import synopta.server.web.MayBeNull;

/** One part: what it is, what it has become, where it is used, the alternatives of it. */
@RestController
@RequestMapping(path = "/api/parts", produces = MediaType.APPLICATION_JSON_VALUE)
class PartsController {
    private static final int MOST = 500;

    private final Catalog catalog;
    private final FitFinder finder;
    private final WhereUsed whereUsed;
    private final PartDetails book;

    PartsController(Catalog catalog, FitFinder finder, WhereUsed whereUsed, PartDetails book) {
        this.catalog = catalog;
        this.finder = finder;
        this.whereUsed = whereUsed;
        this.book = book;
    }

    @GetMapping
    List<PartListing> find(
            @RequestParam @Size(max = 80) String q, @RequestParam(defaultValue = "10") @Min(1) @Max(100) int limit) {
        List<PartNumber> found =
                FuzzyLookup.parts(catalog, q, limit).stream().map(Part::number).toList();
        return found.stream().map(catalog.listed(found.stream())::get).toList();
    }

    @GetMapping("/{part}")
    PartsWire.WholePart part(@PathVariable String part) {
        PartListing listing =
                catalog.listings(List.of(found(part).number().key())).get(0);
        return PartsWire.WholePart.of(listing, book.safety(listing.part()), catalog);
    }

    @GetMapping("/{part}/models")
    PartsWire.UsedBy models(
            @PathVariable String part,
            @RequestParam(required = false) @MayBeNull String brand,
            @RequestParam(defaultValue = "") String after,
            @RequestParam(defaultValue = "50") @Min(1) @Max(MOST) int limit) {
        Part found = found(part);
        return PartsWire.UsedBy.of(
                found, whereUsed.page(found.number(), named(brand).orElse(null), NumberNormalizer.key(after), limit));
    }

    @GetMapping("/{part}/models/counts")
    List<WhereUsed.Count> counts(@PathVariable String part) {
        return whereUsed.counts(found(part).number());
    }

    @GetMapping(path = "/{part}/models.csv", produces = "text/csv")
    void csv(
            @PathVariable String part,
            @RequestParam(required = false) @MayBeNull String brand,
            HttpServletResponse response)
            throws IOException {
        Part found = found(part);
        PartsTable.whereUsed(whereUsed, found.number(), named(brand).orElse(null))
                .csv(Attachment.csv(response, found.number().key() + "-models"));
    }

    @GetMapping(path = "/{part}/models.xlsx", produces = Attachment.WORKBOOK)
    void workbook(
            @PathVariable String part,
            @RequestParam(required = false) @MayBeNull String brand,
            HttpServletResponse response)
            throws IOException {
        Part found = found(part);
        PartsTable.whereUsed(whereUsed, found.number(), named(brand).orElse(null))
                .workbook(Attachment.workbook(response, found.number().key() + "-models"));
    }

    @GetMapping("/{part}/succession")
    PartsWire.SuccessionWire succession(@PathVariable String part) {
        SupersessionChain chain = SupersessionChain.of(catalog, found(part).number());
        return PartsWire.SuccessionWire.of(chain, finder.supplies(chain), catalog);
    }

    @GetMapping("/{part}/equivalents")
    CompareWire.StandIns equivalents(@PathVariable String part) {
        Part found = found(part);
        return CompareWire.StandIns.of(found, book, catalog);
    }

    @GetMapping("/{part}/compare/{other}")
    CompareWire.SideBySide compare(@PathVariable String part, @PathVariable String other) {
        return CompareWire.SideBySide.of(book.compare(found(part), found(other)), catalog);
    }

    private static Optional<String> named(String brand) {
        return Optional.ofNullable(brand).filter(b -> !b.isBlank());
    }

    private Part found(String part) {
        return catalog.part(new PartNumber(part))
                .orElseThrow(() -> ApiException.missing(
                        "Part %s is not in the catalog. Check the number, or search under Parts.".formatted(part)));
    }
}
