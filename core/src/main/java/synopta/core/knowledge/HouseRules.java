package synopta.core.knowledge;

import java.math.BigDecimal;

/**
 * Which of the trade's schools the house follows, and what it reckons with.
 *
 * @param genuineOnly whether only genuine parts are supplied; otherwise one of the same specification will do
 * @param renewAll whether all of a kind are renewed where they wear together; otherwise the failed one alone
 * @param hourCents what an hour of the fitter's work is worth, in hundredths of the currency
 * @param visitCents what a second visit costs besides the work, in hundredths of the currency
 * @param horizonYears how far ahead renewing a part is weighed
 * @param taxPercent of a quote; at least 0
 * @param taxIncluded whether prices hold the tax; otherwise it is added to the sum
 * @param quoteDays for how long a quote is valid, the day of writing not counted
 * @param contact how the house is reached, as it stands on sheets; may be empty
 */
public record HouseRules(
        boolean genuineOnly,
        boolean renewAll,
        long hourCents,
        long visitCents,
        int horizonYears,
        BigDecimal taxPercent,
        boolean taxIncluded,
        int quoteDays,
        String contact) {
    private static final int LONGEST_CONTACT = 200;
    private static final long MOST_CENTS = 10_000_000;
    private static final BigDecimal ALL = new BigDecimal(100);

    /** As most do; the figures are our judgement. */
    public static final HouseRules USUAL =
            new HouseRules(false, true, 3_600, 4_500, 5, new BigDecimal("15"), true, 14, "");

    /** Refuses figures that no house reckons with. */
    public HouseRules {
        between("An hour's work in hundredths", hourCents, 0, MOST_CENTS);
        between("A visit in hundredths", visitCents, 0, MOST_CENTS);
        between("Horizon in years", horizonYears, 1, 30);
        between("Days of a quote", quoteDays, 1, 365);
        if (contact.length() > LONGEST_CONTACT) {
            throw new IllegalArgumentException("Contact has %d characters; at most %d are kept. Shorten it."
                    .formatted(contact.length(), LONGEST_CONTACT));
        }
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

    /** The same with another rule on the make of parts. */
    public HouseRules withGenuineOnly(boolean only) {
        return new HouseRules(
                only, renewAll, hourCents, visitCents, horizonYears, taxPercent, taxIncluded, quoteDays, contact);
    }
}
