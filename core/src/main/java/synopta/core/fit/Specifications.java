package synopta.core.fit;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.Function;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import synopta.core.catalog.Appliance;
import synopta.core.catalog.Part;
import synopta.core.knowledge.CurrentPacks;
import synopta.core.knowledge.Pack;
import synopta.core.knowledge.PartType;
import synopta.core.knowledge.SpecRule;
import synopta.core.quantity.Slugged;

/**
 * Whether one part may be supplied in place of another of its type, by their listed specifications and the rules of the
 * packs. A specification without a rule must be equal; one that is listed for neither is not known, and keeps a part
 * that matters for safety from being taken for the same.
 */
public final class Specifications {
    private static final double ROUNDING = 1e-9;

    private final Supplier<Map<String, PartType>> types;

    /** The rules of these packs. */
    public Specifications(CurrentPacks packs) {
        types = packs.derive(Specifications::bySlug);
    }

    private static Map<String, PartType> bySlug(Map<Appliance, Pack> packs) {
        Map<String, PartType> types = new HashMap<>();
        packs.values().forEach(pack -> pack.partTypes().forEach(type -> types.putIfAbsent(type.slug(), type)));
        return types;
    }

    /** What a comparison of one specification came to. */
    public enum Outcome implements Slugged {
        SAME,
        EXCEEDS,
        DIFFERS,
        NOT_KNOWN,
        DOES_NOT_MATTER
    }

    /**
     * One specification of both; `why` says what it matters for, where there is a rule.
     *
     * @param spec slug of the specification
     * @param original value of the listed part; null when it is not known
     * @param other value of the other part; null when it is not known
     * @param outcome result of the comparison
     * @param rule rule of the pack; null when there is none
     */
    public record Line(
            String spec,
            @Nullable String original,
            @Nullable String other,
            Outcome outcome,
            @Nullable SpecRule rule) {}

    /**
     * Two parts side by side.
     *
     * @param lines one line a specification
     * @param interchangeable whether the other may be supplied in place of the original, as far as the catalog tells
     */
    public record Comparison(List<Line> lines, boolean interchangeable) {
        /** Copies. */
        public Comparison {
            lines = List.copyOf(lines);
        }

        /** In words: "same amps 15, size 6x32-mm; volts 250 for 125". */
        public String words() {
            String same = said(Outcome.SAME, l -> measured(l.spec, Objects.requireNonNullElse(l.original, "?")));
            return Stream.of(
                            same.isEmpty() ? "" : "same " + same,
                            said(Outcome.EXCEEDS, Comparison::change),
                            said(Outcome.DIFFERS, l -> "differs in " + change(l)),
                            said(Outcome.NOT_KNOWN, l -> l.spec + " not listed for both"))
                    .filter(words -> !words.isEmpty())
                    .collect(Collectors.joining("; "));
        }

        private static String change(Line line) {
            return "%s for %s"
                    .formatted(
                            measured(line.spec, Objects.requireNonNullElse(line.other, "?")),
                            Objects.requireNonNullElse(line.original, "?"));
        }

        /** "length 2337 mm", "amps 15". */
        private static String measured(String spec, String value) {
            return spec.endsWith("-mm")
                    ? "%s %s mm".formatted(spec.substring(0, spec.length() - 3).replace('-', ' '), value)
                    : "%s %s".formatted(spec.replace('-', ' '), value);
        }

        private String said(Outcome outcome, Function<Line, String> words) {
            return lines.stream().filter(l -> l.outcome == outcome).map(words).collect(Collectors.joining(", "));
        }
    }

    /** Why a wrong part of that type is dangerous. */
    public Optional<String> safety(String partType) {
        return Optional.ofNullable(types.get().get(partType)).map(PartType::safety);
    }

    /** Compares, specification by specification. */
    public Comparison compare(Part original, Part other) {
        Map<String, SpecRule> rules = new HashMap<>();
        Optional.ofNullable(types.get().get(original.partType()))
                .ifPresent(type -> type.specs().forEach(rule -> rules.put(rule.spec(), rule)));
        Set<String> specs = new TreeSet<>(rules.keySet());
        specs.addAll(original.specs().keySet());
        specs.addAll(other.specs().keySet());
        List<Line> lines = new ArrayList<>();
        for (String spec : specs) {
            Optional<String> a = Optional.ofNullable(original.specs().get(spec));
            Optional<String> b = Optional.ofNullable(other.specs().get(spec));
            Optional<SpecRule> rule = Optional.ofNullable(rules.get(spec));
            lines.add(new Line(
                    spec,
                    a.orElse(null),
                    b.orElse(null),
                    outcome(rule.orElse(null), a.orElse(null), b.orElse(null)),
                    rule.orElse(null)));
        }
        boolean cautious = safety(original.partType()).isPresent();
        boolean told = lines.stream().anyMatch(l -> l.outcome == Outcome.SAME || l.outcome == Outcome.EXCEEDS);
        boolean doubtful = lines.stream()
                .anyMatch(l -> l.outcome == Outcome.DIFFERS
                        || (l.outcome == Outcome.NOT_KNOWN && (cautious || l.original != null)));
        return new Comparison(lines, told && !doubtful && original.partType().equals(other.partType()));
    }

    private static Outcome outcome(@Nullable SpecRule ruled, @Nullable String original, @Nullable String other) {
        SpecRule.Rule rule = Optional.ofNullable(ruled).map(SpecRule::rule).orElse(SpecRule.Rule.EQUAL);
        if (rule == SpecRule.Rule.FREE) {
            return Outcome.DOES_NOT_MATTER;
        }
        if (original == null || other == null) {
            return Outcome.NOT_KNOWN;
        }
        Optional<Double> a = figure(original);
        Optional<Double> b = figure(other);
        if (a.isEmpty() || b.isEmpty()) {
            return original.equalsIgnoreCase(other) ? Outcome.SAME : Outcome.DIFFERS;
        }
        double allowed = Math.abs(a.get())
                * (Optional.ofNullable(ruled).map(SpecRule::within).orElse(0.0) / 100 + ROUNDING);
        if (Math.abs(a.get() - b.get()) <= allowed) {
            return Outcome.SAME;
        }
        return rule == SpecRule.Rule.MAY_EXCEED && b.get() > a.get() ? Outcome.EXCEEDS : Outcome.DIFFERS;
    }

    private static Optional<Double> figure(String text) {
        return text.matches("-?[0-9]{1,12}([.][0-9]{1,9})?") ? Optional.of(Double.valueOf(text)) : Optional.empty();
    }
}
