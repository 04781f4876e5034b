package synopta.core.order;

import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import org.jspecify.annotations.Nullable;
import synopta.core.catalog.PartNumber;
import synopta.core.quantity.Money;
import synopta.core.quantity.Texts;

/**
 * A quote as it was written: its prices stay, whatever the catalog says later.
 *
 * @param number running, from 1
 * @param createdAt when it was created
 * @param validUntil the last day on which it holds
 * @param branch name of the branch
 * @param customer name of the customer; null when not named
 * @param caseNumber the case it was written for
 * @param machine machines it is for, in words; null when none was named
 * @param contact how the branch is reached; may be empty
 * @param terms terms of the house, as they were when it was written; may be empty
 * @param lines lines, one a part
 * @param sum goods, tax and total
 */
public record Quote(
        long number,
        Instant createdAt,
        LocalDate validUntil,
        String branch,
        @Nullable String customer,
        @Nullable Long caseNumber,
        @Nullable String machine,
        String contact,
        String terms,
        List<Line> lines,
        QuoteTotals sum) {
    /** The longest name of a customer that is kept, in characters. */
    public static final int LONGEST_CUSTOMER = 120;

    /** Copies; refuses a quote of nothing. */
    public Quote {
        lines = List.copyOf(lines);
        if (lines.isEmpty()) {
            throw new IllegalArgumentException("A quote needs at least one line. Add a part to the bag first.");
        }
        Texts.limited("The customer's name", customer, LONGEST_CUSTOMER);
    }

    /**
     * So many sale units of a part at a price.
     *
     * @param part number of the part
     * @param name name, as it is shown
     * @param quantity pieces, at least 1
     * @param unitPrice price of one sale unit
     * @param fitChecked whether it is known to fit; otherwise the quote says that it is not
     */
    public record Line(PartNumber part, String name, int quantity, Money unitPrice, boolean fitChecked) {
        /** What stands with a line whose fit was not checked. */
        public static final String NOT_CHECKED = "Fit not checked: no model was given.";

        /** Refuses a line of nothing. */
        public Line {
            if (quantity < 1) {
                throw new IllegalArgumentException("Quantity of %s (%d) must be at least 1.".formatted(part, quantity));
            }
        }

        /** Of all of them. */
        public Money price() {
            return unitPrice.times(quantity);
        }
    }

    Quote numbered(long other) {
        return new Quote(
                other, createdAt, validUntil, branch, customer, caseNumber, machine, contact, terms, lines, sum);
    }
}
