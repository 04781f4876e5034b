package synopta.core.fit;

import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;
import synopta.core.catalog.Catalog;
import synopta.core.catalog.Equivalent;
import synopta.core.catalog.Fit;
import synopta.core.catalog.FuzzyLookup;
import synopta.core.catalog.Model;
import synopta.core.catalog.ModelNumber;
import synopta.core.catalog.Part;
import synopta.core.catalog.PartNumber;
import synopta.core.catalog.Supersession;
import synopta.core.knowledge.HouseSettings;

/**
 * Whether a part is right for a machine: listed for it within its build and serial range, a successor or forerunner of
 * what is listed, an allowed equivalent of it, or a kit of which all or some is. Cost O(lineage of the part + listed
 * parts), and one catalog question a generation of the lineage.
 */
public final class FitFinder {
    /** At most so many ways of supplying one part are kept, best first. */
    public static final int MOST_OPTIONS = 64;

    private static final int NEAREST = 5;

    private final Catalog catalog;
    private final Specifications specifications;
    private final Supplier<HouseSettings> rules;
    private final Clock clock;

    /** Judges by the rows of this catalog, the rules the house follows at the time, as of this clock's day. */
    public FitFinder(Catalog catalog, Specifications specifications, Supplier<HouseSettings> rules, Clock clock) {
        this.catalog = catalog;
        this.specifications = specifications;
        this.rules = rules;
        this.clock = clock;
    }

    /** The same finder by other settings. */
    public FitFinder under(HouseSettings others) {
        return new FitFinder(catalog, specifications, () -> others, clock);
    }

    /** What a part is supplied as today, best first; the part itself when nothing replaces it. */
    public List<Supply> supplies(PartNumber part) {
        return supplies(SupersessionChain.of(catalog, part));
    }

    /** The same for a part whose lineage is known already. */
    public List<Supply> supplies(SupersessionChain chain) {
        return new SupersessionResolver(catalog, chain, LocalDate.now(clock)).supplies();
    }

    /** What is known of a machine of that model; a build date that was given counts before what the serial says. */
    public MachineUnit unit(ModelNumber number, @Nullable String serial, @Nullable LocalDate built) {
        MachineUnit read = catalog.model(number)
                .flatMap(model -> Optional.ofNullable(serial)
                        .map(s -> MachineUnit.ofSerial(catalog, model, s, LocalDate.now(clock))))
                .orElse(MachineUnit.NOT_KNOWN);
        return Optional.ofNullable(built).map(read::and).orElse(read);
    }

    /** The verdict on a part, for a machine of which so much is known. */
    public FitVerdict judge(ModelNumber modelNumber, MachineUnit unit, PartNumber partNumber) {
        Optional<Model> model = catalog.model(modelNumber);
        Optional<Part> part = catalog.part(partNumber);
        if (model.isEmpty() || part.isEmpty()) {
            return model.isPresent() ? unknown(partNumber) : unknown(modelNumber);
        }
        boolean genuineOnly = rules.get().genuineOnly();
        Interchange interchange = new Interchange(catalog, part.get().number(), genuineOnly);
        ListedParts listing = new ListedParts(catalog, model.get(), unit);
        List<ListedParts.Hit> hits = listing.hits(interchange);
        if (hits.isEmpty()) {
            return unlisted(listing, part.get(), interchange, genuineOnly);
        }
        Optional<ListedParts.Hit> sure = listing.sure(hits);
        if (sure.isPresent()) {
            return fits(part.get(), sure.get(), interchange, model.get());
        }
        List<String> reasons = new ArrayList<>();
        hits.forEach(hit -> reasons.addAll(chain(hit, part.get())));
        Optional<ListedParts.Hit> open = listing.open(hits);
        if (open.isPresent()) {
            return new FitVerdict.Depends(listing.missing(open.get()), reasons);
        }
        return doesNotFit(
                listing,
                part.get(),
                reasons,
                hits.stream().map(h -> h.row().slot()).toList());
    }

    private FitVerdict unknown(PartNumber part) {
        return unknown(
                "part " + part,
                FuzzyLookup.parts(catalog, part.written(), NEAREST).stream()
                        .map(p -> p.number().written())
                        .toList());
    }

