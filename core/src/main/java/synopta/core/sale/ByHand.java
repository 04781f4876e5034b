package synopta.core.sale;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.function.Function;
import synopta.core.casefile.Shopping;
import synopta.core.catalog.PartNumber;
import synopta.core.fit.FitVerdict;
import synopta.core.quantity.Money;

/**
 * What the specialist set by hand, over what was worked out.
 *
 * @param shopping what was set
 * @param judge whether a part fits the machine
 * @param currency of values
 */
record ByHand(Shopping shopping, Function<PartNumber, FitVerdict> judge, String currency) {
    /** The needs in the quantities that were set. */
    List<RequiredPart> needs(List<RequiredPart> needs) {
        return needs.stream()
                .map(need -> Optional.ofNullable(need.supplied())
                        .flatMap(shopping::of)
                        .map(Shopping.Adjusted::quantity)
                        .map(need::with)
                        .orElse(need))
                .toList();
    }

    /** The wants that were put in: needs from then on. */
    List<RequiredPart> madeNeeds(List<OptionalPart> wants) {
        List<RequiredPart> needs = new ArrayList<>();
        for (OptionalPart want : wants) {
            shopping.of(want.supplied())
                    .filter(Shopping.Adjusted::needed)
                    .ifPresent(made -> needs.add(new RequiredPart(
                            want.partType(),
                            want.slots(),
                            want.listed(),
                            want.supplied(),
                            Objects.requireNonNullElse(made.quantity(), want.quantity()),
                            judge.apply(want.listed()),
                            want.source() == OptionalPart.Source.WHILE_OPEN
                                    ? BagPiece.Source.WHILE_OPEN
                                    : BagPiece.Source.GOES_WITH,
                            "Added by hand. " + want.why())));
        }
        return needs;
    }

    /** The wants that are left, in the quantities and at the values that were set. */
    List<OptionalPart> wants(List<OptionalPart> wants) {
        List<OptionalPart> left = new ArrayList<>();
        for (OptionalPart want : wants) {
            Optional<Shopping.Adjusted> made = shopping.of(want.supplied());
            if (made.isEmpty()) {
                left.add(want);
            } else if (!made.get().needed()) {
                long cents = Objects.requireNonNullElse(
                        made.get().valueCents(), want.value().cents());
                left.add(want.with(
                        Objects.requireNonNullElse(made.get().quantity(), want.quantity()),
                        new Money(cents, currency)));
            }
        }
        return left;
    }
}
