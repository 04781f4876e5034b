package synopta.core.review;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.TreeMap;
import org.jspecify.annotations.Nullable;
import synopta.core.catalog.Appliance;
import synopta.core.outcome.ParameterKind;
import synopta.core.outcome.Proposal;

/**
 * A figure that differs between two versions.
 *
 * @param kind kind, from a closed list
 * @param appliance kind of machine; null for the reading of tags
 * @param subject key of the figure within its kind
 * @param words words that are shown
 * @param first its value in the one; null where the pack's own is in force
 * @param second its value in the other
 */
public record Differing(
        ParameterKind kind,
        @Nullable Appliance appliance,
        String subject,
        String words,
        @Nullable Double first,
        @Nullable Double second) {
    /** Where the figures of two versions differ, by key. */
    public static List<Differing> between(List<Proposal> first, List<Proposal> second) {
        Map<String, Proposal> of = new TreeMap<>();
        Map<String, Proposal> with = new TreeMap<>();
        first.forEach(p -> of.put(p.key(), p));
        second.forEach(p -> with.put(p.key(), p));
        Map<String, Proposal> all = new TreeMap<>(with);
        all.putAll(of);
        List<Differing> differing = new ArrayList<>();
        all.forEach((key, p) -> {
            Double one = Optional.ofNullable(of.get(key)).map(Proposal::value).orElse(null);
            Double other =
                    Optional.ofNullable(with.get(key)).map(Proposal::value).orElse(null);
            if (!Objects.equals(one, other)) {
                differing.add(new Differing(p.kind(), p.appliance(), p.subject(), p.words(), one, other));
            }
        });
        return differing;
    }
}
