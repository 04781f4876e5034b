package synopta.core.line;

import java.util.regex.Pattern;

/** Callers who want to know a price, or whether something is in stock. */
public final class PriceInquiry {
    private static final Pattern ASKED = Pattern.compile(
            "\\bhow much\\b|\\bpric(?:e|es|ing)\\b|\\bcosts?\\b|\\bquote\\b|\\bin stock\\b|\\bhow many .{0,20}\\bhave\\b"
                    + "|\\b(?:do|have) (?:you|y'?all|u|ya) (?:have|got|stock|carry|keep)\\b|\\bgot any\\b|\\bavailab(?:le|ility)\\b",
            Pattern.CASE_INSENSITIVE);

    private PriceInquiry() {}

    /** Whether a complaint asks for a price or for stock. */
    public static boolean isIn(String complaint) {
        return ASKED.matcher(complaint).find();
    }
}
