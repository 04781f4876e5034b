package synopta.core.tag;

import synopta.core.catalog.ModelNumber;

/** A reading as it was typed, and the model that the machine turned out to be. */
public record ConfirmedReading(String typed, ModelNumber model) {}
