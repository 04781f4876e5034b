package synopta.core.diagnosis;

import java.util.Map;
import synopta.core.knowledge.HouseSettings;
import synopta.core.quantity.Ordered;

/**
 * What is lost by handing over the wrong thing, in money of one currency. A second visit and a minute are settings;
 * a call-out and opening up are our judgment.
 *
 * @param currency of all sums; empty when it is not known
 * @param prices of part types, where they are known
 * @param returnTrip a second trip and a second opening
 * @param callOut a qualified person's visit to find the fault
 * @param minute of people's time
 * @param openingUp taking it apart for a test, and a meter
 * @param testFirst whether a part is measured before it is sold; otherwise a cheap one is replaced untested
 */
public record DecisionCosts(
        String currency,
        Map<String, Price> prices,
        double returnTrip,
        double callOut,
        double minute,
        double openingUp,
        boolean testFirst) {
    /** Prices unknown, and the figures we judge usual. */
    public static final DecisionCosts NOT_KNOWN = of("", Map.of(), HouseSettings.USUAL);

    private static final double CENTS = 100;
    private static final double MINUTES = 60;
    private static final double CALL_OUT = 75;
    private static final double OPENING_UP = 8;
    private static final Price USUAL = new Price(30, true);
    private static final double HANDLING = 0.1;

    /** Copies. */
    public DecisionCosts {
        prices = Ordered.map(prices);
    }

    /** What the house reckons with, at these prices. */
    public static DecisionCosts of(String currency, Map<String, Price> prices, HouseSettings rules) {
        return new DecisionCosts(
                currency,
                prices,
                rules.returnTripCents() / CENTS,
                CALL_OUT,
                rules.hourCents() / CENTS / MINUTES,
                OPENING_UP,
                rules.practices().testFirst());
    }

    /** Whether a part of this type is replaced untested: cheaper than coming a second time, in a house that does so. */
    boolean isSwapped(String partType) {
        return !testFirst && prices.getOrDefault(partType, USUAL).amount < returnTrip;
    }

    /**
     * What a part type costs, and whether it may come back.
     *
     * @param amount price of the part
     * @param returnable whether it may be returned
     */
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
