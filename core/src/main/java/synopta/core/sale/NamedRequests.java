package synopta.core.sale;

import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import synopta.core.casefile.PartRequest;
import synopta.core.casefile.PartRequest.Place;
import synopta.core.diagnosis.Evidence;
import synopta.core.diagnosis.ParsedComplaint;
import synopta.core.identify.EvidenceCollector;
import synopta.core.identify.IdentifiedModel;
import synopta.core.knowledge.Layout;
import synopta.core.knowledge.Pack;
import synopta.core.line.PartRequestReader;

/**
 * Parts asked for by their names and by jobs: which can be sold as they were asked for, and what is to be asked of the
 * others.
 */
final class NamedRequests {
    private final Pack pack;
    private final Optional<MachineParts> machine;
    private final @Nullable Layout layout;
    private final List<PartRequest> requests;
    private final List<PartRequest> settled;

    /**
     * What was asked for by name in a complaint and is not struck out, and what its jobs take; a name beside the number of
     * such a part is the number's.
     */
    static NamedRequests of(
            Pack pack,
            Optional<MachineParts> machine,
            IdentifiedModel identified,
            EvidenceCollector evidence,
            JobRequests jobs) {
        Set<String> given = evidence.evidence().stream()
                .filter(e -> e.answer().equals("yes"))
                .map(Evidence::finding)
                .collect(Collectors.toSet());
        List<PartRequest> said = PartRequestReader.of(identified.line().complaint(), evidence.parsed());
        Set<String> byNumber = identified.typesByNumber();
        List<PartRequest> requests = Stream.concat(said.stream(), picked(pack, evidence.parsed(), given))
                .filter(request -> request.partTypes().stream().noneMatch(byNumber::contains))
                .map(request -> request.of(request.partTypes().stream()
                        .filter(type ->
                                given.contains(pack.partType(type).orElseThrow().requestFinding()))
                        .toList()))
                .filter(request -> !request.partTypes().isEmpty())
                .toList();
        return new NamedRequests(pack, machine, identified.layout(), jobs.with(requests));
    }

    /** What was asked for at the drawing, and not in words. */
    private static Stream<PartRequest> picked(Pack pack, ParsedComplaint parsed, Set<String> given) {
        Set<String> named = parsed.asked();
        return pack.partTypes().stream()
                .filter(type -> given.contains(type.requestFinding()) && !named.contains(type.slug()))
                .map(type -> PartRequest.picked(type.slug(), type.name()));
    }

    private NamedRequests(
            Pack pack, Optional<MachineParts> machine, @Nullable Layout layout, List<PartRequest> requests) {
        this.pack = pack;
        this.machine = machine;
        this.layout = layout;
        Set<String> met = new HashSet<>();
        this.requests = requests.stream()
                .map(NamedRequests::narrowed)
                .flatMap(this::each)
                .flatMap(this::ofKit)
                .filter(request -> met.addAll(request.partTypes()) || request.job() == null)
                .toList();
        settled = this.requests.stream().filter(this::isSettled).toList();
    }

    /** "Both filters" of two kinds are one of each; never of parts of which a machine takes one or the other. */
    private Stream<PartRequest> each(PartRequest request) {
        boolean isBoth = request.partTypes().size() == 2 && request.phrase().startsWith(PartRequestReader.BOTH);
        boolean isPlain = request.partTypes().stream()
                .noneMatch(type -> pack.partType(type).orElseThrow().licensed());
        return isBoth && isPlain ? request.partTypes().stream().map(request::held) : Stream.of(request);
    }

    /** A kit that the machine's page does not list is asked for as what it holds: the best purchase finds the kit. */
    private Stream<PartRequest> ofKit(PartRequest request) {
        List<PartRequest> contents = machine.filter(m -> !isOn(m, request)).stream()
                .flatMap(m -> request.partTypes().stream()
                        .flatMap(type -> pack.partType(type).stream())
                        .flatMap(type -> type.contains().stream())
                        .filter(held -> m.has(held)))
                .distinct()
                .map(request::held)
                .toList();
        return contents.isEmpty() ? Stream.of(request) : contents.stream();
    }

    /** A place may tell which of several parts is meant, as of an upper and a lower wash arm. */
    private static PartRequest narrowed(PartRequest request) {
        List<String> said = request.partTypes().stream()
                .filter(type -> request.places().stream().anyMatch(place -> isNamedFor(type, place)))
                .toList();
        return said.isEmpty() ? request : request.of(said);
    }

    /** Those of one meaning that the machine has, where its places need no question. */
    List<PartRequest> settled() {
        return settled;
    }

    /** Part types of the requests of one meaning. */
    List<String> types() {
        return requests.stream()
                .filter(request -> request.partTypes().size() == 1)
                .map(request -> request.partTypes().get(0))
                .toList();
    }

    private boolean isSettled(PartRequest request) {
        return request.partTypes().size() == 1
                && machine.filter(m -> isOn(m, request)).isPresent()
                && !isElsewhere(request)
                && !places(request).isOpen();
    }

    /** Whether the one part that a word means here is at the other end: "the top spray arm" of a machine with a lower one. */
    static boolean isElsewhere(PartRequest request) {
        return request.partTypes().size() == 1
                && Stream.of(Place.values())
                        .filter(place -> isNamedFor(request.partTypes().get(0), place))
                        .anyMatch(place -> request.places().contains(place.opposite())
                                && !request.places().contains(place));
    }

    private static boolean isNamedFor(String partType, Place place) {
        return Arrays.asList(partType.split("-")).contains(place.slug());
    }

    static boolean isOn(MachineParts machine, PartRequest request) {
        return request.partTypes().stream().anyMatch(type -> machine.has(type));
    }

    private RequestedPlaces places(PartRequest request) {
        return new RequestedPlaces(
                machine.map(m -> m.ofType(request.partTypes().get(0))).orElse(List.of()), layout, request);
    }

    /**
     * What became of each.
     *
     * @param needs what is needed, requests among it
     * @param isWithheld whether a part type is not sold to whoever does the work
     */
    List<RequestOutcome> outcomes(List<RequiredPart> needs, Predicate<String> isWithheld) {
        return new RequestOutcomes(pack, machine, layout).of(requests, needs, isWithheld);
    }
}
