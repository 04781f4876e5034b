package synopta.core.catalog;

import java.util.Optional;

/** A brand, the family of makes that share its platforms, and how its serial numbers tell the build date. */
public record Brand(String brand, String family, Optional<String> serialScheme) {}
