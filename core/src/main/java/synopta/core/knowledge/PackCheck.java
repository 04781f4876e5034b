package synopta.core.knowledge;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;

/** Finds what does not hold together in a pack: names that nothing bears, doubled ids, places outside a drawing. */
public final class PackCheck {
    private final Pack pack;
    private final List<PackFault> wrong = new ArrayList<>();

    private PackCheck(Pack pack) {
        this.pack = pack;
    }

    /** Every fault of the pack, in its order; empty when it is sound. */
    public static List<PackFault> faultsOf(Pack pack) {
        PackCheck check = new PackCheck(pack);
        check.ids();
        check.shares();
        check.faults();
        check.tests();
        check.sellingAndCautions();
        for (int i = 0; i < pack.layouts().size(); i++) {
            check.layout("layouts[%d]".formatted(i), pack.layouts().get(i));
        }
        return List.copyOf(check.wrong);
    }

    private void ids() {
        unique("partTypes", pack.partTypes(), PartType::slug);
        unique("faults", pack.faults(), Fault::id);
        List<Finding> all = new ArrayList<>(pack.findings());
        pack.tests().forEach(t -> all.add(t.finding()));
        unique("findings", all, Finding::id);
        unique("layouts", pack.layouts(), Layout::id);
    }

    private <T> void unique(String list, List<T> items, Function<T, String> id) {
        Set<String> met = new HashSet<>();
        for (int i = 0; i < items.size(); i++) {
            if (!met.add(id.apply(items.get(i)))) {
                say(
                        "%s[%d]".formatted(list, i),
                        "%s stands here a second time; give each its own name.".formatted(id.apply(items.get(i))));
            }
        }
    }

    private void shares() {
        double fuels = pack.fuelShares().values().stream()
                .mapToDouble(Double::doubleValue)
                .sum();
        if (Math.abs(fuels - 1) > 1e-9) {
            say("fuelShares", "they add up to %s; they must add up to 1.".formatted(fuels));
        }
        double layouts = pack.layouts().stream().mapToDouble(Layout::share).sum();
        if (Math.abs(layouts - 1) > 1e-9) {
            say("layouts", "their shares add up to %s; they must add up to 1.".formatted(layouts));
        }
    }

    private void faults() {
        Set<String> shown = new HashSet<>();
        for (int i = 0; i < pack.faults().size(); i++) {
            Fault fault = pack.faults().get(i);
            String path = "faults[%d]".formatted(i);
            partType(path + ".partType", fault.partType());
            if (pack.layouts().stream()
                    .noneMatch(l -> pack.fuelShares().keySet().stream().anyMatch(fuel -> l.allows(fault, fuel)))) {
                say(
                        path,
                        "no layout has a place for %s; name an existing slot or add the place to a layout."
                                .formatted(fault.id()));
            }
            for (int j = 0; j < fault.shows().size(); j++) {
                String finding = fault.shows().get(j).finding();
                shown.add(finding);
                finding("%s.shows[%d].finding".formatted(path, j), finding);
            }
        }
        for (int i = 0; i < pack.findings().size(); i++) {
            String id = pack.findings().get(i).id();
            implied("findings[%d]".formatted(i), pack.findings().get(i));
            if (!shown.contains(id)) {
                say("findings[%d]".formatted(i), "no fault shows %s; link it or take it out.".formatted(id));
            }
        }
    }

    private void implied(String path, Finding finding) {
        for (int j = 0; j < finding.implies().size(); j++) {
            Finding.Implied implied = finding.implies().get(j);
            String at = "%s.implies[%d]".formatted(path, j);
            finding(at + ".finding", implied.finding());
            pack.finding(implied.finding()).ifPresent(other -> {
                if (!implied.answer().equals(other.telling().slug())
                        && !implied.answer().equals(other.clear().slug())) {
                    say(at + ".answer", "%s is no answer to %s.".formatted(implied.answer(), other.id()));
                }
            });
        }
    }

    private void tests() {
        for (int i = 0; i < pack.tests().size(); i++) {
            for (int j = 0; j < pack.tests().get(i).finds().size(); j++) {
                String fault = pack.tests().get(i).finds().get(j);
                if (pack.fault(fault).isEmpty()) {
                    say("tests[%d].finds[%d]".formatted(i, j), unknown("fault", fault, pack.faults(), Fault::id));
                }
            }
        }
    }

    private void sellingAndCautions() {
        for (int i = 0; i < pack.partTypes().size(); i++) {
            List<SellingRule.Companion> companions =
                    pack.partTypes().get(i).selling().companions();
            for (int j = 0; j < companions.size(); j++) {
                String path = "partTypes[%d].sell.with[%d]".formatted(i, j);
                partType(path + ".partType", companions.get(j).partType());
                companions.get(j).whenFinding().ifPresent(f -> finding(path + ".whenFinding", f));
            }
        }
        for (int i = 0; i < pack.cautions().size(); i++) {
            String path = "cautions[%d].partTypes".formatted(i);
            pack.cautions().get(i).partTypes().forEach(slug -> partType(path, slug));
        }
    }

    private void layout(String path, Layout layout) {
        unique(path + ".places", layout.places(), Layout.Place::slot);
        Drawing drawing = layout.drawing();
        Set<String> drawn = drawing.spots().stream().map(Drawing.Spot::slot).collect(Collectors.toSet());
        for (int i = 0; i < layout.places().size(); i++) {
            Layout.Place place = layout.places().get(i);
            partType("%s.places[%d].partType".formatted(path, i), place.partType());
            if (!drawn.contains(place.slot())) {
                say(
                        "%s.places[%d]".formatted(path, i),
                        "%s has no spot in the drawing; add one to drawing.spots.".formatted(place.slot()));
            }
        }
        for (int i = 0; i < drawing.spots().size(); i++) {
            Drawing.Spot spot = drawing.spots().get(i);
            String at = "%s.drawing.spots[%d]".formatted(path, i);
            if (layout.place(spot.slot()).isEmpty()) {
                say(at, unknown("place", spot.slot(), layout.places(), Layout.Place::slot));
            }
            if (!(spot.x() >= 0
                    && spot.y() >= 0
                    && spot.x() + spot.width() <= drawing.width()
                    && spot.y() + spot.height() <= drawing.height())) {
                say(
                        at,
                        "%s lies outside the drawing of %d by %d."
                                .formatted(spot.slot(), drawing.width(), drawing.height()));
            }
        }
    }

    private void partType(String path, String slug) {
        if (pack.partType(slug).isEmpty()) {
            say(path, unknown("part type", slug, pack.partTypes(), PartType::slug));
        }
    }

    private void finding(String path, String id) {
        if (pack.finding(id).isEmpty()) {
            say(path, unknown("finding", id, pack.findings(), Finding::id));
        }
    }

    private static <T> String unknown(String kind, String name, List<T> known, Function<T, String> id) {
        return "no %s is called %s; the pack has %s."
                .formatted(kind, name, known.stream().map(id).collect(Collectors.joining(", ")));
    }

    private void say(String path, String message) {
        wrong.add(new PackFault(path, message));
    }
}
