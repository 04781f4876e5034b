package synopta.server.counter;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import synopta.core.counter.CaseRecord;
import synopta.core.counter.Change;
import synopta.core.counter.Stood;
import synopta.server.web.MayBeNull;

/** A revision of a case: what differs from the one before, and how the case stood then. */
public record RevisionWire(
        long revision,
        Instant changedAt,
        @MayBeNull String specialist,
        String status,
        List<ChangeWire> changes,
        List<CounterWire.KnownWire> known,
        List<LeaningWire> suspects,
        @MayBeNull String action,
        @MayBeNull String why,
        List<RuleWire> rules) {
    static List<RevisionWire> of(List<CaseRecord> records) {
        List<RevisionWire> revisions = new ArrayList<>();
        for (int i = 0; i < records.size(); i++) {
            CaseRecord record = records.get(i);
            Stream<Change> changes =
                    i == 0 ? Stream.empty() : Change.between(records.get(i - 1).content(), record.content()).stream();
            Stood stood = record.stood();
            revisions.add(new RevisionWire(
                    record.revision(),
                    record.changedAt(),
                    record.content().specialist().orElse(null),
                    record.content().status().slug(),
                    changes.map(c -> new ChangeWire(c.field(), c.before(), c.after()))
                            .toList(),
                    stood.known().stream().map(CounterWire.KnownWire::of).toList(),
                    stood.suspects().stream()
                            .map(s -> new LeaningWire(s.fault(), s.partType(), s.probability()))
                            .toList(),
                    stood.advice().map(Stood.Advised::action).orElse(null),
                    stood.advice().map(Stood.Advised::why).orElse(null),
                    stood.rules().stream()
                            .map(r -> new RuleWire(r.part().written(), r.quantity(), r.why()))
                            .toList()));
        }
        return revisions;
    }

    /** A field, as it was and as it is since. */
    public record ChangeWire(String field, String before, String after) {}

    /** A suspect, and how likely it was. */
    public record LeaningWire(String fault, String partType, double probability) {}

    /** A part that was needed, and by which rule. */
    public record RuleWire(String part, int quantity, String why) {}
}
