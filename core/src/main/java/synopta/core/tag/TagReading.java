package synopta.core.tag;

import java.util.List;
import java.util.Optional;
import synopta.core.quantity.Probability;

/**
 * What a reading may mean. The probabilities of all candidates and `unlisted` add up to 1 when the limit held them all.
 *
 * @param normalized the reading in upper-case letters and digits, label words left out
 * @param candidates likeliest first, ties by model number
 * @param unlisted that the machine is in no catalogue row
 */
public record TagReading(
        String normalized, List<Candidate> candidates, Probability unlisted, Optional<ReadAgain> readAgain) {
    /** Copies the candidates. */
    public TagReading {
        candidates = List.copyOf(candidates);
    }

    /** The leading model when it is likelier than not. */
    public Optional<Candidate> likely() {
        return candidates.stream().findFirst().filter(c -> c.probability().value() > 0.5);
    }
}
