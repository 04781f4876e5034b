package synopta.core.bench;

import synopta.core.reading.Verdict;

/**
 * A verdict on a part.
 *
 * @param verdict verdict in one word
 * @param why with the figures
 * @param next what to do now
 * @param source of the formula and of the tolerance
 */
public record CheckResult(Verdict verdict, String why, String next, String source) {}
