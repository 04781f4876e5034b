package synopta.core.line;

import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;
import synopta.core.catalog.Catalog;
import synopta.core.catalog.FaultCode;

/**
 * A fault code in a line: what stands beside code, error, shows, flashes or blinks, or one or two pairs of letters and
 * digits ("F7 E1") with which no model number of the catalog begins. It is never read as a model number.
 */
final class FaultCodeFinder {
    private static final String PAIR = "[a-z]{1,2}[ -]?\\d{1,3}";

    /** Letters and digits as panels show them, once or twice; or letters alone. */
    private static final String SHOWN = "(?:%s(?:[ /-]?%s)?|\\d{1,2}[a-z]{1,2})".formatted(PAIR, PAIR);

    private static final Pattern BESIDE = pattern(
            "(?:error|fault|trouble)?[\\s-]*(?:codes?|error|shows|showing|says|flashes|flashing|displays|reads)\\s*(?:is|of|no\\.?|:|a|an|the|code)?\\s*(?<code>%s)\\b(?!\\s*(?:ohms?|volts?|amps?|v\\b|a\\b|k\\b|mv))"
                    .formatted(SHOWN));
    private static final Pattern LETTERS = Pattern.compile(
            "(?i:error|code|codes|shows|showing|says|flashes|flashing|displays)\\s+(?i:code\\s+)?(?<code>[A-Z][A-Za-z]?[A-Z]?)\\b(?![\\w'])");
    private static final Pattern BLINKS = pattern(
            "(?:blinks?|flashes|flashing|blinking)\\s*(?<first>\\d{1,2})(?:\\s*times)?(?:\\s*(?:then|and|pause|,|-)\\s*(?<second>\\d{1,2}))?|(?<before>\\d{1,2})\\s*(?:blinks|flashes)(?:\\s*(?:then|and|,)\\s*(?<after>\\d{1,2}))?");
    private static final Pattern BARE = pattern("(?<code>%s(?:[ /-]?%s)?)".formatted(PAIR, PAIR));
    /** Words of two letters before a figure that make no code: "no 2", "in 10". */
    private static final Pattern WORDS = pattern(
            "(?:no|in|at|to|of|on|by|is|it|an|or|my|up|go|so|we|he|id|ok|nr|pt|lp|ac|dc|mw|l|x|v|a|i|n)[ -]?\\d.*");

    private final Catalog catalog;

    FaultCodeFinder(Catalog catalog) {
        this.catalog = catalog;
    }

    private static Pattern pattern(String inner) {
        return Pattern.compile(
                "(?<![\\p{L}\\p{N}/-])(?:%s)(?![\\p{L}\\p{N}/])".formatted(inner), Pattern.CASE_INSENSITIVE);
    }

    /** The first code of a line, as {@link FaultCode} writes it; its piece is added. */
    @Nullable
    String in(String line, List<LineToken> pieces) {
        Optional<LineToken> blinks = first(BLINKS, null, line, pieces);
        Optional<LineToken> found = blinks.or(() -> first(BESIDE, "code", line, pieces))
                .or(() -> first(LETTERS, "code", line, pieces))
                .or(() -> bare(line, pieces));
        found.ifPresent(pieces::add);
        return found.map(piece -> blinks.isPresent() ? blinked(piece.text()) : shown(piece.text()))
                .orElse(null);
    }

    private static Optional<LineToken> first(
            Pattern pattern, @Nullable String group, String line, List<LineToken> taken) {
        Matcher matcher = pattern.matcher(line);
        while (matcher.find()) {
            int from = group == null ? matcher.start() : matcher.start(group);
            int to = group == null ? matcher.end() : matcher.end(group);
            if (LineToken.isFree(taken, from, to)) {
                return Optional.of(new LineToken(LineToken.Kind.CODE, line.substring(from, to), from, to));
            }
        }
        return Optional.empty();
    }

    private Optional<LineToken> bare(String line, List<LineToken> taken) {
        return first(BARE, "code", line, taken)
                .filter(piece -> !WORDS.matcher(piece.text()).matches())
                .filter(piece -> !goesOn(line, piece.to()))
                .filter(piece ->
                        catalog.modelsFrom(FaultCode.key(piece.text()), 1).isEmpty());
    }

    /** Whether more letters and digits follow: it is the beginning of a number. */
    private static boolean goesOn(String line, int at) {
        return line.substring(at).matches("\\s+[\\p{L}]*\\d.*");
    }

    private static String blinked(String text) {
        List<String> counts = Pattern.compile("\\d+")
                .matcher(text)
                .results()
                .map(result -> result.group())
                .toList();
        return "blink " + String.join("-", counts);
    }

    /** Two pairs with a space between: `F7 E1`. */
    private static String shown(String text) {
        return FaultCode.key(text).replaceAll("^([A-Z]{1,2}\\d{1,3})([A-Z]{1,2}\\d{1,3})$", "$1 $2");
    }
}
