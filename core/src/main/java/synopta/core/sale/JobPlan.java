package synopta.core.sale;

import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * Work that is asked for as a whole.
 *
 * @param job identifier of the job
 * @param name its name, as it is shown
 * @param phrase words it came from
 * @param licensed whether only a licensed technician may do it
 * @param ask what is to be asked first, in a sentence; null where nothing is
 * @param notes what to tell whoever does it, in sentences
 */
public record JobPlan(
        String job,
        String name,
        String phrase,
        boolean licensed,
        @Nullable String ask,
        List<String> notes) {
    /** Copies. */
    public JobPlan {
        notes = List.copyOf(notes);
    }
}
