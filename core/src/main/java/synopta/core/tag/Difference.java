package synopta.core.tag;

import org.jspecify.annotations.Nullable;

/**
 * Where a reading and a model differ.
 *
 * @param position in the normalized reading, from 1; for a character the reading lacks, where it belongs
 * @param typed what was read; null when the reading lacks a character
 * @param listed the character of the model in the catalog; null when the reading has one too many
 */
public record Difference(
        int position, @Nullable Character typed, @Nullable Character listed) {}
