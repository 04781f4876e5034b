package synopta.server.record;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import synopta.core.casefile.KnownFact;
import synopta.core.knowledge.Fault;
import synopta.core.knowledge.Hazard;
import synopta.core.knowledge.Pack;
import synopta.core.order.Quote;
import synopta.core.record.CaseContent;
import synopta.core.record.CaseSnapshot;
import synopta.core.record.FieldChange;
import synopta.core.record.Revision;
import synopta.server.web.MayBeNull;

/** A revision of a case: what differs from the one before, and how the case stood then. */
public record RevisionWire(
        long revision,
        Instant changedAt,
        String line,
        @MayBeNull String specialist,
        CaseContent.Status status,
        List<FieldChange> changes,
        List<KnownFact> known,
        List<LeaningWire> suspects,
        @MayBeNull String action,
        @MayBeNull String why,
        List<CaseSnapshot.Rule> rules,
        List<CaseContent.Line> lines,
        List<WarnedWire> cautions,
        @MayBeNull String readTo,
        List<QuotedWire> quotes) {
    static RevisionWire of(Revision revision, @Nullable Pack pack) {
        CaseContent content = revision.record().content();
        CaseSnapshot snapshot = revision.record().snapshot();
        return new RevisionWire(
                revision.record().revision(),
                revision.record().changedAt(),
                content.input().line(),
                content.specialist(),
                content.status(),
                revision.changes(),
                snapshot.known(),
                snapshot.suspects().stream().map(s -> LeaningWire.of(s, pack)).toList(),
                Optional.ofNullable(snapshot.advice())
                        .map(CaseSnapshot.Advised::action)
                        .orElse(null),
                Optional.ofNullable(snapshot.advice())
                        .map(CaseSnapshot.Advised::why)
                        .orElse(null),
                snapshot.rules(),
                content.lines(),
                snapshot.cautions().stream()
                        .map(c -> WarnedWire.of(c, content.cautionsShown()))
                        .toList(),
                content.readTo(),
                revision.quotes().stream().map(QuotedWire::of).toList());
    }

    /** A suspect, and how likely it was; its name is that of the pack as it is now. */
    public record LeaningWire(String fault, @MayBeNull String name, String partType, double probability) {
        static LeaningWire of(CaseSnapshot.Leaning leaning, @Nullable Pack pack) {
            return new LeaningWire(
                    leaning.fault(),
                    Optional.ofNullable(pack)
                            .flatMap(p -> p.fault(leaning.fault()))
                            .map(Fault::name)
                            .orElse(null),
                    leaning.partType(),
                    leaning.probability());
        }
    }

    /** A caution in the words of that day, and whether it was shown. */
    public record WarnedWire(Hazard hazard, String text, boolean shown) {
        static WarnedWire of(CaseSnapshot.Warned caution, Set<Hazard> shown) {
            return new WarnedWire(caution.hazard(), caution.text(), shown.contains(caution.hazard()));
        }
    }

    /** A quote that was written while the case stood so. */
    public record QuotedWire(long number, Instant createdAt, String total, String currency) {
        static QuotedWire of(Quote quote) {
            return new QuotedWire(
                    quote.number(),
                    quote.createdAt(),
                    quote.sum().total().decimal(),
                    quote.sum().total().currency());
        }
    }
}
