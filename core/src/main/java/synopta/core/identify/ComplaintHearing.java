package synopta.core.identify;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import synopta.core.catalog.Appliance;
import synopta.core.catalog.Catalog;
import synopta.core.diagnosis.Diagnoser;
import synopta.core.diagnosis.ParsedComplaint;
import synopta.core.knowledge.Pack;
import synopta.core.line.ParsedLine;
import synopta.core.line.RequestedPart;
import synopta.core.line.UncoveredAppliances;

/** Hears a complaint by the pack of its appliance; where nobody says which it is, by what is asked for or best understood. */
final class ComplaintHearing {
    /** Lines that are being worked on: each is heard again with every answer given. */
    private static final int RECENT = 500;

    private final Catalog catalog;
    private final Map<Appliance, Pack> packs;
    private final Map<Appliance, Diagnoser> diagnosers;
    private final Cache<Complaint, Heard> recent =
            Caffeine.newBuilder().maximumSize(RECENT).build();

    /** What is heard hangs on nothing else, as long as the packs stay. */
    private record Complaint(@Nullable Appliance appliance, String words) {}

    ComplaintHearing(Catalog catalog, Map<Appliance, Pack> packs, Map<Appliance, Diagnoser> diagnosers) {
        this.catalog = catalog;
        this.packs = packs;
        this.diagnosers = diagnosers;
    }

    /**
     * What is heard, unless it is about an appliance that is not covered.
     *
     * @param said the whole line
     * @param stated what the model, the platform or the caller says it is; null: nothing
     * @param isListed whether model or platform is known
     */
    Heard of(String said, ParsedLine line, @Nullable Appliance stated, List<RequestedPart> parts, boolean isListed) {
        boolean isStated = stated != null && stated != line.appliance();
        String notCovered = UncoveredAppliances.in(said, isListed || isStated);
        if (notCovered != null) {
            return new Heard(stated, ParsedComplaint.NOTHING, notCovered);
        }
        Appliance meant = stated != null ? stated : guess(parts).orElse(null);
        return recent.get(new Complaint(meant, line.complaint()), this::heard);
    }

    /** The appliance that a part asked for by its number goes into: the only one with such parts, or where it is listed. */
    private Optional<Appliance> guess(List<RequestedPart> parts) {
        for (RequestedPart asked : parts) {
            List<Appliance> with = packs.entrySet().stream()
                    .filter(e -> e.getValue().partType(asked.part().partType()).isPresent())
                    .map(Map.Entry::getKey)
                    .toList();
            Optional<Appliance> meant = with.size() == 1
                    ? Optional.of(with.get(0))
                    : catalog.taking(asked.part().number(), null, "", 1).stream()
                            .map(taking -> taking.model().appliance())
                            .findFirst();
            if (meant.isPresent()) {
                return meant;
            }
        }
        return Optional.empty();
    }

    /** A complaint as the pack of an appliance hears it; the appliance is empty when no pack understands anything. */
    record Heard(
            @Nullable Appliance appliance,
            ParsedComplaint parsed,
            @Nullable String notCovered) {
        Heard(@Nullable Appliance appliance, ParsedComplaint parsed) {
            this(appliance, parsed, null);
        }
    }

    private Heard heard(Complaint complaint) {
        return complaint.appliance == null ? guess(complaint.words) : heard(complaint.appliance, complaint.words);
    }

    private Heard heard(Appliance appliance, String complaint) {
        return new Heard(
                appliance,
                Optional.ofNullable(diagnosers.get(appliance))
                        .map(d -> d.hear(complaint))
                        .orElse(ParsedComplaint.NOTHING));
    }

    /** The complaint as the pack hears it that understands most of it, when one does. */
    private Heard guess(String complaint) {
        return diagnosers.entrySet().stream()
                .map(e -> new Heard(e.getKey(), e.getValue().phrases(complaint)))
                .filter(heard -> heard.parsed.understood() > 0)
                .max(Comparator.comparingInt(heard -> heard.parsed.understood()))
                .map(most ->
                        new Heard(most.appliance, diagnosers.get(most.appliance).heard(complaint, most.parsed)))
                .orElse(new Heard(null, ParsedComplaint.NOTHING));
    }
}
