package synopta.core.catalog;

/**
 * A machine, and a row that lists a part for it.
 *
 * @param model model of the catalog
 * @param fit row that lists the part
 */
public record ModelUsage(Model model, Fit fit) {}
