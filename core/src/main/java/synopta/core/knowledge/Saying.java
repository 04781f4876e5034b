package synopta.core.knowledge;

import java.util.List;
import java.util.Objects;
import java.util.stream.Stream;

/**
 * Something callers say, and what it means.
 *
 * @param meaning `finding=answer`, `+` and a part type, or `~` and an intent
 * @param text the words
 */
public record Saying(String meaning, String text) {
    /** Begins the meaning of a part's name or description. */
    public static final String PART = "+";

    /** Begins the meaning of what is neither a sign nor a part. */
    public static final String INTENT = "~";

    /** The sayings that a pack itself holds: its phrases, and the names of its part types. */
    public static List<Saying> of(Pack pack) {
        return Stream.concat(
                        pack.findings().stream()
                                .flatMap(finding -> finding.answers().stream()
                                        .flatMap(answer -> answer.said().stream()
                                                .map(said -> new Saying(finding.id() + "=" + answer.slug(), said)))),
                        pack.partTypes().stream()
                                .flatMap(type -> Stream.concat(Stream.of(type.name()), type.called().stream())
                                        .map(name -> new Saying(PART + type.slug(), name))))
                .toList();
    }

    /** Whether a pack knows what it means. */
    public boolean isOf(Pack pack) {
        if (meaning.startsWith(INTENT)) {
            return true;
        }
        if (meaning.startsWith(PART)) {
            return pack.partType(meaning.substring(1)).isPresent();
        }
        String[] sign = meaning.split("=", 2);
        return sign.length == 2
                && pack.finding(sign[0]).filter(f -> f.knows(sign[1])).isPresent();
    }

    /** Refuses an empty meaning or text. */
    public Saying {
        if (Objects.requireNonNull(meaning).isBlank()
                || Objects.requireNonNull(text).isBlank()) {
            throw new IllegalArgumentException("A saying has a meaning and words.");
        }
    }
}
