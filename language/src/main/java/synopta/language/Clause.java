package synopta.language;

import java.util.List;

/**
 * A clause as it is said.
 *
 * @param span where it stands
 * @param vector of its words
 * @param bag its words, as {@link WordBag} has them
 * @param stems those of its words that mean something, in their order, a space between
 * @param negations how many it holds
 */
record Clause(Clauses.Span span, float[] vector, List<String> bag, String stems, int negations) {}
