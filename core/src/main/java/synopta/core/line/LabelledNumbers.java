package synopta.core.line;

import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;

/** Numbers with their names, as on a tag or pasted from a form: "Model: …", "M/N", "Ser.", "S/N", "P/N". They win over all else. */
final class LabelledNumbers {
    /** Letters and digits with their own signs between, a digit among them. */
    private static final String NUMBER = "((?=[\\p{L}./_-]*\\p{N})[\\p{L}\\p{N}]+(?:[./_-]+[\\p{L}\\p{N}]+)*)";

    private static final String NAMED = "(?:\\s*(?:no|nr|num|number|code)\\b)?[\\s.:#]*";
    private static final Pattern MODEL =
            label("(?:model|mod\\.|mod(?=\\s*[:#])|m\\s*/\\s*n|mdl)" + NAMED + "(?:is\\s+)?(?:an?\\s+)?" + NUMBER);
    private static final Pattern SERIAL = label("(?:serial|ser\\.|ser(?=\\s*[:#])|s\\s*/\\s*n|s\\.?n\\.?)" + NAMED
            + "(?:is\\s+)?" + "((?=[\\p{L}-]*\\p{N})[\\p{L}\\p{N}-]{5,40})");
    private static final Pattern TYPE =
            label("(?:type|version|rev|mfg|mfr|manufactured|date\\s+code)\\s*[:#]\\s*" + NUMBER);
    private static final Pattern PART =
            label("(?:part|p\\s*/\\s*n|pn(?=\\s*[:#]))(?:\\s*(?:no|nr|num|number)\\b)?\\s*[.:#]+\\s*" + NUMBER);

    private LabelledNumbers() {}

    private static Pattern label(String form) {
        return Pattern.compile("(?<![\\p{L}\\p{N}/])" + form, Pattern.CASE_INSENSITIVE | Pattern.UNICODE_CASE);
    }

    /** The number that is called the serial; its piece, the name with it, is added. */
    static @Nullable String serial(String line, List<LineToken> pieces) {
        return first(SERIAL, LineToken.Kind.SERIAL, line, pieces);
    }

    /** The number that is called the model, if it has a digit; its piece is added. */
    static @Nullable String model(String line, List<LineToken> pieces) {
        return first(MODEL, LineToken.Kind.MODEL, line, pieces);
    }

    /** Numbers that are called something else are not those of the machine; a part's may be looked up. */
    static void others(String line, List<LineToken> pieces) {
        first(TYPE, LineToken.Kind.BESIDE, line, pieces);
    }

    /** Where a number stands that is called a part's: it is no model, even if no part has it. */
    static @Nullable LineToken part(String line) {
        Matcher matcher = PART.matcher(line);
        return matcher.find()
                ? new LineToken(LineToken.Kind.NOT_UNDERSTOOD, matcher.group(), matcher.start(), matcher.end())
                : null;
    }

    private static @Nullable String first(Pattern pattern, LineToken.Kind kind, String line, List<LineToken> pieces) {
        Matcher matcher = pattern.matcher(line);
        while (matcher.find()) {
            if (LineToken.isFree(pieces, matcher.start(), matcher.end())) {
                pieces.add(new LineToken(kind, matcher.group(), matcher.start(), matcher.end()));
                return matcher.group(1);
            }
        }
        return null;
    }
}
