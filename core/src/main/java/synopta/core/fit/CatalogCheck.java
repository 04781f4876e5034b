package synopta.core.fit;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Deque;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.stream.Collectors;
import synopta.core.catalog.CatalogDump;
import synopta.core.catalog.CycleFinder;
import synopta.core.catalog.Fit;
import synopta.core.catalog.Model;
import synopta.core.catalog.ModelNumber;
import synopta.core.catalog.Part;
import synopta.core.catalog.PartNumber;
import synopta.core.catalog.Sheet;
import synopta.core.catalog.Supersession;

/**
 * Looks a catalog over for what is probably not meant: parts no machine uses, places without a part and fits without
 * a place, supersessions that run in a circle or end in nothing that can be bought, kits of which it is unknown what lies
 * in them, and models that differ from their twins at one place only.
 *
 * <p>A part is used when a machine lists it, or when supersessions, equivalents or kits join it to one that is listed. A
 * model has probably slipped at a place when at least two models of its platform and fuel agree with each other
 * everywhere and with it everywhere else, and what it lists there is listed there by no other of them. Cost O(rows), and
 * for slips O(models x part sets) in each group of platform and fuel; at most {@link #MOST} remarks of a kind.
 */
public final class CatalogCheck {
    /** So many remarks of one kind are enough to begin with. */
    public static final int MOST = 200;

    private final CatalogDump catalog;
    private final Map<PartNumber, Part> parts = new LinkedHashMap<>();
    private final Map<ModelNumber, Model> models = new LinkedHashMap<>();
    private final Map<String, Set<String>> places = new TreeMap<>();
    private final Map<PartNumber, Collection<PartNumber>> replacements = new LinkedHashMap<>();
    private final Map<PartNumber, Set<PartNumber>> joined = new HashMap<>();
    private final Set<PartNumber> kits = new HashSet<>();
    private final Set<PartNumber> used = new HashSet<>();
    private final Map<String, Set<String>> filled = new HashMap<>();
    private final Map<ModelNumber, List<Fit>> fits = new HashMap<>();
    private final List<CatalogWarning> warnings = new ArrayList<>();

    private CatalogCheck(CatalogDump catalog) {
        this.catalog = catalog;
    }

    /** All remarks, kind by kind. */
    public static List<CatalogWarning> of(CatalogDump catalog) {
        CatalogCheck check = new CatalogCheck(catalog);
        check.read();
        check.unused();
        check.places();
        check.successions();
        check.kits();
        check.slips();
        check.codes();
        return check.warnings.stream()
                .collect(Collectors.groupingBy(CatalogWarning::kind, TreeMap::new, Collectors.toList()))
                .values()
                .stream()
                .flatMap(kind -> kind.stream().limit(MOST))
                .toList();
    }

    /** Codes of a brand that has no model of the appliance. */
    private void codes() {
        Set<String> made = new HashSet<>();
        models.values().forEach(model -> made.add(model.brand() + " " + model.appliance()));
        catalog.each(Sheet.CODES, code -> {
            if (!code.brand().isEmpty() && !made.contains(code.brand() + " " + code.appliance())) {
                warnings.add(new CatalogWarning(
                        CatalogWarning.Kind.CODE_UNUSED,
                        code.code(),
                        "%s has no %s in the catalog. Check the brand of the code."
                                .formatted(code.brand(), code.appliance().slug())));
            }
        });
    }

    private void read() {
        catalog.each(Sheet.PARTS, part -> parts.put(part.number(), part));
        catalog.each(Sheet.MODELS, model -> models.put(model.number(), model));
        catalog.each(
                Sheet.SLOTS,
                slot -> places.computeIfAbsent(slot.platform(), p -> new TreeSet<>())
                        .add(slot.slot()));
        catalog.each(Sheet.SUPERSESSIONS, this::succession);
        catalog.each(Sheet.EQUIVALENTS, e -> join(e.part(), e.equivalent()));
        catalog.each(Sheet.KITS, k -> {
            kits.add(k.kit());
            join(k.kit(), k.content());
        });
        catalog.each(Sheet.FITS, fit -> {
            used.add(fit.part());
            fits.computeIfAbsent(fit.model(), m -> new ArrayList<>()).add(fit);
            filled.computeIfAbsent(models.get(fit.model()).platform(), p -> new HashSet<>())
                    .add(fit.slot());
        });
    }

    private void succession(Supersession row) {
        replacements.computeIfAbsent(row.oldPart(), p -> new ArrayList<>()).add(row.newPart());
        join(row.oldPart(), row.newPart());
    }

    private void join(PartNumber a, PartNumber b) {
        joined.computeIfAbsent(a, p -> new HashSet<>()).add(b);
        joined.computeIfAbsent(b, p -> new HashSet<>()).add(a);
    }

    private void warning(CatalogWarning.Kind kind, Object subject, String message) {
        warnings.add(new CatalogWarning(kind, subject.toString(), message));
    }

