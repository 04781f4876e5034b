package synopta.core.knowledge;

import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.BiConsumer;

/** Finds what does not hold together in how a layout is opened: unknown steps and places, circles, doubled places. */
final class OpeningCheck {
    private final Pack pack;
    private final Layout layout;
    private final BiConsumer<String, String> say;
    private final Map<String, OpeningStep> steps = new HashMap<>();

    /**
     * Checks a layout.
     *
     * @param say takes a path within the layout, and what is wrong there
     */
    OpeningCheck(Pack pack, Layout layout, BiConsumer<String, String> say) {
        this.pack = pack;
        this.layout = layout;
        this.say = say;
    }

    void check() {
        Map<String, List<OpeningStep>> reached = new HashMap<>();
        for (int i = 0; i < layout.steps().size(); i++) {
            OpeningStep step = layout.steps().get(i);
            String path = "steps[%d]".formatted(i);
            if (steps.putIfAbsent(step.id(), step) != null) {
                say.accept(path, "%s is listed twice. Rename one.".formatted(step.id()));
            }
            for (String slot : step.reaches().keySet().stream().sorted().toList()) {
                List<OpeningStep> others = reached.computeIfAbsent(slot, s -> new ArrayList<>());
                if (layout.place(slot).isEmpty()) {
                    say.accept(
                            path + ".reaches", PackCheck.unknown("place", slot, layout.places(), Layout.Place::slot));
                } else if (others.stream().anyMatch(other -> !excludes(other, step))) {
                    say.accept(path + ".reaches", "%s is reached by two steps. Keep one.".formatted(slot));
                }
                others.add(step);
            }
        }
        order();
    }

    /** Whether no machine is opened by both. */
    private static boolean excludes(OpeningStep one, OpeningStep other) {
        return one.kind() != null
                && other.kind() != null
                && one.kind().finding().equals(other.kind().finding())
                && Collections.disjoint(one.kind().answers(), other.kind().answers());
    }

    /** Each waits for steps that there are, and none for itself. */
    private void order() {
        for (int i = 0; i < layout.steps().size(); i++) {
            work("steps[%d].work".formatted(i), layout.steps().get(i).work());
            for (String before : layout.steps().get(i).after()) {
                if (!steps.containsKey(before)) {
                    say.accept(
                            "steps[%d].after".formatted(i),
                            PackCheck.unknown("step", before, layout.steps(), OpeningStep::id));
                }
            }
        }
        layout.steps().stream()
                .flatMap(step -> circle(step.id(), List.of()).stream())
                .findFirst()
                .ifPresent(circle -> say.accept(
                        "steps",
                        "%s wait for each other. Remove one from after.".formatted(String.join(", ", circle))));
    }

    private void work(String path, WorkStep work) {
        for (WorkStep.Look look : work.looks()) {
            if (pack.finding(look.finding()).isEmpty()) {
                say.accept(path + ".looks", PackCheck.unknown("finding", look.finding(), pack.findings(), Finding::id));
            }
        }
        for (Hazard hazard : work.hazards()) {
            if (pack.cautions().stream().noneMatch(c -> c.hazard() == hazard)) {
                say.accept(path + ".hazards", "%s has no caution. Add one.".formatted(hazard.slug()));
            }
        }
    }

    private Optional<List<String>> circle(String id, List<String> path) {
        if (path.contains(id)) {
            return Optional.of(path.subList(path.indexOf(id), path.size()));
        }
        if (!steps.containsKey(id)) {
            return Optional.empty();
        }
        List<String> longer = new ArrayList<>(path);
        longer.add(id);
        return steps.get(id).after().stream()
                .flatMap(before -> circle(before, longer).stream())
                .findFirst();
    }
}
