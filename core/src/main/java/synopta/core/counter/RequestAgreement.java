package synopta.core.counter;

import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import synopta.core.catalog.Catalog;
import synopta.core.catalog.PartNumber;
import synopta.core.diagnosis.Diagnosis;
import synopta.core.diagnosis.Suspect;
import synopta.core.identify.EvidenceCollector;
import synopta.core.knowledge.Fault;
import synopta.core.knowledge.HouseSettings;
import synopta.core.knowledge.Pack;
import synopta.core.knowledge.PartType;
import synopta.core.knowledge.UnlikelyRequest;
import synopta.core.quantity.Probability;
import synopta.core.sale.JobPlan;
import synopta.core.sale.RequestOutcome;
import synopta.core.sale.RequiredPart;
import synopta.core.sale.SalePlan;

/** What the symptoms say about requests: said once beside each; the practice of the house decides what comes of it. */
final class RequestAgreement {
    /** From here on the symptoms point to a part. */
    private static final double POINTS_TO = 0.5;

    /** Below this a part is unlikely to be the cause. */
    private static final double UNLIKELY = 0.1;

    /** A suspect that is less likely than this is no answer to a request. */
    private static final double WORTH_NAMING = 0.2;

    private static final double PERCENT = 100;

    private final Catalog catalog;
    private final Pack pack;
    private final Diagnosis diagnosis;
    private final UnlikelyRequest practice;
    private final boolean hasSymptoms;
    private final Set<String> named;

    RequestAgreement(Catalog catalog, Pack pack, Diagnosis diagnosis, EvidenceCollector evidence, HouseSettings rules) {
        this.catalog = catalog;
        this.pack = pack;
        this.diagnosis = diagnosis;
        practice = rules.practices().unlikelyRequests();
        Set<String> requests =
                pack.partTypes().stream().map(PartType::requestFinding).collect(Collectors.toSet());
        hasSymptoms = evidence.evidence().stream()
                .anyMatch(given -> !requests.contains(given.finding())
                        && !pack.finding(given.finding()).orElseThrow().isOfConstruction());
        named = evidence.parsed().asked();
    }

    /** Part types asked for by name that the symptoms speak against, where the house asks first. */
    Set<String> askedFirst() {
        return practice == UnlikelyRequest.ASKED_FIRST && hasSymptoms
                ? named.stream()
                        .filter(type -> against(type, named).isPresent())
                        .collect(Collectors.toSet())
                : Set.of();
    }

    /** The plan with what the symptoms say about each named part, not of what a job takes; the same where none were told. */
    SalePlan with(SalePlan sale) {
        if (!hasSymptoms) {
            return sale;
        }
        Set<String> requested =
                sale.requests().stream().map(RequestOutcome::partType).collect(Collectors.toSet());
        Set<String> jobs = sale.jobs().stream().map(JobPlan::phrase).collect(Collectors.toSet());
        return sale.with(sale.requests().stream()
                .map(request ->
                        jobs.contains(request.phrase()) ? request : request.with(said(sale, request, requested)))
                .toList());
    }

    private @Nullable String said(SalePlan sale, RequestOutcome request, Set<String> requested) {
        double probability = likely(request.partType());
        if (probability >= POINTS_TO) {
            return "The symptoms point there too, %s.".formatted(percent(probability));
        }
        return practice == UnlikelyRequest.SOLD
                ? null
                : against(request.partType(), requested)
                        .map(said -> said + terms(sale, request.partType()))
                        .orElse(null);
    }

    /** Nothing where the symptoms point to another part that is asked for. */
    private Optional<String> against(String partType, Set<String> requested) {
        double probability = likely(partType);
        return diagnosis.suspects().stream()
                .filter(suspect ->
                        probability < UNLIKELY && suspect.probability().value() >= WORTH_NAMING)
                .findFirst()
                .map(Suspect::fault)
                .map(Fault::partType)
                .flatMap(pack::partType)
                .filter(type -> !requested.contains(type.slug()))
                .map(type -> "Unlikely to cure it, %s: the symptoms point to the %s, %s."
                        .formatted(
                                percent(probability),
                                type.name().toLowerCase(Locale.ROOT),
                                percent(likely(type.slug()))));
    }

    /** What it costs to be wrong. */
    private String terms(SalePlan sale, String partType) {
        return sale.needs().stream()
                .filter(need -> need.partType().equals(partType))
                .map(RequiredPart::supplied)
                .flatMap(Stream::ofNullable)
                .findFirst()
                .flatMap(this::terms)
                .orElse("");
    }

    private Optional<String> terms(PartNumber part) {
        return catalog.part(part)
                .flatMap(listed -> catalog.price(part)
                        .map(price -> " It costs %s and can%s be returned."
                                .formatted(price.decimal(), listed.returnable() ? "" : "not")));
    }

    private double likely(String partType) {
        return diagnosis.parts().getOrDefault(partType, new Probability(0)).value();
    }

    private static String percent(double probability) {
        return "%.0f %%".formatted(probability * PERCENT);
    }
}
