package synopta.core.identify;

import synopta.core.knowledge.MeterTest;
import synopta.core.reading.Conditions;
import synopta.core.reading.Judgment;
import synopta.core.reading.Reading;

/**
 * A reading of the case with its verdict.
 *
 * @param test test it belongs to
 * @param reading what the meter showed
 * @param beside what is known beside it: entered, said or from the catalog
 * @param judgment what it means
 */
public record JudgedReading(MeterTest test, Reading reading, Conditions beside, Judgment judgment) {}
