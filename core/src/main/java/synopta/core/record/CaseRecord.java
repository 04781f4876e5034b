package synopta.core.record;

import java.time.Instant;
import java.util.List;

/**
 * A kept case, at one of its revisions.
 *
 * @param number running, from 1
 * @param createdAt when it was created
 * @param revision grows with every change, from 1
 * @param changedAt when this revision was kept
 * @param content what was entered and handed over
 * @param snapshot how the case stood then
 */
public record CaseRecord(
        long number, Instant createdAt, long revision, Instant changedAt, CaseContent content, CaseSnapshot snapshot) {
    /** The cautions of the case, in the words of that day. */
    public List<CaseSnapshot.Warned> cautions() {
        return snapshot.cautions();
    }
}
