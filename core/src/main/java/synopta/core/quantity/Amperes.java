package synopta.core.quantity;

/**
 * A current.
 *
 * @param value amperes, A; whoever takes it says which are possible
 */
public record Amperes(double value) {}
