package synopta.core.knowledge;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
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
        check.findings();
        check.tests();
        check.circuits();
        new CauseCheck(pack, check::say).check();
        check.sellingAndCautions();
        check.wrong.addAll(new LayoutCheck(pack).faults());
        new IdentificationCheck(pack, check::say).check();
        new ForkCheck(pack, check::say).check();
        new PlaceCheck(pack, check::say).check();
        new JobCheck(pack, check::say).check();
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
                say("%s[%d]".formatted(list, i), "%s is listed twice. Rename one.".formatted(id.apply(items.get(i))));
            }
        }
    }

    private void shares() {
        double fuels = pack.fuelShares().values().stream().mapToDouble(d -> d).sum();
        if (Math.abs(fuels - 1) > 1e-9) {
            say("fuelShares", "they add up to %s; they must add up to 1.".formatted(fuels));
        }
        double layouts = pack.layouts().stream().mapToDouble(Layout::share).sum();
        if (Math.abs(layouts - 1) > 1e-9) {
            say("layouts", "their shares add up to %s; they must add up to 1.".formatted(layouts));
        }
    }

    private void faults() {
        for (int i = 0; i < pack.faults().size(); i++) {
            Fault fault = pack.faults().get(i);
            String path = "faults[%d]".formatted(i);
            partType(path + ".partType", fault.partType());
            if (pack.layouts().stream()
                    .noneMatch(l -> pack.fuelShares().keySet().stream().anyMatch(fuel -> l.allows(fault, fuel)))) {
                say(
                        path,
                        "no layout has a place for %s. Name an existing slot, or add the place to a layout."
                                .formatted(fault.id()));
            }
            for (int j = 0; j < fault.shows().size(); j++) {
                Fault.Link link = fault.shows().get(j);
                String at = "%s.shows[%d]".formatted(path, j);
                finding(at + ".finding", link.finding());
                Optional.ofNullable(link.answer()).ifPresent(answer -> telling(at + ".answer", link.finding(), answer));
            }
            together(path, fault);
        }
    }

    /** A fault's links to one finding: one for each answer at most, and not more than certain together. */
    private void together(String path, Fault fault) {
        Map<String, Double> sums = new HashMap<>();
        Set<String> met = new HashSet<>();
        for (Fault.Link link : pack.links(fault)) {
            sums.merge(link.finding(), link.strength(), Double::sum);
            int level = pack.finding(link.finding())
                    .filter(f -> link.answer() == null
                            || f.answers().stream().anyMatch(a -> a.slug().equals(link.answer())))
                    .map(link::level)
                    .orElse(1);
            if (!met.add(link.finding() + " " + level)) {
                say(path, "is linked to %s twice. Keep one link.".formatted(link.finding()));
            }
        }
        sums.forEach((finding, sum) -> {
            if (sum > 1 + 1e-12) {
                say(path, "its links to %s add up to %s; at most 1 is possible.".formatted(finding, sum));
            }
        });
    }

    private void findings() {
        Set<String> shown = pack.faults().stream()
                .flatMap(f -> pack.links(f).stream())
                .map(Fault.Link::finding)
                .collect(Collectors.toSet());
        for (int i = 0; i < pack.findings().size(); i++) {
            Finding finding = pack.findings().get(i);
            String path = "findings[%d]".formatted(i);
            answers(path + ".after", finding.after());
            for (int a = 0; a < finding.answers().size(); a++) {
                implied("%s.answers[%d]".formatted(path, a), finding.answers().get(a));
            }
            if (!finding.isOfConstruction() && !finding.isStop() && !shown.contains(finding.id())) {
                say(path, "no fault causes %s. Link it or remove it.".formatted(finding.id()));
            }
        }
        List<Finding> all = pack.questions();
        for (int i = 0; i < all.size(); i++) {
            boolean lethal = all.get(i).hazards().contains(Hazard.STORED_CHARGE);
            if (lethal && all.get(i).who() != Finding.Who.LICENSED) {
                String list = i < pack.findings().size()
                        ? "findings[%d]".formatted(i)
                        : "tests[%d]".formatted(i - pack.findings().size());
                say(list + ".who", "must be licensed where a stored charge may hurt.");
            }
        }
    }

    private void implied(String path, Finding.Answer answer) {
        answers(path + ".implies", answer.implies());
        answer.moot().forEach(id -> finding(path + ".moot", id));
    }

    private void answers(String path, List<Finding.Implied> answers) {
        for (int j = 0; j < answers.size(); j++) {
            String at = "%s[%d]".formatted(path, j);
            finding(at + ".finding", answers.get(j).finding());
            answer(at + ".answer", answers.get(j).finding(), answers.get(j).answer());
        }
    }

    private void circuits() {
        unique("circuits", pack.circuits(), Circuit::id);
        for (int i = 0; i < pack.circuits().size(); i++) {
            Circuit circuit = pack.circuits().get(i);
            String path = "circuits[%d]".formatted(i);
            finding(path + ".finding", circuit.finding());
            telling(path + ".answer", circuit.finding(), circuit.answer());
            for (int j = 0; j < circuit.open().size(); j++) {
                fault("%s.open[%d]".formatted(path, j), circuit.open().get(j));
            }
        }
    }

    private void tests() {
        for (int i = 0; i < pack.tests().size(); i++) {
            List<String> finds = pack.tests().get(i).finds();
            for (int j = 0; j < finds.size(); j++) {
                fault("tests[%d].finds[%d]".formatted(i, j), finds.get(j));
            }
        }
    }

    private void sellingAndCautions() {
        for (int i = 0; i < pack.partTypes().size(); i++) {
            unique("partTypes[%d].specs".formatted(i), pack.partTypes().get(i).specs(), SpecRule::spec);
            List<SellingRule.Companion> companions =
                    pack.partTypes().get(i).selling().companions();
            for (int j = 0; j < companions.size(); j++) {
                String path = "partTypes[%d].sell.with[%d]".formatted(i, j);
                partType(path + ".partType", companions.get(j).partType());
                Optional.ofNullable(companions.get(j).whenFinding()).ifPresent(f -> finding(path + ".whenFinding", f));
            }
            List<SellingRule.Companion> offers =
                    pack.partTypes().get(i).selling().offers();
            for (int j = 0; j < offers.size(); j++) {
                String path = "partTypes[%d].sell.offer[%d].partType".formatted(i, j);
                partType(path, offers.get(j).partType());
            }
        }
        for (int i = 0; i < pack.cautions().size(); i++) {
            String path = "cautions[%d].partTypes".formatted(i);
            pack.cautions().get(i).partTypes().forEach(slug -> partType(path, slug));
        }
        unique("rights", pack.rights(), StandardAnswer::id);
        for (int i = 0; i < pack.rights().size(); i++) {
            partType("rights[%d].partType".formatted(i), pack.rights().get(i).partType());
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

    private void fault(String path, String id) {
        if (pack.fault(id).isEmpty()) {
            say(path, unknown("fault", id, pack.faults(), Fault::id));
        }
    }

    private void answer(String path, String finding, String answer) {
        pack.finding(finding).ifPresent(f -> {
            if (f.answers().stream().noneMatch(a -> a.slug().equals(answer))) {
                say(path, "%s is not an answer to %s.".formatted(answer, finding));
            }
        });
    }

    /** An answer that faults may bring about: any but the clear one. */
    private void telling(String path, String finding, String answer) {
        answer(path, finding, answer);
        pack.finding(finding).ifPresent(f -> {
            if (f.answers().get(0).slug().equals(answer)) {
                say(path, "%s is the normal answer to %s, which no fault causes.".formatted(answer, finding));
            }
        });
    }

    static <T> String unknown(String kind, String name, List<T> known, Function<T, String> id) {
        return "there is no %s %s; the pack has %s."
                .formatted(kind, name, known.stream().map(id).collect(Collectors.joining(", ")));
    }

    private void say(String path, String message) {
        wrong.add(new PackFault(path, message));
    }
}
