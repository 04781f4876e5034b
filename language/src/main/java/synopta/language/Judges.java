package synopta.language;

import java.util.EnumMap;
import java.util.Map;
import synopta.core.diagnosis.ParsedComplaint.Named.How;

/**
 * What judges whether a sentence says what a clause of it may mean.
 *
 * @param signs of answers of findings
 * @param parts of parts, for each way of speaking of them but mentioning
 */
record Judges(LogisticModel signs, Map<How, LogisticModel> parts) {
    /** In this order they are kept. */
    static final How[] HOWS = {How.ASKED, How.DENIED, How.RENEWED};

    /** Copies. */
    Judges {
        parts = new EnumMap<>(parts);
    }
}