    private void unused() {
        Deque<PartNumber> open = new ArrayDeque<>(used);
        while (!open.isEmpty()) {
            for (PartNumber next : joined.getOrDefault(open.poll(), Set.of())) {
                if (used.add(next)) {
                    open.add(next);
                }
            }
        }
        parts.keySet().stream()
                .filter(p -> !used.contains(p))
                .forEach(p -> warning(
                        CatalogWarning.Kind.PART_UNUSED,
                        p,
                        "No model uses it, or anything it supersedes or is contained in. Add it to fits.csv."));
    }

    private void places() {
        places.forEach((platform, slots) -> slots.stream()
                .filter(slot -> !filled.getOrDefault(platform, Set.of()).contains(slot))
                .forEach(slot -> warning(
                        CatalogWarning.Kind.SLOT_WITHOUT_PART,
                        platform,
                        "Its slot %s has no part in any model. Add one to fits.csv.".formatted(slot))));
        new TreeMap<>(filled)
                .forEach((platform, slots) -> slots.stream()
                        .filter(slot -> !places.getOrDefault(platform, Set.of()).contains(slot))
                        .sorted()
                        .forEach(slot -> warning(
                                CatalogWarning.Kind.FIT_AT_NO_PLACE,
                                platform,
                                "Its models list parts for slot %s, which is not in slots.csv. Correct one of the two."
                                        .formatted(slot))));
    }

    private void successions() {
        List<List<PartNumber>> cycles = CycleFinder.of(replacements);
        cycles.forEach(cycle -> warning(
                CatalogWarning.Kind.SUCCESSION_CYCLE,
                cycle.get(0),
                "It supersedes itself (%s). Remove one step."
                        .formatted(cycle.stream().map(PartNumber::written).collect(Collectors.joining(" → ")))));
        Set<PartNumber> successors = new HashSet<>();
        replacements.values().forEach(successors::addAll);
        for (Part part : parts.values()) {
            boolean replaced = replacements.containsKey(part.number());
            if (part.status() == Part.Status.SUPERSEDED && !replaced) {
                warning(
                        CatalogWarning.Kind.DEAD_END,
                        part.number(),
                        "It is superseded without a replacement. Add the replacement.");
            }
            if (part.status() == Part.Status.DISCONTINUED && successors.contains(part.number()) && !replaced) {
                warning(
                        CatalogWarning.Kind.DEAD_END,
                        part.number(),
                        "A supersession chain ends with this discontinued part. Add a replacement or an equivalent.");
            }
        }
    }

    private void kits() {
        parts.values().stream()
                .filter(p -> p.isCalledKit() && !kits.contains(p.number()))
                .forEach(p -> warning(
                        CatalogWarning.Kind.KIT_UNKNOWN,
                        p.number(),
                        "It is a kit without contents. Add them to kits.csv."));
        kits.stream()
                .filter(k -> !parts.containsKey(k))
                .sorted()
                .forEach(k -> warning(
                        CatalogWarning.Kind.KIT_UNKNOWN,
                        k,
                        "Contents are listed for it, but it is not in parts.csv. Add it there."));
    }

    private void slips() {
        Map<String, List<Model>> alike = models.values().stream()
                .collect(Collectors.groupingBy(
                        m -> m.platform() + "/"
                                + Optional.ofNullable(m.fuel()).map(Enum::name).orElse(""),
                        TreeMap::new,
                        Collectors.toList()));
        alike.values().forEach(this::slips);
    }

    /** A model that stands alone and differs from several equal others at one place. */
    private void slips(List<Model> group) {
        Map<Model, Map<String, Set<String>>> parts = new LinkedHashMap<>();
        group.forEach(m -> parts.put(m, EquivalentModels.byPlace(fits.getOrDefault(m.number(), List.of()))));
        Map<Map<String, Set<String>>, Long> sets =
                parts.values().stream().collect(Collectors.groupingBy(p -> p, Collectors.counting()));
        parts.forEach((model, own) -> sets.keySet().stream()
                .filter(others -> sets.get(own) == 1 && sets.get(others) > 1)
                .map(others -> EquivalentModels.differing(own, others))
                .filter(places ->
                        places.size() == 1 && alone(model, places.iterator().next(), group))
                .findFirst()
                .ifPresent(places -> warning(
                        CatalogWarning.Kind.SLIP,
                        model.number(),
                        "It differs from its equivalent models at %s only, probably by mistake. Compare them."
                                .formatted(places.iterator().next()))));
    }

    /** Whether a model lists nothing at a place, or a part that no other of its group lists there. */
    private boolean alone(Model model, String place, List<Model> group) {
        Set<PartNumber> own = partsAt(model, place);
        Set<PartNumber> others = new HashSet<>();
        group.stream().filter(m -> m != model).forEach(m -> others.addAll(partsAt(m, place)));
        return own.isEmpty() || !others.containsAll(own);
    }

    private Set<PartNumber> partsAt(Model model, String place) {
        return fits.getOrDefault(model.number(), List.of()).stream()
                .filter(fit -> fit.slot().equals(place))
                .map(Fit::part)
                .collect(Collectors.toSet());
    }
}
