package synopta.server.basket;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import synopta.core.basket.BasketQuery;
import synopta.core.catalog.PartNumber;
import synopta.core.quantity.Money;
import synopta.server.web.MayBeNull;

/** Wire records of planning a purchase. */
public final class BasketWire {
    private BasketWire() {}

    /** Needs, wants and how it may be bought. */
    public record BasketRequest(
            @NotNull @Size(max = 60) List<@Valid NeedWire> needs,
            @MayBeNull @Size(max = 60) List<@Valid WantWire> wants,
            @MayBeNull PolicyWire policy) {
        BasketQuery query(String currency) {
            return new BasketQuery(
                    needs.stream()
                            .map(n -> new BasketQuery.Need(new PartNumber(n.part()), n.quantity()))
                            .toList(),
                    wants == null
                            ? List.of()
                            : wants.stream()
                                    .map(w -> new BasketQuery.Want(
                                            new PartNumber(w.part()), w.quantity(), Money.of(w.value(), currency)))
                                    .toList(),
                    policy == null ? BasketQuery.Policy.ANY : policy.policy());
        }
    }

    /** A part that must be covered. */
    public record NeedWire(
            @NotBlank @Size(max = 80) String part, @NotNull Integer quantity) {}

    /** A part that is worth so much when it is covered. */
    public record WantWire(
            @NotBlank @Size(max = 80) String part,
            @NotNull Integer quantity,
            @NotNull @Size(max = 20) String value) {}

    /** How it may be bought. */
    public record PolicyWire(
            @MayBeNull Boolean genuineOnly,
            @MayBeNull String branch,
            @MayBeNull Integer neededInDays) {
        private BasketQuery.Policy policy() {
            return new BasketQuery.Policy(Boolean.TRUE.equals(genuineOnly), branch, neededInDays);
        }
    }
}
