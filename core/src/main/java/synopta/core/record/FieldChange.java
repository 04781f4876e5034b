package synopta.core.record;

import java.util.List;

/**
 * A field of a case that differs between two of its revisions; an empty text where it was not filled in.
 *
 * @param field its name in the API
 * @param before text before
 * @param after text after
 */
public record FieldChange(String field, String before, String after) {
    /** What is another in the later one, in the order of the fields. */
    public static List<FieldChange> between(CaseContent before, CaseContent after) {
        return CaseField.ALL.stream()
                .map(field -> new FieldChange(field.name(), field.words(before), field.words(after)))
                .filter(change -> !change.before.equals(change.after))
                .toList();
    }
}
