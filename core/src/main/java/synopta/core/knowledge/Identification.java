package synopta.core.knowledge;

import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import synopta.core.quantity.Ordered;

/**
 * What tells one machine of an appliance from another by looking, and one part from another by measuring.
 *
 * @param aspects of machines, in the order in which they are asked when two tell as much
 * @param measures of part types
 */
public record Identification(List<Aspect> aspects, List<PartMeasures> measures) {
    /** Of an appliance of which nothing of the kind is known. */
    public static final Identification NONE = new Identification(List.of(), List.of());

    /** Copies. */
    public Identification {
        aspects = List.copyOf(aspects);
        measures = List.copyOf(measures);
    }

    /**
     * Something of a machine that a caller can see.
     *
     * @param aspect its name within the appliance
     * @param question question as it is asked
     * @param effort how many times the trouble of a plain question it is to find out, above 0; our judgment
     * @param answers answers and the layouts they mean
     */
    public record Aspect(String aspect, String question, double effort, List<AspectAnswer> answers) {
        /** Copies; refuses an effort that is not above 0. */
        public Aspect {
            if (!(effort > 0 && effort < Double.POSITIVE_INFINITY)) {
                throw new IllegalArgumentException(
                        "Effort of aspect %s (%s) must be above 0.".formatted(aspect, effort));
            }
            answers = List.copyOf(answers);
        }

        /** The answer that machines of a layout give; empty where the layout is under none. */
        public Optional<AspectAnswer> of(String layout) {
            return answers.stream().filter(a -> a.layouts().contains(layout)).findFirst();
        }
    }

    /**
     * An answer, and the layouts that give it.
     *
     * @param answer its slug
     * @param words words that are shown
     * @param layouts ids of the layouts it is true of
     */
    public record AspectAnswer(String answer, String words, Set<String> layouts) {
        /** Copies. */
        public AspectAnswer {
            layouts = Ordered.set(layouts);
        }
    }

    /**
     * A part type that can be matched by measuring, with its name.
     *
     * @param partType slug of the part type
     * @param name name, as it is shown
     * @param specs specifications, in the order they are asked
     */
    public record MatchableType(String partType, String name, List<Measure> specs) {}

    /** The part types of these packs that can be matched, each once. */
    public static List<MatchableType> matchable(Collection<Pack> packs) {
        Map<String, MatchableType> types = new LinkedHashMap<>();
        packs.forEach(pack -> pack.identification()
                .measures()
                .forEach(m -> types.putIfAbsent(
                        m.partType(),
                        new MatchableType(
                                m.partType(),
                                pack.partType(m.partType()).orElseThrow().name(),
                                m.specs()))));
        return List.copyOf(types.values());
    }

    /**
     * What is measured on parts of a type, the most telling first.
     *
     * @param partType slug of the part type
     * @param specs specifications, in the order they are asked
     */
    public record PartMeasures(String partType, List<Measure> specs) {
        /** Copies. */
        public PartMeasures {
            specs = List.copyOf(specs);
        }
    }

    /**
     * A specification of the catalog, and what to measure for it, in words.
     *
     * @param spec slug of the specification
     * @param words words that are shown
     */
    public record Measure(String spec, String words) {}
}
