package synopta.core.casefile;

import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.OptionalLong;
import synopta.core.catalog.PartNumber;
import synopta.core.quantity.Money;

/**
 * How the specialist wants it bought: what they changed of needs and wants, and where and when it is handed over.
 *
 * @param branch where; empty: at any
 * @param neededInDays by when; empty: whenever it comes
 */
public record Shopping(List<Adjusted> adjusted, Optional<String> branch, OptionalInt neededInDays) {
    /** As it comes. */
    public static final Shopping AS_IT_COMES = new Shopping(List.of(), Optional.empty(), OptionalInt.empty());

    /** Copies. */
    public Shopping {
        adjusted = List.copyOf(adjusted);
    }

    /** The last change of a part, if there is one. */
    public Optional<Adjusted> of(PartNumber part) {
        return adjusted.stream().filter(a -> a.part().equals(part)).reduce((first, second) -> second);
    }

    /**
     * A need or a want as the specialist set it.
     *
     * @param quantity pieces; 0 leaves it out
     * @param valueCents what a want is worth; empty as it was weighed
     * @param needed whether it is bought whatever it costs; a want becomes a need then
     */
    public record Adjusted(PartNumber part, OptionalInt quantity, OptionalLong valueCents, boolean needed) {
        /** The worth as a decimal, such as 4.50; empty as it was weighed. */
        public Optional<String> value() {
            return valueCents.isPresent() ? Optional.of(Money.decimal(valueCents.getAsLong())) : Optional.empty();
        }

        /** Refuses figures below 0. */
        public Adjusted {
            if (quantity.orElse(0) < 0 || valueCents.orElse(0) < 0) {
                throw new IllegalArgumentException(
                        "Quantity and value of %s must be at least 0. Use quantity 0 to remove it.".formatted(part));
            }
        }
    }
}
