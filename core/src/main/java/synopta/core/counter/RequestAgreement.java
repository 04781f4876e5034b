package synopta.core.counter;

import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import synopta.core.diagnosis.Diagnosis;
import synopta.core.diagnosis.Evidence;
import synopta.core.diagnosis.Suspect;
import synopta.core.knowledge.Pack;
import synopta.core.knowledge.PartType;
import synopta.core.quantity.Probability;
import synopta.core.sale.RequestOutcome;
import synopta.core.sale.SalePlan;

/** What the symptoms say about requests: said once beside each, it keeps nothing out of the bag. */
final class RequestAgreement {
    /** From here on the symptoms point to a part. */
    private static final double POINTS_TO = 0.5;

    /** Below this a part is unlikely to be the cause. */
    private static final double UNLIKELY = 0.1;

    private static final double PERCENT = 100;

    private final Pack pack;
    private final Diagnosis diagnosis;
    private final boolean hasSymptoms;

    RequestAgreement(Pack pack, Diagnosis diagnosis, List<Evidence> evidence) {
        this.pack = pack;
        this.diagnosis = diagnosis;
        Set<String> requests =
                pack.partTypes().stream().map(PartType::requestFinding).collect(Collectors.toSet());
        hasSymptoms = evidence.stream()
                .map(Evidence::finding)
                .anyMatch(finding -> !requests.contains(finding)
                        && !pack.finding(finding).orElseThrow().isOfConstruction());
    }

    /** The plan with what the symptoms say about each request; the same where none were told. */
    SalePlan with(SalePlan sale) {
        if (!hasSymptoms) {
            return sale;
        }
        Set<String> requested =
                sale.requests().stream().map(RequestOutcome::partType).collect(Collectors.toSet());
        return sale.with(sale.requests().stream()
                .map(request -> request.with(said(request.partType(), requested)))
                .toList());
    }

    /** Nothing where the symptoms point to another part that is asked for. */
    private @Nullable String said(String partType, Set<String> requested) {
        double probability = likely(partType);
        if (probability >= POINTS_TO) {
            return "The symptoms point there too, %s.".formatted(percent(probability));
        }
        return diagnosis.suspects().stream()
                .filter(suspect ->
                        probability < UNLIKELY && suspect.probability().value() > probability)
                .findFirst()
                .map(Suspect::fault)
                .flatMap(fault -> pack.partType(fault.partType()))
                .filter(type -> !requested.contains(type.slug()))
                .map(type -> "Unlikely to cure it, %s: the symptoms point to the %s, %s."
                        .formatted(
                                percent(probability),
                                type.name().toLowerCase(Locale.ROOT),
                                percent(likely(type.slug()))))
                .orElse(null);
    }

    private double likely(String partType) {
        return diagnosis.parts().getOrDefault(partType, new Probability(0)).value();
    }

    private static String percent(double probability) {
        return "%.0f %%".formatted(probability * PERCENT);
    }
}
