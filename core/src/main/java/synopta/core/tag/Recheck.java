package synopta.core.tag;

import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * A place of the tag that was read again.
 *
 * @param position in the normalized reading, from 1
 * @param character what the tag really shows there; null when nothing stands there
 */
public record Recheck(int position, @Nullable Character character) {
    /** The character, or "" for nothing. */
    public String written() {
        return Optional.ofNullable(character).map(String::valueOf).orElse("");
    }
}
