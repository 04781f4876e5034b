package synopta.core.catalog;

import org.jspecify.annotations.Nullable;

/** A brand, the family of makes that share its platforms, and how its serial numbers tell the build date. */
public record Brand(String brand, String family, @Nullable String serialScheme) {}