    private FitVerdict unknown(ModelNumber model) {
        return unknown(
                "model " + model,
                FuzzyLookup.models(catalog, model.written(), NEAREST).stream()
                        .map(m -> m.number().written())
                        .toList());
    }

    private static FitVerdict unknown(String missing, List<String> nearest) {
        String near = nearest.isEmpty() ? "" : " Closest numbers: %s.".formatted(String.join(", ", nearest));
        return new FitVerdict.Unknown(
                List.of("%s is not in the catalog. Check the number or the tag.%s".formatted(missing, near)), nearest);
    }

    private FitVerdict unlisted(ListedParts listing, Part part, Interchange interchange, boolean genuineOnly) {
        if (KitRules.isKit(catalog, part.number(), interchange)) {
            return KitFit.judge(catalog, genuineOnly, listing, part.number(), supplies(interchange.chain()));
        }
        List<String> reasons = new ArrayList<>();
        for (Equivalent row : catalog.originalsOf(part.number())) {
            if (interchange.from(row.part()).isEmpty()) {
                reasons.add("%s is an equivalent of %s (%s), but the settings allow genuine parts only"
                        .formatted(part.number(), row.part(), row.basis()));
            }
        }
        return doesNotFit(listing, part, reasons, List.of());
    }

    private FitVerdict doesNotFit(ListedParts listing, Part part, List<String> said, List<String> slots) {
        List<String> reasons = new ArrayList<>(said);
        Set<PartNumber> instead = new LinkedHashSet<>();
        for (Fit row : listing.instead(slots, part.partType())) {
            if (instead.add(row.part())) {
                reasons.add(ListedParts.said(row, "takes"));
            }
        }
        if (instead.isEmpty()) {
            reasons.add("%s has no place for a %s".formatted(listing.model().number(), part.partType()));
        }
        return new FitVerdict.DoesNotFit(reasons, List.copyOf(instead));
    }

    private FitVerdict fits(Part part, ListedParts.Hit hit, Interchange interchange, Model model) {
        List<Supply> supplies = supplies(interchange.chain()).stream()
                .map(s -> s.after(hit.path().changes()))
                .toList();
        List<String> reasons = new ArrayList<>(chain(hit, part));
        reasons.addAll(supplies.get(0).chain());
        List<Suggestion> suggestions = new ArrayList<>();
        for (Supply.Item item : supplies.get(0).items()) {
            catalog.part(item.part())
                    .filter(p -> p.status() == Part.Status.DISCONTINUED)
                    .ifPresent(gone -> {
                        reasons.add("%s is discontinued without a replacement; %d left in stock"
                                .formatted(gone.number(), catalog.onHand(gone.number())));
                        suggestions.addAll(new Suggestions(catalog, specifications).of(gone, model, hit.row()));
                    });
        }
        return new FitVerdict.Fits(supplies.get(0), supplies.subList(1, supplies.size()), reasons, suggestions);
    }

    /** From the row of the catalog to the part, step by step. */
    private List<String> chain(ListedParts.Hit hit, Part part) {
        SupplyPath path = hit.path();
        List<String> chain = new ArrayList<>(List.of(ListedParts.said(hit.row())));
        for (Supersession step : path.steps()) {
            chain.add(Supersession.said(catalog.replacementsOf(step.oldPart()).stream()
                    .filter(row -> row.choice().equals(step.choice()))
                    .toList()));
        }
        if (path.isPredecessor()) {
            chain.add("%s supersedes %s".formatted(path.listed(), part.number()));
        }
        Optional.ofNullable(path.standsIn()).ifPresent(row -> chain.add(equivalent(row, part)));
        return chain;
    }

    private String equivalent(Equivalent row, Part part) {
        String compared = catalog.part(row.part())
                .map(original -> specifications.compare(original, part).words())
                .orElse("");
        return "equivalent: %s replaces %s (%s)%s"
                .formatted(row.equivalent(), row.part(), row.basis(), compared.isEmpty() ? "" : "; " + compared);
    }
}
