package synopta.core.bench;

import java.util.Locale;

/** What an electrical part turned out to be; the later of two is the graver. */
public enum Verdict {
    GOOD,
    OFF_VALUE,
    SHORTED,
    OPEN,
    GROUNDED;

    /** The word of the API. */
    public String slug() {
        return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }
}
