package synopta.core.teardown;

import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import synopta.core.knowledge.Layout;
import synopta.core.knowledge.OpeningStep;

/**
 * How a machine of a layout is opened. The least set of steps that reaches some places is all that they wait for,
 * directly or through others; it is the only least one, since every step names all that must come before it.
 * Cost O(steps squared).
 */
public final class Teardown {
    private final Layout layout;

    /** Opens machines of this layout. */
    public Teardown(Layout layout) {
        this.layout = layout;
    }

    /** The work of exchanging so many pieces at each place. */
    public Work work(Map<String, Integer> pieces) {
        List<String> unknown = new ArrayList<>();
        Set<String> wanted = new LinkedHashSet<>();
        double minutes = 0;
        for (Map.Entry<String, Integer> place : new TreeMap<>(pieces).entrySet()) {
            Optional<OpeningStep> step = reaching(place.getKey());
            if (step.isEmpty()) {
                unknown.add(place.getKey());
            } else {
                wanted.add(step.get().id());
                minutes += place.getValue() * step.get().reaches().get(place.getKey());
            }
        }
        List<OpeningStep> steps = inOrder(closure(wanted));
        for (OpeningStep step : steps) {
            minutes += step.minutes();
        }
        return new Work(steps, minutes, unknown);
    }

    /** The places that lie open once some steps are done. */
    public Set<String> open(Collection<OpeningStep> done) {
        Set<String> open = new LinkedHashSet<>();
        done.forEach(step -> open.addAll(step.reaches().keySet()));
        return open;
    }

    /** The minutes of exchanging one piece at a place that lies open; 0 where the pack does not say. */
    public double exchange(String slot) {
        return reaching(slot).map(step -> step.reaches().get(slot)).orElse(0.0);
    }

    private Optional<OpeningStep> reaching(String slot) {
        return layout.steps().stream()
                .filter(step -> step.reaches().containsKey(slot))
                .findFirst();
    }

    private Set<String> closure(Set<String> wanted) {
        Set<String> all = new LinkedHashSet<>();
        List<String> open = new ArrayList<>(wanted);
        while (!open.isEmpty()) {
            String id = open.remove(open.size() - 1);
            if (all.add(id)) {
                layout.steps().stream().filter(step -> step.id().equals(id)).forEach(step -> open.addAll(step.after()));
            }
        }
        return all;
    }

    /** In the order of the layout, each after what it waits for. */
    private List<OpeningStep> inOrder(Set<String> ids) {
        List<OpeningStep> waiting = new ArrayList<>(
                layout.steps().stream().filter(s -> ids.contains(s.id())).toList());
        List<OpeningStep> ordered = new ArrayList<>();
        Set<String> done = new LinkedHashSet<>();
        while (!waiting.isEmpty()) {
            OpeningStep next = waiting.stream()
                    .filter(step -> done.containsAll(step.after()))
                    .findFirst()
                    .orElseThrow(() -> new IllegalStateException(
                            "Steps of layout %s wait for one another: %s.".formatted(layout.id(), waiting)));
            waiting.remove(next);
            ordered.add(next);
            done.add(next.id());
        }
        return ordered;
    }
}
