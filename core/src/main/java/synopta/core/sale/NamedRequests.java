package synopta.core.sale;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import synopta.core.casefile.PartRequest;
import synopta.core.catalog.Part;
import synopta.core.catalog.PartNumber;
import synopta.core.diagnosis.Evidence;
import synopta.core.diagnosis.ParsedComplaint;
import synopta.core.identify.EvidenceCollector;
import synopta.core.identify.IdentifiedModel;
import synopta.core.knowledge.Layout;
import synopta.core.knowledge.Pack;
import synopta.core.knowledge.PartType;
import synopta.core.line.MisreadPart;
import synopta.core.line.PartRequestReader;
import synopta.core.sale.RequestOutcome.Status;

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
        Set<String> named = parsed.named().stream()
                .filter(n -> n.how() == ParsedComplaint.Named.How.ASKED)
                .flatMap(n -> n.partTypes().stream())
                .collect(Collectors.toSet());
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
                        .filter(held -> !m.ofType(held).isEmpty()))
                .distinct()
                .map(request::held)
                .toList();
        return contents.isEmpty() ? Stream.of(request) : contents.stream();
    }

    /** A place may tell which of several parts is meant, as of an upper and a lower wash arm. */
    private static PartRequest narrowed(PartRequest request) {
        List<String> said = request.partTypes().stream()
                .filter(type -> request.places().stream()
                        .anyMatch(place -> Arrays.asList(type.split("-")).contains(place.slug())))
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
                && !places(request).isOpen();
    }

    private static boolean isOn(MachineParts machine, PartRequest request) {
        return request.partTypes().stream()
                .anyMatch(type -> !machine.ofType(type).isEmpty());
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
        return requests.stream()
                .map(request -> outcome(request, needs, isWithheld))
                .toList();
    }

    private RequestOutcome outcome(PartRequest request, List<RequiredPart> needs, Predicate<String> isWithheld) {
        String type = request.partTypes().get(0);
        if (request.partTypes().size() > 1) {
            return of(request, Status.WHICH_ONE, "Which is meant: %s?".formatted(names(request.partTypes())));
        }
        if (isWithheld.test(type)) {
            return of(request, Status.NOT_TO_THIS_PERSON, "Only a licensed technician may fit it.");
        }
        if (machine.isEmpty()) {
            return of(
                    request,
                    Status.NO_NUMBER,
                    "The model is not known, so no part number is: read the tag, or choose a model or construction.");
        }
        if (!isOn(machine.get(), request)) {
            return of(
                    request,
                    Status.NOT_ON_THIS_MACHINE,
                    "The catalog lists no %s for this machine.".formatted(names(request.partTypes())));
        }
        if (places(request).isOpen()) {
            return of(request, Status.WHICH_ONE, "The numbers differ by place: %s?".formatted(slots(request)));
        }
        return sold(request, needs);
    }

    private RequestOutcome sold(PartRequest request, List<RequiredPart> needs) {
        List<RequiredPart> its = needs.stream()
                .filter(need -> need.partType().equals(request.partTypes().get(0)))
                .toList();
        return its.stream()
                .filter(need -> need.supplied() != null)
                .findFirst()
                .map(need -> need.quantity() > 0
                        ? of(request, Status.IN_BAG, said(request))
                        : of(request, Status.WHICH_ONE, "Not in the bag yet."))
                .orElseGet(() -> its.stream()
                        .findFirst()
                        .map(open -> of(request, statusOf(open), settledBy(open)))
                        .orElseGet(() -> of(request, Status.NO_NUMBER, "No number is made for it any more.")));
    }

    private static Status statusOf(RequiredPart open) {
        return open.verdict()
                .fold(
                        fits -> Status.NO_NUMBER,
                        depends -> Status.WHICH_ONE,
                        not -> Status.NOT_ON_THIS_MACHINE,
                        unknown -> Status.NO_NUMBER);
    }

    /** What settles an open verdict, or why there is none. */
    private static String settledBy(RequiredPart open) {
        return open.verdict()
                .fold(
                        fits -> lastOf(open),
                        depends -> switch (depends.ask()) {
                            case SERIAL -> "The number depends on the serial number: read it off the tag.";
                            case BUILT ->
                                "The number depends on when the machine was built: ask for the age or the serial number.";
                            case MODEL -> "The number depends on the model: read the tag.";
                        },
                        not -> lastOf(open),
                        unknown -> lastOf(open));
    }

    private static String lastOf(RequiredPart need) {
        List<String> reasons = need.verdict().reasons();
        return reasons.isEmpty() ? need.why() : reasons.get(reasons.size() - 1) + ".";
    }

    /** What the bag has of it, where the caller named a place that the machine does not tell apart. */
    private String said(PartRequest request) {
        RequestedPlaces places = places(request);
        boolean isOneForAll = !request.places().isEmpty() && !places.tellsApart();
        return isOneForAll ? "One number for all places." : Objects.requireNonNullElse(request.job(), "As requested.");
    }

    private String names(List<String> types) {
        return types.stream()
                .map(type -> pack.partType(type).map(PartType::name).orElse(type))
                .map(name -> name.toLowerCase(Locale.ROOT))
                .collect(Collectors.joining(", "));
    }

    private String slots(PartRequest request) {
        return places(request).meant().stream()
                .sorted()
                .map(slot -> layout == null
                        ? slot
                        : layout.place(slot).map(Layout.Place::name).orElse(slot))
                .collect(Collectors.joining(", "));
    }

    private static RequestOutcome of(PartRequest request, Status status, String why) {
        return new RequestOutcome(request.partTypes().get(0), request.phrase(), status, why);
    }

    /** What became of parts that were asked for by their numbers, and of numbers that no part has. */
    static List<RequestOutcome> byNumber(List<RequiredPart> asked, List<MisreadPart> misread) {
        List<RequestOutcome> outcomes = new ArrayList<>();
        Set<String> met = new HashSet<>();
        for (RequiredPart need : asked) {
            if (met.add(need.listed().key())) {
                Status status = need.supplied() == null ? statusOf(need) : Status.IN_BAG;
                outcomes.add(new RequestOutcome(need.partType(), need.listed().written(), status, lastOf(need)));
            }
        }
        misread.forEach(number -> outcomes.add(unknown(number)));
        return outcomes;
    }

    private static RequestOutcome unknown(MisreadPart number) {
        List<PartNumber> closest = number.closest().stream().map(Part::number).toList();
        String type = number.closest().stream().map(Part::partType).findFirst().orElse("");
        return closest.isEmpty()
                ? new RequestOutcome(
                        type,
                        number.text(),
                        Status.NO_NUMBER,
                        "No part in the catalog has this number: read it again, or name the part and the model.")
                : new RequestOutcome(
                        type,
                        number.text(),
                        Status.WHICH_ONE,
                        "No part has this number. One character differs:",
                        closest,
                        null);
    }
}
