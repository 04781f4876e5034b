package synopta.core.knowledge;

import java.util.Locale;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import synopta.core.quantity.Ordered;
import synopta.core.quantity.WholeNumbers;

/**
 * Who gets at what, and how long names are kept.
 *
 * @param lockMinutes after how many minutes without use a terminal is locked
 * @param retentionMonths how long after its last change a case keeps its customer; 0: until somebody erases them
 * @param hosts names under which the server may be asked, besides those of its own machine; in small letters
 */
public record AccessSettings(int lockMinutes, int retentionMonths, Set<String> hosts) {
    /** Locked after a quarter of an hour, which is our judgment; names are kept. */
    public static final AccessSettings USUAL = new AccessSettings(15, 0, Set.of());

    private static final int LONGEST_LOCK = 240;
    private static final int LONGEST_RETENTION = 240;
    private static final int MOST_HOSTS = 20;
    private static final int LONGEST_HOST = 100;
    /** A name of the domain name system (RFC 1123, section 2.1). */
    private static final Pattern HOST =
            Pattern.compile("[a-z0-9]([a-z0-9-]*[a-z0-9])?(\\.[a-z0-9]([a-z0-9-]*[a-z0-9])?)*");

    /** Refuses spans that no house has, and what is no host name. */
    public AccessSettings {
        WholeNumbers.between("Lock after, minutes", lockMinutes, 1, LONGEST_LOCK);
        WholeNumbers.between("Keep names, months", retentionMonths, 0, LONGEST_RETENTION);
        WholeNumbers.between("Number of host names", hosts.size(), 0, MOST_HOSTS);
        hosts = Ordered.set(hosts.stream()
                .map(host -> host.strip().toLowerCase(Locale.ROOT))
                .collect(Collectors.toCollection(TreeSet::new)));
        for (String host : hosts) {
            if (host.length() > LONGEST_HOST || !HOST.matcher(host).matches()) {
                throw new IllegalArgumentException(
                        "Host name (%s) must be a name such as parts.example, without a port.".formatted(host));
            }
        }
    }
}
