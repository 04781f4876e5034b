package synopta.core.catalog;

import org.jspecify.annotations.Nullable;

/**
 * A brand, the family of makes that share its platforms, and how its serial numbers tell the build date.
 *
 * @param brand brand of the machine
 * @param family works whose parts it takes
 * @param serialScheme scheme of its serial numbers; null when not known
 */
public record Brand(String brand, String family, @Nullable String serialScheme) {}
