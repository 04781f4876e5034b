package synopta.core.identify;

import java.util.List;
import org.jspecify.annotations.Nullable;
import synopta.core.catalog.FaultCode;

/**
 * The fault code of a case.
 *
 * @param code as it was read
 * @param known what it means on this machine; null where brand or appliance are not known, or the code is not listed
 */
public record ReadCode(String code, @Nullable FaultCode known) {
    /** What is asked and done first, whatever the code. */
    private static final String FIRST =
            "Breaker off for five minutes: does it return, and when? It names the circuit, not the part.";

    /** What it means, in a few words. */
    public String means() {
        return known == null ? "not listed for this machine" : known.means();
    }

    /** What to do, in sentences. */
    public String words() {
        String ask = known == null ? "Ask the brand, the appliance and what exactly shows. " : "";
        return ask + FIRST;
    }

    /** Part types of the circuit it names, the likeliest first. */
    public List<String> partTypes() {
        return known == null ? List.of() : known.partTypes();
    }
}
