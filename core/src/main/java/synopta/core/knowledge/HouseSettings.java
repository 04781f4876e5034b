package synopta.core.knowledge;

import java.math.BigDecimal;
import synopta.core.quantity.LengthUnit;
import synopta.core.quantity.Texts;
import synopta.core.quantity.WholeNumbers;

/**
 * The settings of the house.
 *
 * @param practices the repair practices the house follows
 * @param hourCents labor of one hour, hundredths of the currency
 * @param returnTripCents cost of a return trip besides the labor, hundredths of the currency
 * @param horizonYears planning horizon for replacing accessible parts, years
 * @param taxPercent sales tax of a quote, percent, at least 0
 * @param taxIncluded whether prices include the tax; otherwise it is added to the subtotal
 * @param quoteDays validity of a quote in days, the day of writing not counted
 * @param secondUnit the unit of length that the repair sheet adds behind sizes of the other unit
 * @param region how dates, lengths, temperatures and amounts are written
 * @param contacts contact texts of the house and its branches
 * @param quoteTerms terms that stand on a quote; may be empty
 * @param access who gets at what, and how long names are kept
 */
public record HouseSettings(
        RepairPractices practices,
        long hourCents,
        long returnTripCents,
        int horizonYears,
        BigDecimal taxPercent,
        boolean taxIncluded,
        int quoteDays,
        LengthUnit secondUnit,
        Region region,
        BranchContacts contacts,
        String quoteTerms,
        AccessSettings access) {
    /** The longest terms, in characters. */
    public static final int LONGEST_TERMS = 400;

    private static final long MOST_CENTS = 10_000_000;
    private static final BigDecimal ALL = new BigDecimal(100);

    /** The defaults: United States, no sales tax set; the amounts are our judgment. */
    public static final HouseSettings USUAL = new HouseSettings(
            RepairPractices.USUAL,
            3_600,
            4_500,
            5,
            BigDecimal.ZERO,
            false,
            14,
            LengthUnit.MILLIMETER,
            Region.UNITED_STATES,
            BranchContacts.NONE,
            "",
            AccessSettings.USUAL);

    /** Refuses amounts, spans and taxes that no house has. */
    public HouseSettings {
        WholeNumbers.between("Labor per hour in cents", hourCents, 0, MOST_CENTS);
        WholeNumbers.between("Return trip in cents", returnTripCents, 0, MOST_CENTS);
        WholeNumbers.between("Planning horizon in years", horizonYears, 1, 30);
        WholeNumbers.between("Quote validity in days", quoteDays, 1, 365);
        Texts.limited("Terms of quotes", quoteTerms, LONGEST_TERMS);
        if (taxPercent.signum() < 0 || taxPercent.compareTo(ALL) > 0 || taxPercent.scale() > 3) {
            throw new IllegalArgumentException(
                    "Tax (%s %%) must lie between 0 and 100, with three decimals at most.".formatted(taxPercent));
        }
        taxPercent = taxPercent.signum() == 0 ? BigDecimal.ZERO : taxPercent.stripTrailingZeros();
    }

    /** Whether only genuine parts are supplied. */
    public boolean genuineOnly() {
        return practices.genuineOnly();
    }

    /** These settings with other repair practices. */
    public HouseSettings with(RepairPractices other) {
        return new HouseSettings(
                other,
                hourCents,
                returnTripCents,
                horizonYears,
                taxPercent,
                taxIncluded,
                quoteDays,
                secondUnit,
                region,
                contacts,
                quoteTerms,
                access);
    }
}
