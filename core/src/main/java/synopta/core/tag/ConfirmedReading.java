package synopta.core.tag;

import synopta.core.catalog.ModelNumber;

/**
 * A reading as it was typed, and the model that the machine turned out to be.
 *
 * @param number of the case
 * @param typed text as it was read
 * @param model model that it was
 */
public record ConfirmedReading(long number, String typed, ModelNumber model) {}
