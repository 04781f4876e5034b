package synopta.core.catalog;

/** A brand and the family of makes that share its platforms. */
public record Brand(String brand, String family) {}
