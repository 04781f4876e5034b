package synopta.core.catalog;

/**
 * What a branch has of a part, and how many days more take to come.
 *
 * @param branch name of the branch
 * @param part number of the part
 * @param onHand pieces in stock
 * @param leadDays days until more arrive
 */
public record Stock(String branch, PartNumber part, int onHand, int leadDays) {}
