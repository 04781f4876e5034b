package synopta.server.review;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Instant;
import java.util.List;
import synopta.core.catalog.Appliance;
import synopta.core.outcome.ParameterKind;
import synopta.core.outcome.ParameterRepository;
import synopta.core.outcome.Proposal;
import synopta.core.review.LearningService;
import synopta.server.web.MayBeNull;

/** Wire records of what the cases teach. */
public final class LearningWire {
    private LearningWire() {}

    /** What may be learned, from so many cases, and what was; `version` is the one in force, 0 for the packs as they ship. */
    public record LearningAnswer(int cases, int version, List<ProposalWire> proposals, List<VersionWire> versions) {}

    /**
     * A figure of a pack, or with no appliance of reading tags; `kind` is `link`, `leak`, `rate`, `life`, `sensitivity`,
     * `specificity`, `minutes`, `confusion`, `slip` or `popularity`. `before` is what ships, `after` what the cases make of it,
     * `low` and `high` where it lies 95 times in 100; `seenIn` and `others` the last cases behind it; `inForce` what was
     * accepted earlier; `declined` where somebody did not want it.
     */
    public record ProposalWire(
            ParameterKind kind,
            @MayBeNull Appliance appliance,
            String subject,
            String words,
            double before,
            double after,
            double low,
            double high,
            int seen,
            int of,
            List<Long> seenIn,
            List<Long> others,
            boolean telling,
            @MayBeNull Double inForce,
            @MayBeNull DeclinedWire declined) {
        static ProposalWire of(LearningService.Suggested suggested) {
            Proposal p = suggested.proposal();
            return new ProposalWire(
                    p.kind(),
                    p.appliance().orElse(null),
                    p.subject(),
                    p.words(),
                    p.before(),
                    p.after(),
                    p.interval().low(),
                    p.interval().high(),
                    p.support().seen(),
                    p.support().of(),
                    p.support().seenIn(),
                    p.support().others(),
                    p.isTelling(),
                    suggested.now().isPresent() ? suggested.now().getAsDouble() : null,
                    suggested.declined().map(DeclinedWire::of).orElse(null));
        }
    }

    /** Who did not want a proposal, and when. */
    public record DeclinedWire(String by, Instant at) {
        static DeclinedWire of(ParameterRepository.Declined declined) {
            return new DeclinedWire(declined.by(), declined.at());
        }
    }

    /** A version; `like` is the earlier one it goes back to. */
    public record VersionWire(
            int version, Instant at, String by, @MayBeNull Integer like, int figures) {
        static VersionWire of(ParameterRepository.Version version) {
            return new VersionWire(
                    version.number(),
                    version.at(),
                    version.by(),
                    version.like().orElse(null),
                    version.figures().size());
        }
    }

    /** Which figure. */
    public record LearntFigureWire(
            @NotBlank @Size(max = 20) String kind,
            @MayBeNull @Size(max = 20) String appliance,
            @NotBlank @Size(max = 400) String subject) {}

    /** Figures to accept or decline, and who decides. */
    public record DecideRequest(
            @NotNull @Size(max = 80) String by,
            @NotEmpty @Size(max = 5000) List<@Valid LearntFigureWire> figures) {}

    /** The version to go back to, 0 for the packs as they ship, and who decides. */
    public record BackRequest(
            @NotNull @Size(max = 80) String by, @NotNull Integer version) {}

    /** A figure that differs between two versions; null where the pack's own is in force. */
    public record DifferingWire(
            ParameterKind kind,
            @MayBeNull String appliance,
            String subject,
            String words,
            @MayBeNull Double first,
            @MayBeNull Double second) {}
}
