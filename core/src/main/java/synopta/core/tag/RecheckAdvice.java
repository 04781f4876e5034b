package synopta.core.tag;

import java.util.List;
import synopta.core.catalog.ModelNumber;

/**
 * The character worth reading again.
 *
 * @param position in the normalized reading, from 1
 * @param options what may stand there, likeliest first; "" for nothing
 * @param model the model that leads now
 * @param expectedGainBits information about the model that the answer gives on average, bit
 */
public record RecheckAdvice(int position, List<String> options, ModelNumber model, double expectedGainBits) {
    /** Copies the options. */
    public RecheckAdvice {
        options = List.copyOf(options);
    }
}
