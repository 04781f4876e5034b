package synopta.core.identify;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.function.BiFunction;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import synopta.core.catalog.Appliance;
import synopta.core.catalog.Catalog;
import synopta.core.catalog.Fuel;
import synopta.core.catalog.Model;
import synopta.core.catalog.Platform;
import synopta.core.knowledge.Identification;
import synopta.core.knowledge.Layout;
import synopta.core.knowledge.Pack;
import synopta.core.quantity.Entropy;
import synopta.core.quantity.Probability;
import synopta.core.tag.PlatformGuess;

/**
 * The constructions an unlisted machine may be, and what to look at to tell them apart: the kind of machine, what heats
 * it, how it opens, and what the packs know besides. The look that tells most for its trouble comes first: its answer
 * is certain given the construction, so it tells the entropy of its answers.
 */
final class PlatformCandidates {
    /** Below this much information, in bits, a look is not worth the caller's while; our judgment. */
    private static final double WORTH_LOOKING_BITS = 0.1;

    private final Catalog catalog;
    private final Map<Appliance, Pack> packs;
    private final List<Aspect> aspects;

    PlatformCandidates(Catalog catalog, Map<Appliance, Pack> packs) {
        this.catalog = catalog;
        this.packs = packs;
        aspects = aspects(packs);
    }

    /**
     * What parts two constructions.
     *
     * @param effort how many times the trouble of a plain question it is to find out; our judgment
     * @param of the answer of a construction, where it is known
     * @param words of an answer that a construction gives
     */
    private record Aspect(
            String name,
            double effort,
            String question,
            Function<PlatformCandidate, Optional<String>> of,
            BiFunction<PlatformCandidate, String, String> words) {}

    /** A look with what its aspect costs. */
    private record Priced(DistinguishingQuestion look, double effort) {
        double worth() {
            return look.expectedGainBits() / effort;
        }
    }

    private static final List<Aspect> OF_THE_CATALOG = List.of(
            new Aspect(
                    "appliance",
                    1,
                    "What kind of appliance is it?",
                    c -> Optional.of(c.platform().appliance().slug()),
                    (c, answer) -> answer),
            new Aspect("fuel", 1, "Is it gas or electric?", PlatformCandidates::heat, (c, answer) -> answer),
            new Aspect(
                    "layout",
                    3,
                    "How does it open?",
                    c -> Optional.of(c.platform().layout()),
                    PlatformCandidates::layoutWords));

    private static List<Aspect> aspects(Map<Appliance, Pack> packs) {
        List<Aspect> aspects = new ArrayList<>(OF_THE_CATALOG);
        packs.forEach((appliance, pack) ->
                pack.identification().aspects().forEach(known -> aspects.add(aspect(appliance, known))));
        return aspects;
    }

    private static Aspect aspect(Appliance appliance, Identification.Aspect known) {
        Function<PlatformCandidate, Optional<Identification.AspectAnswer>> answer = c -> Optional.of(c.platform())
                .filter(p -> p.appliance() == appliance)
                .flatMap(p -> known.of(p.layout()));
        return new Aspect(
                known.aspect(),
                known.effort(),
                known.question(),
                c -> answer.apply(c).map(Identification.AspectAnswer::answer),
                (c, slug) ->
                        answer.apply(c).map(Identification.AspectAnswer::words).orElse(slug));
    }

    private static Optional<String> heat(PlatformCandidate construction) {
        return construction.fuels().isEmpty()
                ? Optional.empty()
                : Optional.of(construction.fuels().stream().anyMatch(Fuel::isGas) ? "gas" : "electricity");
    }

