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
 * Looks a catalogue over for what is probably not meant: parts no machine uses, places without a part and fits without
 * a place, successions that run in a circle or end in nothing that can be bought, kits of which nobody knows what lies
 * in them, and models that differ from their twins at one place only.
 *
 * <p>A part is used when a machine lists it, or when successions, equivalents or kits join it to one that is listed. A
 * model has probably slipped at a place when at least two models of its platform and fuel agree with each other
 * everywhere and with it everywhere else, and what it lists there is listed there by no other of them. Cost O(rows), and
 * for slips O(models x part sets) in each group of platform and fuel; at most {@link #MOST} remarks of a kind.
 */
public final class CatalogCheck {
    /** So many remarks of one kind are enough to begin with. */
    public static final int MOST = 200;

    private final CatalogDump catalogue;
    private final Map<PartNumber, Part> parts = new LinkedHashMap<>();
    private final Map<ModelNumber, Model> models = new LinkedHashMap<>();
    private final Map<String, Set<String>> places = new TreeMap<>();
    private final Map<PartNumber, Collection<PartNumber>> replacements = new LinkedHashMap<>();
    private final Map<PartNumber, Set<PartNumber>> joined = new HashMap<>();
    private final Set<PartNumber> kits = new HashSet<>();
    private final Set<PartNumber> used = new HashSet<>();
    private final Map<String, Set<String>> filled = new HashMap<>();
    private final Map<ModelNumber, List<Fit>> fits = new HashMap<>();
    private final List<CatalogWarning> remarks = new ArrayList<>();

    private CatalogCheck(CatalogDump catalogue) {
        this.catalogue = catalogue;
    }

    /** All remarks, kind by kind. */
    public static List<CatalogWarning> of(CatalogDump catalogue) {
        CatalogCheck check = new CatalogCheck(catalogue);
        check.read();
        check.unused();
        check.places();
        check.successions();
        check.kits();
        check.slips();
        return check.remarks.stream()
                .collect(Collectors.groupingBy(CatalogWarning::kind, TreeMap::new, Collectors.toList()))
                .values()
                .stream()
                .flatMap(kind -> kind.stream().limit(MOST))
                .toList();
    }

    private void read() {
        catalogue.each(Sheet.PARTS, part -> parts.put(part.number(), part));
        catalogue.each(Sheet.MODELS, model -> models.put(model.number(), model));
        catalogue.each(
                Sheet.SLOTS,
                slot -> places.computeIfAbsent(slot.platform(), p -> new TreeSet<>())
                        .add(slot.slot()));
        catalogue.each(Sheet.SUPERSESSIONS, this::succession);
        catalogue.each(Sheet.EQUIVALENTS, e -> join(e.part(), e.equivalent()));
        catalogue.each(Sheet.KITS, k -> {
            kits.add(k.kit());
            join(k.kit(), k.content());
        });
        catalogue.each(Sheet.FITS, fit -> {
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

    private void remark(CatalogWarning.Kind kind, Object subject, String message) {
        remarks.add(new CatalogWarning(kind, subject.toString(), message));
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
                .forEach(p -> remark(
                        CatalogWarning.Kind.PART_UNUSED,
                        p,
                        "No machine takes it, nor anything it replaces or lies in. List it in fits.csv."));
    }

    private void places() {
        places.forEach((platform, slots) -> slots.stream()
                .filter(slot -> !filled.getOrDefault(platform, Set.of()).contains(slot))
                .forEach(slot -> remark(
                        CatalogWarning.Kind.SLOT_WITHOUT_PART,
                        platform,
                        "Its place %s has no part in any model. List one in fits.csv.".formatted(slot))));
        new TreeMap<>(filled)
                .forEach((platform, slots) -> slots.stream()
                        .filter(slot -> !places.getOrDefault(platform, Set.of()).contains(slot))
                        .sorted()
                        .forEach(slot -> remark(
                                CatalogWarning.Kind.FIT_AT_NO_PLACE,
                                platform,
                                "Its models list parts at %s, which slots.csv does not have. Correct one of the two."
                                        .formatted(slot))));
    }

    private void successions() {
        List<List<PartNumber>> cycles = CycleFinder.of(replacements);
        cycles.forEach(cycle -> remark(
                CatalogWarning.Kind.SUCCESSION_CYCLE,
                cycle.get(0),
                "It replaces itself (%s). Take one step out."
                        .formatted(cycle.stream().map(PartNumber::written).collect(Collectors.joining(" → ")))));
        Set<PartNumber> successors = new HashSet<>();
        replacements.values().forEach(successors::addAll);
        for (Part part : parts.values()) {
            boolean replaced = replacements.containsKey(part.number());
            if (part.status() == Part.Status.SUPERSEDED && !replaced) {
                remark(
                        CatalogWarning.Kind.DEAD_END,
                        part.number(),
                        "It is superseded, and nothing says by what. Add the successor.");
            }
            if (part.status() == Part.Status.DISCONTINUED && successors.contains(part.number()) && !replaced) {
                remark(
                        CatalogWarning.Kind.DEAD_END,
                        part.number(),
                        "A succession ends here, and it is no longer made.");
            }
        }
    }

    private void kits() {
        parts.values().stream()
                .filter(p -> p.isCalledKit() && !kits.contains(p.number()))
                .forEach(p -> remark(
                        CatalogWarning.Kind.KIT_UNKNOWN,
                        p.number(),
                        "It is sold as a kit, and nothing says what lies in it."));
        kits.stream()
                .filter(k -> !parts.containsKey(k))
                .sorted()
                .forEach(k -> remark(
                        CatalogWarning.Kind.KIT_UNKNOWN,
                        k,
                        "Contents are listed for it, and it is no part of the catalogue."));
    }

    private void slips() {
        Map<String, List<Model>> alike = models.values().stream()
                .collect(Collectors.groupingBy(
                        m -> m.platform() + "/" + m.fuel().map(Enum::name).orElse(""),
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
                .ifPresent(places -> remark(
                        CatalogWarning.Kind.SLIP,
                        model.number(),
                        "It has other parts than its twins at %s only. Probably a slip: compare them."
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
