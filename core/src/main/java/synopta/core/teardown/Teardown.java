package synopta.core.teardown;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collection;
import java.util.Comparator;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Collectors;
import java.util.stream.DoubleStream;
import synopta.core.knowledge.Fault;
import synopta.core.knowledge.Finding;
import synopta.core.knowledge.Installation;
import synopta.core.knowledge.Layout;
import synopta.core.knowledge.MeterTest;
import synopta.core.knowledge.OpeningStep;
import synopta.core.knowledge.Pack;
import synopta.core.knowledge.PartType;
import synopta.core.knowledge.RepairPractices;
import synopta.core.quantity.Ordered;

/**
 * How a machine of a layout is opened. The least set of steps that reaches some places is all that they wait for,
 * directly or through others; it is the only least one, since every step names all that must come before it.
 * Cost O(steps squared).
 */
public final class Teardown {
    /** A step takes a third more or less than the pack says: our judgment. Steps are taken to vary apart. */
    private static final double SPREAD = 0.33;

    /** Minutes of a reading on what lies open: our judgment. */
    private static final double READING_MINUTES = 2;

    private static final String METER = "meter, CAT III 600 V";

    private final Pack pack;
    private final Layout layout;
    private final RepairPractices practices;
    private final Set<String> answered;

    /**
     * Opens machines of this layout of a pack as a house of these schools does.
     *
     * @param answered tests and findings that need no looking at any more
     */
    public Teardown(Pack pack, Layout layout, RepairPractices practices, Set<String> answered) {
        this.pack = pack;
        this.layout = layout;
        this.practices = practices;
        this.answered = Ordered.set(answered);
    }

    /** The work of exchanging so many pieces at each place. */
    public Work work(Map<String, Integer> pieces) {
        List<String> unknown = new ArrayList<>();
        Set<String> wanted = new LinkedHashSet<>();
        List<Work.Exchange> replacements = new ArrayList<>();
        for (Map.Entry<String, Integer> place : new TreeMap<>(pieces).entrySet()) {
            Optional<OpeningStep> step = reaching(place.getKey());
            if (step.isEmpty()) {
                unknown.add(place.getKey());
            } else {
                wanted.add(step.get().id());
                double each = step.get().reaches().get(place.getKey());
                replacements.add(replacement(place.getKey(), place.getValue(), each * place.getValue()));
            }
        }
        replacements = new SmallParts(layout).withTheirPiece(replacements);
        List<OpeningStep> steps = inOrder(closure(wanted));
        List<String> order = steps.stream().map(OpeningStep::id).toList();
        replacements.sort(Comparator.comparing(
                e -> -order.indexOf(reaching(e.slot()).map(OpeningStep::id).orElse(""))));
        double[] each = DoubleStream.concat(
                        steps.stream().mapToDouble(OpeningStep::minutes),
                        replacements.stream().mapToDouble(Work.Exchange::minutes))
                .toArray();
        double spread = SPREAD
                * Math.sqrt(
                        Arrays.stream(each).map(minutes -> minutes * minutes).sum());
        return new Work(steps, replacements, Arrays.stream(each).sum(), spread, unknown);
    }

    private Work.Exchange replacement(String slot, int pieces, double minutes) {
        Optional<Layout.Place> place = layout.place(slot);
        String type = place.map(Layout.Place::partType).orElse("");
        String name = place.map(Layout.Place::name).orElse(slot);
        Installation fitting = place.map(Layout.Place::fitting)
                .or(() -> pack.partType(type).map(PartType::fitting))
                .orElse(Installation.PLAIN)
                .in(practices);
        return test(type)
                .map(test -> new Work.Exchange(
                        slot, type, name, pieces, minutes + READING_MINUTES, fitting.after(measured(test), METER)))
                .orElseGet(() -> new Work.Exchange(slot, type, name, pieces, minutes, fitting));
    }

    /** What a technician measures before a part of this type is replaced, where the house tests first and nobody did. */
    private Optional<MeterTest> test(String type) {
        if (!practices.testFirst()) {
            return Optional.empty();
        }
        Set<String> faults = pack.faults().stream()
                .filter(fault -> fault.partType().equals(type))
                .map(Fault::id)
                .collect(Collectors.toSet());
        List<MeterTest> tests =
                pack.tests().stream().filter(test -> proves(test, faults)).toList();
        return tests.stream().anyMatch(test -> answered.contains(test.finding().id()))
                ? Optional.empty()
                : tests.stream().findFirst();
    }

    private static boolean proves(MeterTest test, Set<String> faults) {
        return test.provesGood()
                && test.finding().who() != Finding.Who.LICENSED
                && test.finds().stream().anyMatch(faults::contains);
    }

    private static String measured(MeterTest test) {
        return "Test the old part first. %s: if it reads %s, it is good; look for another cause."
                .formatted(test.finding().question(), test.good());
    }

    /** The places that lie open once some steps are done. */
    public Set<String> open(Collection<OpeningStep> done) {
        Set<String> open = new LinkedHashSet<>();
        done.forEach(step -> open.addAll(step.reaches().keySet()));
        return open;
    }

    /** The minutes of exchanging one piece at a place that lies open; 0 where the pack does not say. */
    public double replacement(String slot) {
        return reaching(slot).map(step -> step.reaches().get(slot)).orElse(0.0);
    }

    private Optional<OpeningStep> reaching(String slot) {
        return layout.usualSteps().stream()
                .filter(step -> step.reaches().containsKey(slot))
                .findFirst();
    }

    private Set<String> closure(Set<String> wanted) {
        Set<String> all = new LinkedHashSet<>();
        List<String> open = new ArrayList<>(wanted);
        while (!open.isEmpty()) {
            String id = open.remove(open.size() - 1);
            if (all.add(id)) {
                layout.usualSteps().stream()
                        .filter(step -> step.id().equals(id))
                        .forEach(step -> open.addAll(step.after()));
            }
        }
        return all;
    }

    /** Each after what it waits for; what goes on from the step just done comes before what lies elsewhere. */
    private List<OpeningStep> inOrder(Set<String> ids) {
        List<OpeningStep> waiting = new ArrayList<>(
                layout.usualSteps().stream().filter(s -> ids.contains(s.id())).toList());
        List<OpeningStep> ordered = new ArrayList<>();
        Set<String> left = new LinkedHashSet<>(ids);
        waiting.forEach(step -> left.remove(step.id()));
        // Steps of another kind of machine are not waited for.
        Set<String> done = left;
        while (!waiting.isEmpty()) {
            String last =
                    ordered.isEmpty() ? "" : ordered.get(ordered.size() - 1).id();
            List<OpeningStep> free = waiting.stream()
                    .filter(step -> done.containsAll(step.after()))
                    .toList();
            OpeningStep next = free.stream()
                    .filter(step -> step.after().contains(last))
                    .findFirst()
                    .or(() -> free.stream().findFirst())
                    .orElseThrow(() -> new IllegalStateException(
                            "Steps of construction %s wait for each other: %s.".formatted(layout.id(), waiting)));
            waiting.remove(next);
            ordered.add(next);
            done.add(next.id());
        }
        return ordered;
    }
}
