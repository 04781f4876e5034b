package synopta.server.bench;

import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.Size;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import synopta.core.bench.MeasureParser;
import synopta.core.bench.PartMatcher;
import synopta.core.catalog.Catalog;
import synopta.core.catalog.Fit;
import synopta.core.catalog.ModelNumber;
import synopta.core.catalog.Part;
import synopta.core.catalog.PartNumber;
import synopta.core.fit.FitFinder;
import synopta.core.fit.MachineUnit;
import synopta.core.knowledge.CurrentPacks;
import synopta.core.knowledge.Identification;
import synopta.core.quantity.LengthUnit;
import synopta.server.web.ApiException;
import synopta.server.web.MayBeNull;

/** Which part the old one on the counter is. */
@RestController
class MatchController {
    private static final int USUAL_LIMIT = 10;
    /** Whether a part fits is asked only of so many that the measures leave. */
    private static final int MOST_JUDGED = 200;

    private final CurrentPacks packs;
    private final Catalog catalog;
    private final FitFinder finder;

    MatchController(CurrentPacks packs, Catalog catalog, FitFinder finder) {
        this.packs = packs;
        this.catalog = catalog;
        this.finder = finder;
    }

    /** The part types that can be matched, and what to measure on each. */
    @GetMapping(path = "/api/match", produces = MediaType.APPLICATION_JSON_VALUE)
    List<Identification.MatchableType> types() {
        return Identification.matchable(packs.all());
    }

    @PostMapping(path = "/api/match", produces = MediaType.APPLICATION_JSON_VALUE)
    MatchAnswer match(@Valid @RequestBody MatchRequest request) {
        List<Part> parts = catalog.partsOfType(request.partType());
        if (parts.isEmpty()) {
            throw ApiException.impossible(
                    "partType",
                    "The catalog has no part of type %s. Choose another part type.".formatted(request.partType()));
        }
        Optional<Predicate<Part>> fits = Optional.ofNullable(request.model()).map(this::fitting);
        int limit = request.limit() == null ? USUAL_LIMIT : request.limit();
        Set<Part> own = Optional.ofNullable(request.model())
                .map(model -> own(new ModelNumber(model), parts))
                .orElse(Set.of());
        PartMatcher matcher = new PartMatcher(parts).likely(request.values(), MOST_JUDGED, own);
        return MatchAnswer.of(matcher.match(request.values(), fits.orElse(null), limit, own), request.measures());
    }

    /** Those of the parts that are listed for a model. */
    private Set<Part> own(ModelNumber model, List<Part> parts) {
        Set<PartNumber> listed = catalog.fits(model).stream().map(Fit::part).collect(Collectors.toSet());
        return parts.stream().filter(part -> listed.contains(part.number())).collect(Collectors.toSet());
    }

    private Predicate<Part> fitting(String written) {
        ModelNumber model = new ModelNumber(written);
        if (catalog.model(model).isEmpty()) {
            throw ApiException.impossible(
                    "model", "Model %s is not in the catalog. Correct it, or leave it empty.".formatted(written));
        }
        return part -> finder.judge(model, MachineUnit.NOT_KNOWN, part.number())
                .fold(fits -> true, depends -> true, not -> false, unknown -> false);
    }

    /** What was measured: a figure in the unit of the spec's name, a length as people say it, or a word. */
    record MatchRequest(
            @NotBlank @Size(max = 60) String partType,
            @NotEmpty @Size(max = 30) Map<String, Object> measures,
            @MayBeNull String model,
            @MayBeNull @Min(1) @Max(100) Integer limit) {
        Map<String, String> values() {
            Map<String, String> values = new LinkedHashMap<>();
            measures.forEach((spec, value) -> values.put(spec, value(spec, value)));
            return values;
        }

        private static String value(String spec, Object value) {
            if (value instanceof Number number) {
                if (!(number.doubleValue() >= 0)) {
                    throw ApiException.impossible(
                            "measures." + spec, "Measure %s (%s) must be at least 0.".formatted(spec, value));
                }
                return value.toString();
            }
            if (value == null || value.toString().isBlank()) {
                throw ApiException.impossible(
                        "measures." + spec, "Measure %s is empty. Enter a value or remove it.".formatted(spec));
            }
            return spec.endsWith("-mm")
                    ? String.valueOf(MeasureParser.millimeters(value.toString(), LengthUnit.MILLIMETER))
                    : value.toString();
        }
    }

    /** What is listed in place of a measure; a length in inches too. */
    record ListedOtherwise(
            String spec,
            Object measured,
            Object listed,
            @MayBeNull String listedInches) {}

    record MatchedPart(
            String part,
            String name,
            String maker,
            double probability,
            @MayBeNull Boolean fits,
            List<ListedOtherwise> differences) {}

    record MatchAnswer(
            List<MatchedPart> candidates, @MayBeNull PartMatcher.Next next, List<String> ignored) {
        static MatchAnswer of(PartMatcher.Match match, Map<String, Object> measures) {
            return new MatchAnswer(
                    match.candidates().stream().map(c -> of(c, measures)).toList(), match.next(), match.ignored());
        }

        private static MatchedPart of(PartMatcher.Candidate candidate, Map<String, Object> measures) {
            return new MatchedPart(
                    candidate.part().number().written(),
                    candidate.part().name(),
                    candidate.part().maker(),
                    candidate.probability(),
                    candidate.fits(),
                    candidate.differences().stream()
                            .map(d -> new ListedOtherwise(
                                    d.spec(),
                                    measures.get(d.spec()),
                                    asFigure(d.listed()),
                                    d.listedInches().orElse(null)))
                            .toList());
        }

        /** A listed figure as a number; a word as it is. */
        private static Object asFigure(String listed) {
            try {
                double value = Double.parseDouble(listed);
                return value == Math.rint(value) ? (Object) (long) value : (Object) value;
            } catch (NumberFormatException e) {
                return listed;
            }
        }
    }
}
