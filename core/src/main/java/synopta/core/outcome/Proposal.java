package synopta.core.outcome;

import java.util.Optional;
import org.jspecify.annotations.Nullable;
import synopta.core.catalog.Appliance;

/**
 * What the cases teach of one figure; nothing changes until somebody accepts it.
 *
 * @param kind kind, from a closed list
 * @param appliance whose pack it is of; null for the reading of tags
 * @param subject ids, parted by bars, as the kind has them
 * @param words what the figure is of
 * @param before as it is believed now
 * @param after with the cases
 * @param interval where it lies 95 times in 100
 * @param support the cases
 * @param value what is put in force: for a link its strength, else the same as {@code after}
 * @param note what else is to be said; may be empty
 */
public record Proposal(
        ParameterKind kind,
        @Nullable Appliance appliance,
        String subject,
        String words,
        double before,
        double after,
        Interval interval,
        SupportingCases support,
        double value,
        String note) {
    /** A proposal of which nothing else is to be said. */
    public static Proposal of(
            ParameterKind kind,
            @Nullable Appliance appliance,
            String subject,
            String words,
            double before,
            double after,
            Interval interval,
            SupportingCases support,
            double value) {
        return new Proposal(kind, appliance, subject, words, before, after, interval, support, value, "");
    }

    /** What this changes. */
    public Learned learned() {
        return new Learned(kind, appliance, subject, value);
    }

    /** The same in sentences, with the cases that say so. */
    public String sentence() {
        return ProposalWords.of(this);
    }

    /** How far it moved, in lengths of its interval. */
    public double moved() {
        return Math.abs(after - before) / Math.max(Double.MIN_NORMAL, interval.high() - interval.low());
    }

    /** Whether what is believed now lies outside of where it is. */
    public boolean isTelling() {
        return before < interval.low() || before > interval.high();
    }

    /**
     * A figure as it was learned.
     *
     * @param kind kind, from a closed list
     * @param appliance kind of machine; null for the reading of tags
     * @param subject key of the figure within its kind
     * @param value the figure
     */
    public record Learned(ParameterKind kind, @Nullable Appliance appliance, String subject, double value) {
        /** What tells figures apart. */
        public String key() {
            return keyOf(kind, appliance, subject);
        }
    }

    /** What tells figures apart. */
    public String key() {
        return keyOf(kind, appliance, subject);
    }

    static String keyOf(ParameterKind kind, @Nullable Appliance appliance, String subject) {
        return String.join(
                "|",
                kind.slug(),
                Optional.ofNullable(appliance).map(Appliance::slug).orElse(""),
                subject);
    }
}
