package synopta.core.quantity;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.Currency;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Collectors;

/**
 * An amount of one currency, exact: a whole number of hundredths. Never passes through a binary fraction.
 *
 * @param cents hundredths of the currency unit; may be negative (a net price after the value of wants)
 * @param currency ISO 4217 code, three capitals
 */
public record Money(long cents, String currency) implements Comparable<Money> {
    private static final Map<String, String> SIGNS = Currency.getAvailableCurrencies().stream()
            .collect(Collectors.toMap(Currency::getCurrencyCode, c -> c.getSymbol(Locale.US)));

    /** Refuses a currency that is not three capital letters. */
    public Money {
        if (currency == null || !currency.matches("[A-Z]{3}")) {
            throw new IllegalArgumentException(
                    "Currency (%s) must be three capital letters, such as USD.".formatted(currency));
        }
    }

    /** Reads a decimal such as "18.40"; more than two decimals or anything but digits is refused. */
    public static Money of(String decimal, String currency) {
        return new Money(cents(decimal), currency);
    }

    /** Reads a decimal such as "18.40" as hundredths, whatever its currency. */
    public static long cents(String decimal) {
        try {
            return new BigDecimal(decimal)
                    .setScale(2, RoundingMode.UNNECESSARY)
                    .movePointRight(2)
                    .longValueExact();
        } catch (ArithmeticException | NumberFormatException e) {
            throw new IllegalArgumentException(
                    "Amount (%s) must be a decimal with at most two places, such as 18.40.".formatted(decimal), e);
        }
    }

    /** Sum; both amounts must be of one currency. */
    public Money plus(Money other) {
        return new Money(Math.addExact(cents, sameCurrency(other).cents), currency);
    }

    /** This amount, so many times. */
    public Money times(int count) {
        return new Money(Math.multiplyExact(cents, count), currency);
    }

    /** This amount times a share, rounded half to even: for estimates, never for a sum that is paid. */
    public Money share(double share) {
        BigDecimal exact = BigDecimal.valueOf(cents).multiply(BigDecimal.valueOf(share));
        return new Money(exact.setScale(0, RoundingMode.HALF_EVEN).longValueExact(), currency);
    }

    /** Less another; both amounts must be of one currency. */
    public Money minus(Money other) {
        return new Money(Math.subtractExact(cents, sameCurrency(other).cents), currency);
    }

    /** The decimal without its currency: "18.40". */
    public String decimal() {
        return decimal(cents);
    }

    /** Hundredths as a decimal, whatever their currency: "18.40". */
    public static String decimal(long cents) {
        return BigDecimal.valueOf(cents, 2).toPlainString();
    }

    /** The amount as it is read: "$18.40" where the currency has a sign of its own, otherwise "CHF 18.40". */
    public String words() {
        String sign = SIGNS.getOrDefault(currency, currency);
        String amount = decimal(Math.abs(cents));
        return (cents < 0 ? "-" : "") + sign + (Character.isLetter(sign.charAt(sign.length() - 1)) ? " " : "") + amount;
    }

    @Override
    public int compareTo(Money other) {
        return Long.compare(cents, sameCurrency(other).cents);
    }

    private Money sameCurrency(Money other) {
        if (!currency.equals(other.currency)) {
            throw new IllegalArgumentException(
                    "Amounts in %s and %s cannot be added. Use one currency.".formatted(currency, other.currency));
        }
        return other;
    }
}
