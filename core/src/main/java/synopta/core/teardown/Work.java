package synopta.core.teardown;

import java.util.ArrayList;
import java.util.Collections;
import java.util.EnumSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import synopta.core.knowledge.Hazard;
import synopta.core.knowledge.Installation;
import synopta.core.knowledge.OpeningStep;
import synopta.core.knowledge.WorkStep;

/**
 * The work of reaching and exchanging parts.
 *
 * @param steps in an order in which they can be done, each once
 * @param replacements what is replaced then, what was reached last first
 * @param minutes of the steps and of exchanging the pieces
 * @param spread of the minutes, one standard deviation
 * @param unknown places of which no step tells how to reach them; they are not in the minutes
 */
public record Work(
        List<OpeningStep> steps, List<Exchange> replacements, double minutes, double spread, List<String> unknown) {
    /** Nothing to do. */
    public static final Work NONE = new Work(List.of(), List.of(), 0, 0, List.of());

    /** Copies. */
    public Work {
        steps = List.copyOf(steps);
        replacements = List.copyOf(replacements);
        unknown = List.copyOf(unknown);
    }

    /**
     * A part that is replaced.
     *
     * @param slot slug of the position in the layout
     * @param partType slug of the part type
     * @param name of what is at the place
     * @param pieces number of pieces
     * @param minutes minutes of labor
     * @param fitting how it is fitted
     */
    public record Exchange(
            String slot, String partType, String name, int pieces, double minutes, Installation fitting) {
        /** Hardware of all pieces. */
        public List<WorkStep.Hardware> hardware() {
            return fitting.hardware().stream()
                    .map(h -> new WorkStep.Hardware(h.what(), pieces * h.count(), h.fate()))
                    .toList();
        }
    }

    /** Every step as a person reads it, in the order in which it is done. */
    public List<WorkLine> lines() {
        return WorkLine.of(this);
    }

    /** All tools, in the order in which they are first taken up, each once. */
    public List<String> tools() {
        Set<String> tools = new LinkedHashSet<>();
        steps.forEach(step -> tools.addAll(step.work().tools()));
        replacements.forEach(replacement -> tools.addAll(replacement.fitting().tools()));
        return List.copyOf(tools);
    }

    /** How many persons it takes. */
    public int persons() {
        return steps.stream().mapToInt(s -> s.work().persons()).max().orElse(1);
    }

    /** How far in it goes: the effort of the last step that has one. */
    public Optional<String> effort() {
        return steps.stream().flatMap(s -> Stream.ofNullable(s.work().effort())).reduce((first, second) -> second);
    }

    /** Hazards of the steps. */
    public Set<Hazard> hazards() {
        Set<Hazard> hazards = EnumSet.noneOf(Hazard.class);
        steps.forEach(step -> hazards.addAll(step.work().hazards()));
        return hazards;
    }

    /** What to check as it goes together again: the parts first, then the steps from the last to the first. */
    public List<String> checks() {
        List<OpeningStep> closing = new ArrayList<>(steps);
        Collections.reverse(closing);
        return Stream.concat(
                        replacements.stream()
                                .flatMap(e -> Stream.ofNullable(e.fitting().check())),
                        closing.stream().flatMap(s -> Stream.ofNullable(s.work().check())))
                .distinct()
                .toList();
    }

    /** What can be looked at on the way, each once. */
    public List<WorkStep.Look> looks() {
        Set<WorkStep.Look> looks = new LinkedHashSet<>();
        Set<String> findings = new LinkedHashSet<>();
        steps.forEach(step -> step.work().looks().stream()
                .filter(look -> findings.add(look.finding()))
                .forEach(looks::add));
        return List.copyOf(looks);
    }

    /** The places whose exchange a step is needed for, directly or through others. */
    public List<String> serves(OpeningStep step) {
        return replacements.stream()
                .map(Exchange::slot)
                .filter(slot -> steps.stream()
                        .filter(last -> last.reaches().containsKey(slot))
                        .anyMatch(last -> waitsFor(last, step)))
                .toList();
    }

    private boolean waitsFor(OpeningStep last, OpeningStep step) {
        return last.equals(step)
                || steps.stream()
                        .filter(before -> last.after().contains(before.id()))
                        .anyMatch(before -> waitsFor(before, step));
    }
}
