package synopta.core.tag;

import synopta.core.catalog.ModelNumber;

/**
 * A reading as it was typed, and the model that the machine turned out to be.
 *
 * @param number of the case
 */
public record ConfirmedReading(long number, String typed, ModelNumber model) {}
