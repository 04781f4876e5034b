package synopta.server.record;

import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Optional;
import synopta.core.basket.BasketQuery;
import synopta.core.casefile.Shopping;
import synopta.core.catalog.PartNumber;
import synopta.core.quantity.Money;
import synopta.server.web.MayBeNull;

/** Wire records of how it is to be bought. */
public final class ShoppingWire {
    private ShoppingWire() {}

    public static Shopping of(List<AdjustedWire> adjusted, String branch, Integer neededInDays) {
        if (neededInDays != null && neededInDays < 0) {
            throw new IllegalArgumentException("Days (%d) must be at least 0; 0 is today.".formatted(neededInDays));
        }
        return new Shopping(
                adjusted == null
                        ? List.of()
                        : adjusted.stream().map(AdjustedWire::adjusted).toList(),
                Optional.ofNullable(branch).filter(b -> !b.isBlank()).orElse(null),
                neededInDays);
    }

    /** A need or a want as the specialist set it: 0 pieces leave it out, `needed` makes a want a need. */
    public record AdjustedWire(
            @NotBlank @Size(max = 80) String part,
            @MayBeNull @Min(0) @Max(BasketQuery.MOST_PIECES) Integer quantity,
            @MayBeNull @Size(max = 20) String value,
            @MayBeNull Boolean needed) {
        private Shopping.Adjusted adjusted() {
            return new Shopping.Adjusted(
                    new PartNumber(part),
                    quantity,
                    value == null ? null : Money.cents(value),
                    Boolean.TRUE.equals(needed));
        }
    }
}
