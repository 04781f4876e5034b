package synopta.language;

import java.util.List;

/**
 * What sayings teach of clauses.
 *
 * @param meanings every meaning once
 * @param vocabulary words of the sayings
 * @param classifier over vector and words
 */
record Taught(List<String> meanings, Vocabulary vocabulary, ClauseClassifier classifier) {
    /** Copies. */
    Taught {
        meanings = List.copyOf(meanings);
    }
}
