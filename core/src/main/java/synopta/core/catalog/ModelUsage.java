package synopta.core.catalog;

/** A machine, and a row that lists a part for it. */
public record ModelUsage(Model model, Fit fit) {}
