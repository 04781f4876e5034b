package synopta.core.teardown;

import java.util.Optional;
import org.jspecify.annotations.Nullable;
import synopta.core.knowledge.LifeCurve;
import synopta.core.quantity.Money;
import synopta.core.quantity.Probability;

/**
 * What it is worth to renew a part while the machine is open. One of n pieces that have worked to an age a fails within
 * the horizon h with 1 - (S(a + h) / S(a))^n; then it is bought and replaced all the same, and the machine opened for it
 * in a visit of its own. New ones fail within it with 1 - S(h)^n. So renewing now is worth the difference of the two
 * times (price + exchange + opening + visit), less the exchange now; it pays when the price is less. What does not age
 * is worth nothing. Lives are Weibull (1951) with the parameters of the pack.
 *
 * @param risk that one of the old pieces fails within the horizon
 * @param riskNew that one of the new ones does
 * @param minutes more than without it
 * @param value up to this price it pays; at least 0
 */
public record WhileOpen(Probability risk, Probability riskNew, double minutes, Money value) {
    /**
     * What the work costs.
     *
     * @param ageYears age of the machine, years, at least 0
     * @param horizonYears years ahead, at least 1
     * @param hour of work
     * @param visit of its own, besides the work
     */
    public record Terms(double ageYears, int horizonYears, Money hour, Money visit) {}

    /**
     * What renewing is worth.
     *
     * @param pieces of the part in the machine
     * @param price of all of them; null when it is not known
     * @param exchange minutes for all of them
     * @param opening minutes to open the machine again
     */
    public static WhileOpen of(
            LifeCurve life, int pieces, @Nullable Money price, double replacement, double opening, Terms terms) {
        Probability risk = ofAny(life, pieces, terms.ageYears, terms.horizonYears);
        Probability riskNew = ofAny(life, pieces, 0, terms.horizonYears);
        Money now = terms.hour.share(replacement / 60);
        Money later = now.plus(terms.hour.share(opening / 60)).plus(terms.visit);
        Money spent = Optional.ofNullable(price).map(later::plus).orElse(later);
        Money value = spent.share(risk.value() - riskNew.value()).minus(now);
        return new WhileOpen(risk, riskNew, replacement, value.cents() < 0 ? new Money(0, value.currency()) : value);
    }

    private static Probability ofAny(LifeCurve life, int pieces, double ageYears, double years) {
        double one = life.failsWithin(ageYears, years).value();
        return new Probability(-Math.expm1(pieces * Math.log1p(-one)));
    }
}
