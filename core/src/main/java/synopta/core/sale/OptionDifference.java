package synopta.core.sale;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import synopta.core.basket.Purchase;
import synopta.core.catalog.PartNumber;
import synopta.core.quantity.Money;

/** What one way of buying does differently from another, in a sentence. */
final class OptionDifference {
    private final List<OptionalPart> wants;
    private final UnaryOperator<String> nameOf;

    /**
     * Compares purchases for these wants.
     *
     * @param nameOf the name of a part number's part, by the number as written
     */
    OptionDifference(List<OptionalPart> wants, UnaryOperator<String> nameOf) {
        this.wants = wants;
        this.nameOf = nameOf;
    }

    String said(Purchase other, Purchase base) {
        List<String> said = new ArrayList<>();
        said.add(price(other.total().minus(base.total())));
        List<String> renewed = covered(other, base);
        if (!renewed.isEmpty()) {
            said.add("replaces " + listed(renewed));
        }
        List<String> givenUp = covered(base, other);
        if (!givenUp.isEmpty()) {
            said.add("leaves " + listed(givenUp) + " in place");
        }
        if (!other.spare().equals(base.spare())) {
            said.add(other.spare().isEmpty() ? "no parts left over" : "left over: " + listed(spare(other)));
        }
        if (other.lines().size() != base.lines().size()) {
            said.add("%d %s instead of %d"
                    .formatted(
                            other.lines().size(),
                            other.lines().size() == 1 ? "line" : "lines",
                            base.lines().size()));
        }
        return String.join(", ", said) + ".";
    }

    private static String price(Money difference) {
        if (difference.cents() == 0) {
            return "Costs the same";
        }
        String amount = new Money(Math.abs(difference.cents()), difference.currency()).words();
        return difference.cents() > 0 ? "Costs %s more".formatted(amount) : "Costs %s less".formatted(amount);
    }

    /** The wants that one purchase covers and another gives up. */
    private List<String> covered(Purchase one, Purchase other) {
        Set<PartNumber> lacking = undone(one);
        Set<PartNumber> lackingThere = undone(other);
        return wants.stream()
                .map(OptionalPart::supplied)
                .filter(part -> lackingThere.contains(part) && !lacking.contains(part))
                .map(part -> nameOf.apply(part.written()))
                .distinct()
                .toList();
    }

    private static Set<PartNumber> undone(Purchase purchase) {
        return purchase.undone().stream().map(Purchase.Pieces::part).collect(Collectors.toSet());
    }

    private List<String> spare(Purchase purchase) {
        return purchase.spare().stream()
                .map(s -> s.quantity() + " " + nameOf.apply(s.part().written()))
                .toList();
    }

    private static String listed(List<String> names) {
        return names.size() < 2
                ? String.join("", names)
                : String.join(", ", names.subList(0, names.size() - 1)) + " and " + names.get(names.size() - 1);
    }
}
