package synopta.server.review;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Instant;
import java.util.List;
import synopta.core.outcome.ParameterRepository;
import synopta.core.review.LearningService;
import synopta.server.web.MayBeNull;

/** Wire records of what the cases teach. */
public final class LearningWire {
    private LearningWire() {}

    /** What may be learned, from so many cases, and what was; `version` is the one in force, 0 for the packs as they ship. */
    public record LearningAnswer(
            int cases, int version, List<LearningService.Suggested> proposals, List<VersionWire> versions) {}

    /** A version; `like` is the earlier one it goes back to. */
    public record VersionWire(
            int version, Instant at, String by, @MayBeNull Integer like, int figures) {
        static VersionWire of(ParameterRepository.Version version) {
            return new VersionWire(
                    version.number(),
                    version.at(),
                    version.by(),
                    version.like(),
                    version.figures().size());
        }
    }

    /** Which figure. */
    public record LearntFigureWire(
            @NotBlank @Size(max = 20) String kind,
            @MayBeNull @Size(max = 20) String appliance,
            @NotBlank @Size(max = 400) String subject) {}

    /** Figures to accept or decline. */
    public record DecideRequest(@NotEmpty @Size(max = 5000) List<@Valid LearntFigureWire> figures) {}

    /** The version to go back to, 0 for the packs as they ship. */
    public record BackRequest(@NotNull Integer version) {}
}
