package synopta.core.identify;

import synopta.core.reading.Judgment;
import synopta.core.reading.Reading;

/**
 * A reading of the case with its verdict.
 *
 * @param test id of the test it belongs to
 * @param part part that was tested, as it is shown
 * @param value what the meter showed
 * @param unit sign of the test's unit
 * @param judgment what it means, by what is known beside it
 */
public record JudgedReading(String test, String part, Reading value, String unit, Judgment judgment) {}
