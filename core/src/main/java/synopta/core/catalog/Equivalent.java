package synopta.core.catalog;

/** `equivalent` may be supplied for `part`; not the other way round unless another row says so. */
public record Equivalent(PartNumber part, PartNumber equivalent, String basis) {}