    /** The guesses of the tag as constructions, less those that what was looked at rules out. */
    List<PlatformCandidate> of(List<PlatformGuess> guesses, Set<String> inspected) {
        Map<String, List<PlatformGuess>> byPlatform = guesses.stream()
                .collect(Collectors.groupingBy(PlatformGuess::platform, LinkedHashMap::new, Collectors.toList()));
        List<PlatformCandidate> left = new ArrayList<>();
        byPlatform.forEach((name, of) -> catalog.platform(name)
                .map(platform -> construction(platform, of))
                .filter(c -> inspected.stream().allMatch(answer -> agrees(c, answer)))
                .ifPresent(left::add));
        double before =
                guesses.stream().mapToDouble(g -> g.probability().value()).sum();
        double after = left.stream().mapToDouble(c -> c.probability().value()).sum();
        return left.stream()
                .map(c -> after == 0 || inspected.isEmpty() ? c : scaled(c, Math.max(before, after) / after))
                .sorted(Comparator.comparingDouble(
                        (PlatformCandidate c) -> -c.probability().value()))
                .toList();
    }

    /** A construction that was chosen by name. */
    Optional<PlatformCandidate> named(@Nullable String platform) {
        return Optional.ofNullable(platform).flatMap(catalog::platform).map(p -> construction(p, List.of()));
    }

    private static PlatformCandidate scaled(PlatformCandidate c, double factor) {
        Probability probability =
                Probability.rounded(Math.min(1, c.probability().value() * factor));
        return new PlatformCandidate(c.platform(), probability, c.brands(), c.fuels(), c.layout());
    }

    private PlatformCandidate construction(Platform platform, List<PlatformGuess> guesses) {
        Set<Fuel> fuels = EnumSet.noneOf(Fuel.class);
        catalog.modelsOn(platform.platform()).stream()
                .map(Model::fuel)
                .filter(Objects::nonNull)
                .forEach(fuels::add);
        double probability =
                guesses.stream().mapToDouble(g -> g.probability().value()).sum();
        return new PlatformCandidate(
                platform,
                Probability.rounded(guesses.isEmpty() ? 1 : Math.min(1, probability)),
                guesses.stream().map(PlatformGuess::brand).toList(),
                fuels,
                Optional.ofNullable(packs.get(platform.appliance()))
                        .flatMap(p -> p.layout(platform.layout()))
                        .orElse(null));
    }

    private boolean agrees(PlatformCandidate construction, String answer) {
        int colon = answer.indexOf(':');
        return aspects.stream()
                .filter(aspect -> colon > 0 && aspect.name.equals(answer.substring(0, colon)))
                .allMatch(aspect -> aspect.of
                        .apply(construction)
                        .map(answer.substring(colon + 1)::equals)
                        .orElse(true));
    }

    /** The look that tells most for its trouble, when one is worth it. */
    Optional<DistinguishingQuestion> look(List<PlatformCandidate> constructions) {
        return aspects.stream()
                .map(aspect -> new Priced(look(aspect, constructions), aspect.effort))
                .filter(priced -> priced.look.expectedGainBits() >= WORTH_LOOKING_BITS)
                .reduce((a, b) -> b.worth() > a.worth() + 1e-9 ? b : a)
                .map(Priced::look);
    }

    private static DistinguishingQuestion look(Aspect aspect, List<PlatformCandidate> constructions) {
        Map<String, Double> chances = new LinkedHashMap<>();
        Map<String, String> words = new LinkedHashMap<>();
        for (PlatformCandidate construction : constructions) {
            aspect.of.apply(construction).ifPresent(answer -> {
                chances.merge(answer, construction.probability().value(), Double::sum);
                words.putIfAbsent(answer, aspect.words.apply(construction, answer));
            });
        }
        double total = chances.values().stream().mapToDouble(p -> p).sum();
        double bits = Entropy.bits(chances.values());
        List<DistinguishingQuestion.Answer> answers = chances.entrySet().stream()
                .sorted(Map.Entry.<String, Double>comparingByValue().reversed())
                .map(e -> new DistinguishingQuestion.Answer(aspect.name + ":" + e.getKey(), words.get(e.getKey())))
                .toList();
        return new DistinguishingQuestion(aspect.question, answers, chances.size() < 2 ? 0 : total * bits);
    }

    private static String layoutWords(PlatformCandidate construction, String layout) {
        String note = construction.platform().note();
        return Optional.ofNullable(construction.layout())
                .map(Layout::name)
                .orElse(note.isBlank() ? "layout " + layout : note);
    }
}
