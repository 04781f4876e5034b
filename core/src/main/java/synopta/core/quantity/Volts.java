package synopta.core.quantity;

/**
 * A voltage, of a plate or a supply; a type of its own, so that it is never taken for a power or a resistance.
 *
 * @param value volts, V; whoever takes it says which are possible
 */
public record Volts(double value) {}
