package synopta.server.review;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import synopta.core.catalog.Appliance;
import synopta.core.catalog.Fuel;
import synopta.core.catalog.PartNumber;
import synopta.core.knowledge.Fault;
import synopta.core.knowledge.Layout;
import synopta.core.knowledge.Pack;
import synopta.core.outcome.Outcome;
import synopta.core.record.CaseContent;
import synopta.core.record.CaseRecord;
import synopta.core.record.CaseSnapshot;
import synopta.server.web.MayBeNull;

/** Wire records of outcomes. */
public final class OutcomeWire {
    private OutcomeWire() {}

    /** The outcome of a case; `fault` is an id of the pack, null while it is unknown. */
    public record OutcomeFields(
            @MayBeNull @Size(max = 120) String fault,
            @NotNull Boolean fixed,
            @MayBeNull Integer minutes,
            @MayBeNull @Size(max = 2000) String note,
            @MayBeNull @Size(max = 100) List<@Valid ReturnWire> returns) {
        Outcome outcome(Instant now, String by) {
            return new Outcome(
                    now,
                    by,
                    words(fault).orElse(null),
                    fixed,
                    minutes,
                    returns == null
                            ? List.of()
                            : returns.stream()
                                    .map(r -> new Outcome.Return(
                                            new PartNumber(r.part()), r.quantity(), Outcome.Reason.of(r.reason())))
                                    .toList(),
                    words(note).orElse(null));
        }

        private static Optional<String> words(String text) {
            return Optional.ofNullable(text).map(String::strip).filter(words -> !words.isEmpty());
        }
    }

    /**
     * So many pieces that came back; `reason` is `wrong-machine`, `wrong-diagnosis`, `wrong-part`, `changed-mind`, `damaged`
     * or `right-part-thought-wrong`.
     */
    public record ReturnWire(
            @NotBlank @Size(max = 80) String part,
            @NotNull Integer quantity,
            @NotBlank String reason) {}

    /** An entry; the last of a case counts. */
    public record OutcomeEntry(
            Instant toldAt,
            @MayBeNull String by,
            @MayBeNull String fault,
            @MayBeNull String faultName,
            boolean fixed,
            @MayBeNull Integer minutes,
            @MayBeNull String note,
            List<Outcome.Return> returns) {
        static OutcomeEntry of(Outcome outcome, @Nullable Pack pack) {
            return new OutcomeEntry(
                    outcome.at(),
                    outcome.by(),
                    outcome.fault(),
                    Optional.ofNullable(outcome.fault())
                            .flatMap(id -> Optional.ofNullable(pack).flatMap(p -> p.fault(id)))
                            .map(Fault::name)
                            .orElse(null),
                    outcome.fixed(),
                    outcome.minutes(),
                    outcome.note(),
                    outcome.returns());
        }
    }

    /**
     * A fault to choose: of the suspects with what was said of it, the likeliest first, then all others that such a machine
     * may have. `slot` where it is of one place alone.
     */
    public record FaultChoice(
            String fault,
            String name,
            String partType,
            @MayBeNull String slot,
            @MayBeNull Double probability) {
        static List<FaultChoice> of(CaseSnapshot snapshot, @Nullable Pack pack) {
            List<FaultChoice> choices = new ArrayList<>();
            List<Fault> faults = Optional.ofNullable(pack).map(Pack::faults).orElse(List.of());
            for (CaseSnapshot.Leaning leaning : snapshot.suspects()) {
                faults.stream()
                        .filter(f -> f.id().equals(leaning.fault()))
                        .forEach(f -> choices.add(of(f, leaning.probability())));
            }
            Optional<Layout> layout = Optional.ofNullable(pack)
                    .flatMap(p -> Optional.ofNullable(snapshot.layout()).flatMap(p::layout));
            faults.stream()
                    .filter(f -> choices.stream().noneMatch(c -> c.fault.equals(f.id())))
                    .filter(f -> layout.map(l -> snapshot.fuels().stream().anyMatch(fuel -> l.allows(f, fuel)))
                            .orElse(true))
                    .forEach(f -> choices.add(of(f, null)));
            return choices;
        }

        private static FaultChoice of(Fault fault, Double probability) {
            return new FaultChoice(fault.id(), fault.name(), fault.partType(), fault.slot(), probability);
        }
    }

    /** A case, its entries and what may be chosen; `layout` where it is known how the machine is built. */
    public record OutcomeAnswer(
            long number,
            CaseContent.Status status,
            FollowedWire about,
            @MayBeNull String layout,
            List<Fuel> fuels,
            List<OutcomeEntry> entries,
            List<FaultChoice> choices) {
        static OutcomeAnswer of(CaseRecord record, List<Outcome> entries, @Nullable Pack pack) {
            CaseSnapshot snapshot = record.snapshot();
            return new OutcomeAnswer(
                    record.number(),
                    record.content().status(),
                    FollowedWire.of(record),
                    snapshot.layout(),
                    snapshot.fuels().stream().sorted().toList(),
                    entries.stream().map(entry -> OutcomeEntry.of(entry, pack)).toList(),
                    FaultChoice.of(snapshot, pack));
        }
    }

    /** A case in short, as it is asked after. */
    public record FollowedWire(
            long number,
            Instant createdAt,
            String line,
            @MayBeNull String model,
            @MayBeNull String specialist,
            @MayBeNull Appliance appliance,
            List<CaseContent.Line> lines) {
        static FollowedWire of(CaseRecord record) {
            CaseContent content = record.content();
            return new FollowedWire(
                    record.number(),
                    record.createdAt(),
                    content.input().line(),
                    Optional.ofNullable(content.input().model())
                            .map(m -> m.written())
                            .orElse(null),
                    content.specialist(),
                    record.snapshot().appliance(),
                    content.lines());
        }
    }
}
