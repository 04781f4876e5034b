package synopta.core.counter;

import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import synopta.core.basket.Purchase;
import synopta.core.casefile.CaseInput;
import synopta.core.catalog.PartNumber;
import synopta.core.knowledge.HouseSettings;
import synopta.core.quantity.Money;
import synopta.core.sale.SaleOption;
import synopta.core.sale.WithheldPart;

/**
 * What other settings would change in a case.
 *
 * @param before what would be sold by the settings in force
 * @param after what would be sold by the others
 */
public record SettingsEffect(Bag before, Bag after) {
    /**
     * What the first way to buy holds.
     *
     * @param lines sale units by part
     * @param total their price; null when nothing is bought
     * @param minutes the work takes; null when nothing is bought or the layout is not known
     * @param withheld part types that are not sold to whoever does the work
     */
    public record Bag(
            List<Piece> lines,
            @Nullable Money total,
            @Nullable Long minutes,
            List<String> withheld) {
        private static Bag of(CaseAssessment view) {
            Optional<SaleOption> best = view.sale().options().stream().findFirst();
            Optional<Purchase> purchase = best.map(option -> option.option().purchase());
            return new Bag(
                    purchase.map(Purchase::lines).orElse(List.of()).stream()
                            .map(line -> new Piece(line.part(), line.quantity()))
                            .toList(),
                    purchase.map(Purchase::total).orElse(null),
                    best.flatMap(option -> Optional.ofNullable(option.work()))
                            .map(work -> Math.round(work.minutes()))
                            .orElse(null),
                    view.sale().withheld().stream().map(WithheldPart::name).toList());
        }
    }

    /**
     * So many sale units of a part.
     *
     * @param part number of the part
     * @param quantity sale units
     */
    public record Piece(PartNumber part, int quantity) {}

    /** The effect on a case; empty where nothing changes. */
    public static Optional<SettingsEffect> of(Counter counter, HouseSettings other, CaseInput input) {
        Bag before = Bag.of(counter.withoutQuestions(input));
        Bag after = Bag.of(counter.under(other).withoutQuestions(input));
        return before.equals(after) ? Optional.empty() : Optional.of(new SettingsEffect(before, after));
    }
}
