package synopta.core.order;

import java.math.BigDecimal;
import java.math.RoundingMode;
import synopta.core.quantity.Money;

/**
 * The sum of a quote. Tax is rounded once, on the whole sum, half up: lines are never taxed one by one. With prices that
 * hold the tax r % of a sum g, it is g r / (100 + r); otherwise g r / 100 is added.
 *
 * @param goods what the lines come to
 * @param taxPercent in percent
 * @param taxIncluded whether the lines hold the tax
 * @param total what is paid
 */
public record QuoteTotals(Money goods, BigDecimal taxPercent, boolean taxIncluded, Money tax, Money total) {
    /** The rule, as it stands on a quote. */
    public static final String RULE = "Tax is rounded once, on the total, half up.";

    private static final BigDecimal WHOLE = new BigDecimal(100);

    /** The tax rate in percent as a decimal, such as 6.5. */
    public String taxRate() {
        return taxPercent.toPlainString();
    }

    /** The sum of these goods. */
    public static QuoteTotals of(Money goods, BigDecimal taxPercent, boolean taxIncluded) {
        BigDecimal base = taxIncluded ? WHOLE.add(taxPercent) : WHOLE;
        long cents = BigDecimal.valueOf(goods.cents())
                .multiply(taxPercent)
                .divide(base, 0, RoundingMode.HALF_UP)
                .longValueExact();
        Money tax = new Money(cents, goods.currency());
        return new QuoteTotals(goods, taxPercent, taxIncluded, tax, taxIncluded ? goods : goods.plus(tax));
    }
}
