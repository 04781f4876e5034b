package synopta.core.catalog;

/** The one rule for pieces: at least one of them. */
final class Quantities {
    private Quantities() {}

    static void atLeastOne(String what, int quantity) {
        if (quantity < 1) {
            throw new IllegalArgumentException("%s: quantity (%d) must be at least 1.".formatted(what, quantity));
        }
    }
}
