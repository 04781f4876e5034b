package synopta.core.counter;

import java.time.Instant;

/**
 * A kept case.
 *
 * @param number running, from 1
 * @param revision grows with every change, from 1
 */
public record CaseRecord(long number, Instant createdAt, long revision, CaseContent content) {}
