package synopta.core.sale;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import synopta.core.casefile.PartRequest;
import synopta.core.catalog.Part;
import synopta.core.catalog.PartNumber;
import synopta.core.knowledge.Layout;
import synopta.core.knowledge.Pack;
import synopta.core.knowledge.PartType;
import synopta.core.line.MisreadPart;
import synopta.core.sale.RequestOutcome.Status;

/**
 * What became of requests: in the bag, or what is to be asked, and why.
 *
 * @param machine parts of the machine; empty while nothing is known of it
 * @param layout names the places; null while it is not known
 */
record RequestOutcomes(
        Pack pack, Optional<MachineParts> machine, @Nullable Layout layout) {
    /**
     * What became of each.
     *
     * @param needs what is needed, requests among it
     * @param isWithheld whether a part type is not sold to whoever does the work
     */
    List<RequestOutcome> of(List<PartRequest> requests, List<RequiredPart> needs, Predicate<String> isWithheld) {
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
        return open(request).orElseGet(() -> sold(request, needs));
    }

    /** What is to be asked of a request for this machine, or that it has no such part. */
    private Optional<RequestOutcome> open(PartRequest request) {
        String names = names(request.partTypes());
        if (NamedRequests.isElsewhere(request)) {
            return Optional.of(
                    of(request, Status.WHICH_ONE, "This machine has only the %s. Is it meant?".formatted(names))
                            .at(places(request).open()));
        }
        if (!NamedRequests.isOn(machine.orElseThrow(), request)) {
            return Optional.of(of(
                    request, Status.NOT_ON_THIS_MACHINE, "The catalog lists no %s for this machine.".formatted(names)));
        }
        return places(request).isOpen()
                ? Optional.of(of(request, Status.WHICH_ONE, "The numbers differ by place. Which one?")
                        .at(places(request).open()))
                : Optional.empty();
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
                        List.of(),
                        null);
    }

    private RequestedPlaces places(PartRequest request) {
        return new RequestedPlaces(
                machine.map(m -> m.ofType(request.partTypes().get(0))).orElse(List.of()), layout, request);
    }
}
