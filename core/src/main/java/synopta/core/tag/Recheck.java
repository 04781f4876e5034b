package synopta.core.tag;

import java.util.Optional;

/**
 * A place of the tag that was read again.
 *
 * @param position in the normalized reading, from 1
 * @param character what the tag really shows there; empty when nothing stands there
 */
public record Recheck(int position, Optional<Character> character) {
    /** The character, or "" for nothing. */
    public String written() {
        return character.map(String::valueOf).orElse("");
    }
}
