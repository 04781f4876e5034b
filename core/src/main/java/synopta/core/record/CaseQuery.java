package synopta.core.record;

import java.time.DateTimeException;
import java.time.LocalDate;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Function;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;

/**
 * What is typed to find cases: words, and a day as it is shown or said (`12/01/2026`, `12/1/26`, `Dec 1, 2026`, `1 Dec 2026`,
 * `2026-12-01`, `today`, `yesterday`), with or without a time behind it.
 *
 * @param words what is left without the day
 * @param day the day; null when none was typed
 */
public record CaseQuery(String words, @Nullable LocalDate day) {
    private static final String TIME = "(?:,?\\s*\\d{1,2}:\\d{2}(?:\\s*[ap]\\.?m\\.?)?)?";
    private static final List<String> MONTHS =
            List.of("jan", "feb", "mar", "apr", "may", "jun", "jul", "aug", "sep", "oct", "nov", "dec");
    private static final String MONTH = "(?<month>%s)[a-z]*\\.?".formatted(String.join("|", MONTHS));
    private static final Pattern BETWEEN_SLASHES = day("(\\d{1,2})/(\\d{1,2})/(\\d{4}|\\d{2})");
    private static final Pattern SAID = day("(today|yesterday)");

    /** Years, months and days by the names of their groups. */
    private static final List<Pattern> NAMED = List.of(
            day("(?<year>\\d{4})-(?<month>\\d{2})-(?<date>\\d{2})"),
            day(MONTH + "\\s+(?<date>\\d{1,2})(?:st|nd|rd|th)?,?\\s+(?<year>\\d{4})"),
            day("(?<date>\\d{1,2})\\s+" + MONTH + "\\s+(?<year>\\d{4})"));

    private static Pattern day(String form) {
        return Pattern.compile(
                "(?<![\\p{L}\\p{N}/-])" + form + TIME + "(?![\\p{L}\\p{N}/-])", Pattern.CASE_INSENSITIVE);
    }

    /**
     * Reads what was typed; what is no day stays among the words.
     *
     * @param isDayFirst whether the day stands before the month between slashes
     */
    public static CaseQuery read(String typed, LocalDate today, boolean isDayFirst) {
        return without(typed, SAID, m -> m.group(1).equalsIgnoreCase("today") ? today : today.minusDays(1))
                .or(() -> without(
                        typed,
                        BETWEEN_SLASHES,
                        m -> dated(m.group(3), m.group(isDayFirst ? 2 : 1), m.group(isDayFirst ? 1 : 2))))
                .or(() -> NAMED.stream()
                        .flatMap(form ->
                                without(typed, form, m -> dated(m.group("year"), m.group("month"), m.group("date")))
                                        .stream())
                        .findFirst())
                .orElseGet(() -> new CaseQuery(typed, null));
    }

    /** What is left without a day of that form; empty when there is none, or none of the calendar. */
    private static Optional<CaseQuery> without(String typed, Pattern form, Function<Matcher, LocalDate> reader) {
        Matcher matcher = form.matcher(typed);
        if (!matcher.find()) {
            return Optional.empty();
        }
        try {
            LocalDate day = reader.apply(matcher);
            String words = typed.substring(0, matcher.start()) + " " + typed.substring(matcher.end());
            return Optional.of(new CaseQuery(words.strip(), day));
        } catch (DateTimeException e) {
            return Optional.empty();
        }
    }

    private static LocalDate dated(String year, String month, String date) {
        int number = Character.isDigit(month.charAt(0))
                ? Integer.parseInt(month)
                : MONTHS.indexOf(month.toLowerCase(Locale.ROOT)) + 1;
        int written = Integer.parseInt(year);
        return LocalDate.of(written < 100 ? 2000 + written : written, number, Integer.parseInt(date));
    }
}
