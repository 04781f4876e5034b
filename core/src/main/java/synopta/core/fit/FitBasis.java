package synopta.core.fit;

import java.util.Locale;

/** How a part comes to serve a machine, nearest first. */
public enum FitBasis {
    DIRECT,
    SUCCESSION,
    EQUIVALENT,
    CONTENTS;

    /** The word of the API. */
    public String slug() {
        return name().toLowerCase(Locale.ROOT);
    }
}
