package synopta.core.knowledge;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * How a part goes in.
 *
 * @param tools each with its size
 * @param way the right way round
 * @param check that it is right, before it is closed
 * @param hardware of one piece
 * @param byPractice what some schools do besides
 * @param basis where the figure or the words come from
 */
public record Installation(
        List<String> tools,
        @Nullable String way,
        @Nullable String check,
        List<WorkStep.Hardware> hardware,
        List<BySchool> byPractice,
        Basis basis) {
    /** By hand, with nothing to say of it. */
    public static final Installation PLAIN =
            new Installation(List.of(), null, null, List.of(), List.of(), new Basis("authored"));

    /** Copies; refuses a tool without a figure in its name. */
    public Installation {
        tools = List.copyOf(tools);
        hardware = List.copyOf(hardware);
        byPractice = List.copyOf(byPractice);
        tools.forEach(WorkStep::sized);
    }

    /**
     * What a school does besides.
     *
     * @param practice repair practice
     * @param way in a sentence
     * @param tools each with its size
     * @param hardware of one piece
     * @param basis where the figure or the words come from
     */
    public record BySchool(
            RepairPractice practice, String way, List<String> tools, List<WorkStep.Hardware> hardware, Basis basis) {
        /** Copies; refuses a tool without a figure in its name. */
        public BySchool {
            tools = List.copyOf(tools);
            hardware = List.copyOf(hardware);
            tools.forEach(WorkStep::sized);
        }
    }

    /** As a house of these schools does it, nothing left open. */
    public Installation in(RepairPractices practices) {
        List<BySchool> done =
                byPractice.stream().filter(b -> practices.follow(b.practice)).toList();
        List<String> allTools = new ArrayList<>(tools);
        List<WorkStep.Hardware> allHardware = new ArrayList<>(hardware);
        done.forEach(b -> allTools.addAll(b.tools));
        done.forEach(b -> allHardware.addAll(b.hardware));
        return new Installation(
                allTools,
                told(Stream.concat(Stream.ofNullable(way), done.stream().map(BySchool::way)))
                        .orElse(null),
                check,
                allHardware,
                List.of(),
                basis);
    }

    /** The same, with something to do beforehand. */
    public Installation after(String first, String tool) {
        List<String> allTools = new ArrayList<>(List.of(tool));
        allTools.addAll(tools);
        return new Installation(
                allTools,
                told(Stream.concat(Stream.of(first), Stream.ofNullable(way))).orElse(null),
                check,
                hardware,
                byPractice,
                basis);
    }

    /** The same, with more hardware. */
    public Installation with(WorkStep.Hardware more) {
        List<WorkStep.Hardware> allHardware = new ArrayList<>(hardware);
        allHardware.add(more);
        return new Installation(tools, way, check, allHardware, byPractice, basis);
    }

    private static Optional<String> told(Stream<String> sentences) {
        return Optional.of(sentences.collect(Collectors.joining(" "))).filter(told -> !told.isEmpty());
    }
}
