package synopta.server.tag;

import com.fasterxml.jackson.annotation.JsonUnwrapped;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import synopta.core.catalog.Appliance;
import synopta.core.tag.Candidate;
import synopta.core.tag.PlatformGuess;
import synopta.core.tag.Recheck;
import synopta.core.tag.RecheckAdvice;
import synopta.core.tag.TagQuery;
import synopta.core.tag.TagReading;
import synopta.server.web.MayBeNull;
import synopta.server.web.ModelLine;

/** Wire records of reading a tag. */
public final class TagWire {
    private static final int CANDIDATES = 5;

    private TagWire() {}

    /** A reading to interpret. */
    public record TagRequest(
            @NotNull @Size(max = 2000) String text,
            @MayBeNull @Size(max = 80) String brand,
            @MayBeNull String appliance,
            @MayBeNull @Min(1) @Max(1000) Integer limit,
            @MayBeNull @Size(max = 40) List<@Valid RecheckWire> rechecked) {
        TagQuery query() {
            return new TagQuery(
                    text,
                    Optional.ofNullable(brand).filter(b -> !b.isBlank()).orElse(null),
                    Optional.ofNullable(appliance).map(Appliance::of).orElse(null),
                    Set.of(),
                    rechecks(rechecked),
                    limit == null ? CANDIDATES : limit);
        }
    }

    /** A place that was read again, and what stands there; "" for nothing. */
    public record RecheckWire(
            @NotNull Integer position,
            @NotNull @Size(max = 1) String character) {
        private Recheck recheck() {
            return new Recheck(position, character.isEmpty() ? null : Character.toUpperCase(character.charAt(0)));
        }
    }

    /** Rechecks of a request; none when the field is missing. */
    public static List<Recheck> rechecks(List<RecheckWire> wires) {
        return wires == null
                ? List.of()
                : wires.stream().map(RecheckWire::recheck).toList();
    }

    /** What the reading may mean. */
    public record TagAnswer(
            String normalized,
            List<CandidateWire> candidates,
            double unlisted,
            double leftOut,
            List<PlatformGuess> platforms,
            @MayBeNull RecheckAdvice recheck) {
        /** The wire form of a reading. */
        public static TagAnswer of(TagReading reading) {
            return new TagAnswer(
                    reading.normalized(),
                    reading.candidates().stream().map(CandidateWire::of).toList(),
                    reading.unlisted().value(),
                    reading.leftOut(),
                    reading.platforms(),
                    reading.readAgain());
        }
    }

    /** A model it may be. */
    public record CandidateWire(@JsonUnwrapped ModelLine model, double probability, List<DifferenceWire> differences) {
        static CandidateWire of(Candidate candidate) {
            return new CandidateWire(
                    ModelLine.of(candidate.model()),
                    candidate.probability().value(),
                    candidate.differences().stream()
                            .map(d -> new DifferenceWire(
                                    d.position(),
                                    Optional.ofNullable(d.typed())
                                            .map(String::valueOf)
                                            .orElse(""),
                                    Optional.ofNullable(d.listed())
                                            .map(String::valueOf)
                                            .orElse("")))
                            .toList());
        }
    }

    /** Where reading and model differ. */
    public record DifferenceWire(int position, String typed, String catalogue) {}
}
