package synopta.core.catalog;

/**
 * `equivalent` may be supplied for `part`; not the other way round unless another row says so.
 *
 * @param part genuine part
 * @param equivalent part that may replace it
 * @param basis why the catalog allows it
 */
public record Equivalent(PartNumber part, PartNumber equivalent, String basis) {}
