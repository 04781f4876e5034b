package synopta.core.casefile;

import java.util.List;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;
import java.util.stream.Stream;

/** Phone numbers of North America in a text, with any punctuation: ten digits with or without the country's 1, or the last seven. */
public final class PhoneNumbers {
    private static final Pattern NUMBER = Pattern.compile(
            "(?<![\\p{L}\\p{N}])(?:(?:\\+?1[ .-]?)?\\(?(\\d{3})\\)?[ .-]{0,2})?(\\d{3})[ .-]?(\\d{4})(?![\\p{L}\\p{N}])");
    private static final int LAST = 7;

    private PhoneNumbers() {}

    /** The digits by which each phone number of a text may be asked for: all ten, and the last seven. */
    public static List<String> digitsIn(String text) {
        return NUMBER.matcher(text)
                .results()
                .map(PhoneNumbers::digits)
                .flatMap(digits -> digits.length() == LAST
                        ? Stream.of(digits)
                        : Stream.of(digits, digits.substring(digits.length() - LAST)))
                .distinct()
                .toList();
    }

    /** The text with each phone number as its digits alone. */
    public static String asDigits(String text) {
        return NUMBER.matcher(text).replaceAll(PhoneNumbers::digits);
    }

    /** The text with a phone number replaced, whatever its punctuation; one of seven digits stands for the end of one of ten. */
    static String replaced(String text, String phone, String by) {
        List<String> digits = digitsIn(phone);
        return NUMBER.matcher(text).replaceAll(match -> digits.contains(digits(match)) ? by : match.group());
    }

    private static String digits(MatchResult match) {
        return (match.group(1) == null ? "" : match.group(1)) + match.group(2) + match.group(3);
    }
}
