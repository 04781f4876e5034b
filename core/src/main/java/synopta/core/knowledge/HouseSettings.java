package synopta.core.knowledge;

import java.math.BigDecimal;

/**
 * Which of the trade's schools the house follows, and what it reckons with.
 *
 * @param hourCents what an hour of the fitter's work is worth, in hundredths of the currency
 * @param visitCents what a second visit costs besides the work, in hundredths of the currency
 * @param horizonYears how far ahead renewing a part is weighed
 * @param taxPercent of a quote; at least 0
 * @param taxIncluded whether prices hold the tax; otherwise it is added to the sum
 * @param quoteDays for how long a quote is valid, the day of writing not counted
 * @param metric whether sizes in inches are told in millimetres too; otherwise those in millimetres in inches
 * @param contacts how the house is reached
 */
public record HouseSettings(
        RepairPractices schools,
        long hourCents,
        long visitCents,
        int horizonYears,
        BigDecimal taxPercent,
        boolean taxIncluded,
        int quoteDays,
        boolean metric,
        BranchContacts contacts) {
    private static final long MOST_CENTS = 10_000_000;
    private static final BigDecimal ALL = new BigDecimal(100);

    /** As most do; the figures are our judgement. */
    public static final HouseSettings USUAL = new HouseSettings(
            RepairPractices.USUAL, 3_600, 4_500, 5, new BigDecimal("15"), true, 14, true, BranchContacts.NONE);

    /** Refuses figures that no house reckons with. */
    public HouseSettings {
        between("An hour's work in hundredths", hourCents, 0, MOST_CENTS);
        between("A visit in hundredths", visitCents, 0, MOST_CENTS);
        between("Horizon in years", horizonYears, 1, 30);
        between("Days of a quote", quoteDays, 1, 365);
        if (taxPercent.signum() < 0 || taxPercent.compareTo(ALL) > 0 || taxPercent.scale() > 3) {
            throw new IllegalArgumentException(
                    "Tax (%s %%) must lie between 0 and 100, with three decimals at most.".formatted(taxPercent));
        }
        taxPercent = taxPercent.signum() == 0 ? BigDecimal.ZERO : taxPercent.stripTrailingZeros();
    }

    private static void between(String what, long value, long least, long most) {
        if (value < least || value > most) {
            throw new IllegalArgumentException(
                    "%s (%d) must lie between %d and %d.".formatted(what, value, least, most));
        }
    }

    /** Whether only genuine parts are supplied. */
    public boolean genuineOnly() {
        return schools.genuineOnly();
    }

    /** The same with other schools. */
    public HouseSettings with(RepairPractices other) {
        return new HouseSettings(
                other, hourCents, visitCents, horizonYears, taxPercent, taxIncluded, quoteDays, metric, contacts);
    }
}
