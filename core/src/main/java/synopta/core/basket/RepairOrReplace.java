package synopta.core.basket;

import java.math.BigDecimal;
import java.math.RoundingMode;
import synopta.core.knowledge.LifeCurve;
import synopta.core.quantity.Money;

/**
 * What a year costs with the repair, and with a new machine instead: an even-handed line, no advice. The repaired
 * machine is taken to last as long as one of its age does at the mean, the new one for its mean life. Every figure but
 * the parts is an assumption.
 *
 * @param repair parts and work
 * @param yearsLeft the repaired machine goes on for, at the mean
 * @param repairPerYear repair by years left
 * @param fresh price of a new machine
 * @param yearsNew it lasts, at the mean
 * @param freshPerYear price by years
 */
public record RepairOrReplace(
        Money repair, double yearsLeft, Money repairPerYear, Money fresh, double yearsNew, Money freshPerYear) {
    /**
     * What is assumed.
     *
     * @param fresh price of a new machine
     * @param life of a machine from new
     * @param hour of the technician's work; nothing for one who does it themselves
     */
    public record Assumed(Money fresh, LifeCurve life, Money hour) {}

    /**
     * Weighs a repair.
     *
     * @param parts what the basket costs
     * @param minutes of work
     */
    public static RepairOrReplace of(Money parts, double minutes, double ageYears, Assumed assumed) {
        if (!(minutes >= 0 && minutes <= 100_000) || !(ageYears >= 0 && ageYears <= 200)) {
            throw new IllegalArgumentException(
                    "Minutes (%s) and age in years (%s) must be at least 0 and within a lifetime."
                            .formatted(minutes, ageYears));
        }
        Money repair = parts.plus(assumed.hour.share(minutes / 60));
        double left = assumed.life.meanYearsLeft(ageYears);
        double whole = assumed.life.meanYearsLeft(0);
        return new RepairOrReplace(
                repair, left, perYear(repair, left), assumed.fresh, whole, perYear(assumed.fresh, whole));
    }

    private static Money perYear(Money sum, double years) {
        BigDecimal each = BigDecimal.valueOf(sum.cents()).divide(BigDecimal.valueOf(years), 0, RoundingMode.HALF_EVEN);
        return new Money(each.longValueExact(), sum.currency());
    }
}
