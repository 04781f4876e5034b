package synopta.core.tag;

import java.util.Optional;

/**
 * Where a reading and a model differ.
 *
 * @param position in the normalized reading, from 1; for a character the reading lacks, where it belongs
 * @param typed what was read; empty when the reading lacks a character
 * @param listed the character of the model in the catalog; empty when the reading has one too many
 */
public record Difference(int position, Optional<Character> typed, Optional<Character> listed) {}
