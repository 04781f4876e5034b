package synopta.core.tag;

import java.util.Collection;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import synopta.core.catalog.NumberNormalizer;

/** Takes the words round a model number away: "Model No.", "M/N:", the brand's name. */
final class TagTextCleaner {
    private static final String LABELS = "model\\s*(?:no|nr|number|num|code)?|mod(?:\\s*no)?|m\\s*/\\s*n|no|type|typ";

    private final Pattern round;

    TagTextCleaner(Collection<String> brands) {
        String names = brands.stream().map(Pattern::quote).collect(Collectors.joining("|"));
        round = Pattern.compile(
                "(?<![\\p{L}\\p{N}])(?:%s%s)(?![\\p{L}\\p{N}])[.:#]?"
                        .formatted(LABELS, names.isEmpty() ? "" : "|" + names),
                Pattern.CASE_INSENSITIVE | Pattern.UNICODE_CASE);
    }

    /** The reading itself, upper-case letters and digits; when only label words stand there, those. */
    String normalized(String text) {
        String bare = NumberNormalizer.key(round.matcher(text).replaceAll(" "));
        return bare.isEmpty() ? NumberNormalizer.key(text) : bare;
    }
}
