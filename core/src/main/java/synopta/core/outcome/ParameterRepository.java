package synopta.core.outcome;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/** The port through which versions of what was learned are kept. The last one is in force; none is ever changed. */
public interface ParameterRepository {
    /**
     * A version.
     *
     * @param number number of the version, from 1
     * @param at when it was accepted
     * @param by who accepted it
     * @param like the earlier version that it goes back to
     * @param figures all that is in force with it
     */
    record Version(
            int number, Instant at, String by, @Nullable Integer like, List<Proposal> figures) {
        /** Copies. */
        public Version {
            figures = List.copyOf(figures);
        }

        /** What it lays over the packs. */
        public ParameterOverrides layer() {
            return new ParameterOverrides(
                    figures.stream().map(Proposal::learned).toList());
        }
    }

    /**
     * A proposal that somebody did not want.
     *
     * @param figure what the cases said then
     * @param at when it was declined
     * @param by who declined it
     */
    record Declined(Proposal.Learned figure, Instant at, String by) {}

    /** Notes that proposals are not wanted; of two for the same figure the later counts. */
    void decline(Instant at, String by, List<Proposal> proposals);

    /** All that was declined, the first first. */
    List<Declined> declined();

    /** Adds a version under the next number. */
    Version add(Instant at, String by, @Nullable Integer like, List<Proposal> figures);

    /** All versions, the first first. */
    List<Version> versions();

    /** The version in force; empty while nothing was accepted. */
    default Optional<Version> last() {
        return versions().stream().reduce((first, second) -> second);
    }

    /** The figures of a version, none for version 0, the packs as they ship; empty where there is no such version. */
    default Optional<List<Proposal>> figures(int version) {
        return version == 0
                ? Optional.of(List.of())
                : versions().stream()
                        .filter(v -> v.number() == version)
                        .findFirst()
                        .map(Version::figures);
    }
}
