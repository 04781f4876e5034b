package synopta.core.tag;

import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import synopta.core.quantity.Probability;

/**
 * What a reading may mean. The probabilities of all candidates and `unlisted` add up to 1 when the limit held them all.
 *
 * @param normalized the reading in upper-case letters and digits, label words left out
 * @param candidates likeliest first, ties by model number
 * @param unlisted that the machine is in no catalog row
 * @param leftOut upper bound of the probability of all models too unlikely to be candidates
 * @param readAgain character worth checking; null when none is
 * @param platforms what it may be when it is unlisted, likeliest first; none while that is unlikely
 */
public record TagReading(
        String normalized,
        List<Candidate> candidates,
        Probability unlisted,
        double leftOut,
        @Nullable RecheckAdvice readAgain,
        List<PlatformGuess> platforms) {
    /** Copies the candidates. */
    public TagReading {
        candidates = List.copyOf(candidates);
        platforms = List.copyOf(platforms);
    }

    /** The leading model when it is likelier than not. */
    public Optional<Candidate> likely() {
        return candidates.stream().findFirst().filter(c -> c.probability().value() > 0.5);
    }
}
