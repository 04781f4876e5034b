package synopta.core.catalog;

/** What a branch has of a part, and how many days more take to come. */
public record Stock(String branch, PartNumber part, int onHand, int leadDays) {}
