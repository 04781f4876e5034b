package synopta.core.line;

import java.util.List;
import java.util.Locale;
import java.util.OptionalInt;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** How many of a part were asked for, from the words before and after its name: "just the left glide", "three fuses". */
public final class RequestedQuantity {
    private static final List<String> NUMBERS =
            List.of("one", "two", "three", "four", "five", "six", "seven", "eight", "nine", "ten", "eleven", "twelve");
    /** At most two words, as in "the left", "little". */
    private static final String BETWEEN = "(?:\\s+[\\p{L}-]+){0,2}\\s*$";

    private static final Pattern ONE = Pattern.compile(
            "\\b(?:(?:just|only)(?!\\s+(?:%s|\\d))|(?:just |only )?one of|a single|(?:the|my|a) (?:left|right))\\b(?:\\s+[\\p{L}-]+){0,3}\\s*$"
                    .formatted(String.join("|", NUMBERS.subList(1, NUMBERS.size()))));
    private static final Pattern BOTH = Pattern.compile("\\bboth\\b" + BETWEEN);
    private static final Pattern NUMBER =
            Pattern.compile("\\b(\\d{1,2}|%s)(?:\\s*x)?%s".formatted(String.join("|", NUMBERS), BETWEEN));
    private static final Pattern ONLY_BEHIND = Pattern.compile("^\\s*(?:only|alone)\\b");

    private RequestedQuantity() {}

    /** The pieces asked for; empty when nothing was said of it. */
    public static OptionalInt of(String complaint, int from, int to) {
        String text = complaint.toLowerCase(Locale.ROOT);
        String before = text.substring(0, from);
        int clause = Math.max(Math.max(before.lastIndexOf(','), before.lastIndexOf('.')), before.lastIndexOf(';'));
        before = before.substring(clause + 1);
        if (ONE.matcher(before).find()
                || ONLY_BEHIND.matcher(text.substring(to)).find()) {
            return OptionalInt.of(1);
        }
        if (BOTH.matcher(before).find()) {
            return OptionalInt.of(2);
        }
        Matcher number = NUMBER.matcher(before);
        if (!number.find()) {
            return OptionalInt.empty();
        }
        String said = number.group(1);
        int count = NUMBERS.contains(said) ? NUMBERS.indexOf(said) + 1 : Integer.parseInt(said);
        return count > 0 ? OptionalInt.of(count) : OptionalInt.empty();
    }
}
