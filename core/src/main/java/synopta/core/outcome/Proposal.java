package synopta.core.outcome;

import synopta.core.catalog.Appliance;

/**
 * What the cases teach of one figure of a pack; nothing changes until somebody accepts it.
 *
 * @param subject ids, parted by bars, as the kind has them
 * @param words what the figure is of
 * @param before as it is believed now
 * @param after with the cases
 * @param interval where it lies 95 times in 100
 * @param seen so often
 * @param of in so many cases
 * @param value what the pack is given: for a link its strength, else the same as {@code after}
 */
public record Proposal(
        Kind kind,
        Appliance appliance,
        String subject,
        String words,
        double before,
        double after,
        Interval interval,
        int seen,
        int of,
        double value) {
    /** What this changes. */
    public Learnt learnt() {
        return new Learnt(kind, appliance, subject, value);
    }

    /** How far it moved, in lengths of its interval. */
    public double moved() {
        return Math.abs(after - before) / Math.max(Double.MIN_NORMAL, interval.high() - interval.low());
    }

    /** Whether what is believed now lies outside of where it is. */
    public boolean isTelling() {
        return before < interval.low() || before > interval.high();
    }

    /** A figure of a pack as it was learnt. */
    public record Learnt(Kind kind, Appliance appliance, String subject, double value) {
        String key() {
            return keyOf(kind, appliance, subject);
        }
    }

    /** What tells figures apart. */
    public String key() {
        return keyOf(kind, appliance, subject);
    }

    static String keyOf(Kind kind, Appliance appliance, String subject) {
        return String.join("|", kind.slug(), appliance.slug(), subject);
    }
}
