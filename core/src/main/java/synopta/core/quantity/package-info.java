/**
 * Values every step shares: money to the cent and probabilities. A value is checked once, in its constructor, and is
 * right from then on.
 */
package synopta.core.quantity;
