package synopta.core.tag;

import java.util.List;
import java.util.stream.IntStream;

/**
 * One character of a tag taken down as another.
 *
 * @param shown what stands on the tag
 * @param typed what it was taken for
 */
public record Confusion(char shown, char typed) {
    /** Refuses all but digits and capital letters. */
    public Confusion {
        if (!Alphabet.isSign(shown) || !Alphabet.isSign(typed)) {
            throw new IllegalArgumentException(
                    "Characters (%s, %s) must be digits or capital letters.".formatted(shown, typed));
        }
    }

    /** All that a character can wrongly be taken for. */
    public static List<Confusion> wrongly(char shown) {
        return IntStream.range(0, Alphabet.COUNT)
                .mapToObj(sign -> new Confusion(shown, Alphabet.character(sign)))
                .filter(pair -> pair.typed != shown)
                .toList();
    }
}
