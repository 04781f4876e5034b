package synopta.core.diagnosis;

import java.util.Map;

/**
 * What is lost by handing over the wrong thing, in money of one currency. All figures but prices are our judgement, for
 * a counter to set as a house rule.
 *
 * @param currency of all sums; empty when it is not known
 * @param prices of part types, where they are known
 * @param secondVisit a second trip and a second opening
 * @param callOut a qualified person's visit to find the fault
 * @param minute of people's time
 * @param openingUp taking it apart for a test, and a meter
 */
public record Stakes(
        String currency,
        Map<String, Price> prices,
        double secondVisit,
        double callOut,
        double minute,
        double openingUp) {
    /** Prices unknown, and the figures we judge usual. */
    public static final Stakes NOT_KNOWN = new Stakes("", Map.of(), 45, 75, 0.6, 8);

    private static final Price USUAL = new Price(30, true);
    private static final double HANDLING = 0.1;

    /** Copies. */
    public Stakes {
        prices = Map.copyOf(prices);
    }

    /** The usual figures with these prices. */
    public static Stakes of(String currency, Map<String, Price> prices) {
        return new Stakes(
                currency, prices, NOT_KNOWN.secondVisit, NOT_KNOWN.callOut, NOT_KNOWN.minute, NOT_KNOWN.openingUp);
    }

    /** What a part type costs, and whether it may come back. */
    public record Price(double amount, boolean returnable) {
        /** Refuses what is below 0 or no number. */
        public Price {
            if (!(amount >= 0 && amount < Double.POSITIVE_INFINITY)) {
                throw new IllegalArgumentException("Price (%s) must be finite and at least 0.".formatted(amount));
            }
        }

        /** What is lost on it when it was the wrong one. */
        double lost() {
            return returnable ? HANDLING * amount : amount;
        }
    }

    double lost(String partType) {
        return prices.getOrDefault(partType, USUAL).lost();
    }

    boolean isReturnable(String partType) {
        return prices.getOrDefault(partType, USUAL).returnable;
    }
}
