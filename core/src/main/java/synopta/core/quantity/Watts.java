package synopta.core.quantity;

/**
 * A power.
 *
 * @param value watts, W; whoever takes it says which are possible
 */
public record Watts(double value) {
    /** The power at another voltage than the rated one: P(V₂/V)², the resistance being the same (Joule's law). */
    public Watts at(Volts supply, Volts rated) {
        double share = supply.value() / rated.value();
        return new Watts(value * share * share);
    }
}
