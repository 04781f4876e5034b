package synopta.core.casefile;

import java.util.List;
import java.util.Objects;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import synopta.core.catalog.PartNumber;
import synopta.core.quantity.Money;

/**
 * How the specialist wants it bought: what they changed of needs and wants, and where and when it is handed over.
 *
 * @param adjusted parts whose quantity or value was set
 * @param branch where; null: at any
 * @param neededInDays by when; null: whenever it comes
 */
public record Shopping(
        List<Adjusted> adjusted,
        @Nullable String branch,
        @Nullable Integer neededInDays) {
    /** As it comes. */
    public static final Shopping AS_IT_COMES = new Shopping(List.of(), null, null);

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
     * @param part number of the part
     * @param quantity pieces; 0 leaves it out
     * @param valueCents what a want is worth; null as it was weighed
     * @param needed whether it is bought whatever it costs; a want becomes a need then
     */
    public record Adjusted(
            PartNumber part,
            @Nullable Integer quantity,
            @Nullable Long valueCents,
            boolean needed) {
        /** The worth as a decimal, such as 4.50; empty as it was weighed. */
        public Optional<String> value() {
            return valueCents != null ? Optional.of(Money.decimal(valueCents)) : Optional.empty();
        }

        /** Refuses figures below 0. */
        public Adjusted {
            if (Objects.requireNonNullElse(quantity, 0) < 0 || Objects.requireNonNullElse(valueCents, 0L) < 0) {
                throw new IllegalArgumentException(
                        "Quantity and value of %s must be at least 0. Use quantity 0 to remove it.".formatted(part));
            }
        }
    }
}
