package synopta.core.line;

import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;
import synopta.core.catalog.Appliance;

/**
 * What a caller says of another machine: "and a filter for my dishwasher". It is a case of its own in the same visit, and
 * is not heard for this one.
 *
 * @param text its words, without those that join them
 * @param appliance what it is
 * @param from first character in the line, from 0
 * @param to character after the last
 */
public record OtherMachine(String text, Appliance appliance, int from, int to) {
    private static final Pattern JOINED = Pattern.compile(
            "(?:^|[,;.]\\s*|\\s)(?:and\\s+|also\\s+|plus\\s+|oh\\s+and\\s+|&\\s*)+(?<text>[^,;.]*?\\b(?:for|in|on)\\s+"
                    + "(?:(?:my|the|our|her|his|their|a|an|an?other)\\s+)?(?:(?:other|second|old)\\s+)?(?<appliance>[\\p{L}-]+)\\b"
                    + "(?:,?\\s+(?:model\\s+)?(?=[\\p{L}/-]*\\d)(?=[\\d/-]*\\p{L})[\\p{L}\\d/-]{5,})?)",
            Pattern.CASE_INSENSITIVE);

    /** "Rollers for two dryers": the second is a machine of its own, for which the same is asked. */
    private static final Pattern ALIKE = Pattern.compile(
            "\\s+(?:for|in)\\s+(?:two|2|both|three|3)\\s+(?:of\\s+(?:the|my|our)\\s+)?(?<appliance>[\\p{L}-]+)\\b",
            Pattern.CASE_INSENSITIVE);

    /** The first that is named with another appliance than this one, or as one more of its kind; empty where there is none. */
    public static Optional<OtherMachine> in(String line, @Nullable Appliance appliance) {
        Matcher joined = JOINED.matcher(line);
        while (appliance != null && joined.find()) {
            Appliance named = NamedAppliances.of(joined.group("appliance"));
            if (named != null && named != appliance) {
                return Optional.of(new OtherMachine(joined.group("text").strip(), named, joined.start(), joined.end()));
            }
        }
        Matcher alike = ALIKE.matcher(line);
        return appliance != null && alike.find() && NamedAppliances.of(alike.group("appliance")) == appliance
                ? Optional.of(new OtherMachine(
                        line.substring(0, alike.start()).strip(), appliance, alike.start(), alike.end()))
                : Optional.empty();
    }
}
