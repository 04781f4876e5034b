package synopta.core.diagnosis;

import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.regex.MatchResult;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import synopta.core.reading.MeterUnit;
import synopta.core.reading.Reading;

/**
 * What a meter showed as it was said.
 *
 * @param reading the figure, scaled; of several pairs the largest, or open when one is
 * @param unit the unit that was said; null when none was
 * @param isPairs whether it is of each pair of terminals
 */
record SpokenReading(Reading reading, @Nullable MeterUnit unit, boolean isPairs) {
    private static final String UNITS = Arrays.stream(MeterUnit.values())
            .flatMap(u -> u.said().stream())
            .distinct()
            .sorted(Comparator.comparingInt(String::length).reversed())
            .map(Pattern::quote)
            .collect(Collectors.joining("|"));

    private static final String NUMBER = "\\d{1,9}(?:,\\d{3}){0,3}(?:\\.\\d{1,6})?";
    private static final String VERB = "reads?|reading|shows?|showing|measures?|measured|pulls|draws|gives|gave|got";

    /** All pairs of terminals in one: "all three pairs read 11, 11 and 22". */
    private static final String PAIRS =
            "(?:each|all|every|the)\\s+(?:\\w+\\s+)?pairs?\\W+(?:of\\s+terminals\\W+)?(?:(?:all\\s+)?(?:%s|are|at)\\W+)?(?<pairs>(?:%s|OL)(?:(?:\\s*,\\s*(?:and\\s+)?|\\s+and\\s+)(?:%s|OL))*)(?:\\s*(?:ohms?|Ω))?"
                    .formatted(VERB, NUMBER, NUMBER);

    private static final String FIGURE =
            "(?<figure>%s)\\s*(?:(?<scale>k(?:ilo)?|(?-i:M)|meg(?:a)?)[\\s-]*(?<scaled>ohms?|Ω|Ω)?|(?<unit>%s))"
                    .formatted(NUMBER, UNITS);

    /** A figure alone is a reading only after a verb of measuring, and when no other unit follows. */
    private static final String BARE =
            "(?<verb>%s)\\s+(?:about\\s+|only\\s+|at\\s+)?(?<bare>%s)(?!\\s*(?:%%|°|degrees?|in\\b|yrs?|years?|min|times|k\\b|m\\b|meg|%s|\\d|\\.\\d))"
                    .formatted(VERB, NUMBER, UNITS);

    /** A figure right behind the name of a part that has a test, as in "broil 30"; temperatures are not meant. */
    private static final String ALONE = "(?<alone>\\d{1,3}(?:\\.\\d+)?)(?=\\s*(?:[,.;]|and\\b|$))";

    static final double NO_TEMPERATURE = 150;

    private static final String OPEN =
            "(?<open>OL|O\\.L\\.|over\\s?load|open\\s+circuit|no\\s+reading|no\\s+continuity|infinite|infinity|a\\s+1\\s+(?:at|on)\\s+the\\s+left|(?:%s|tests?)\\s+(?:as\\s+)?(?:open|nothing))"
                    .formatted(VERB);

    private static final String ZERO =
            "(?<zero>dead\\s+short|meter\\s+beeps|beeps\\s+across|has\\s+continuity|(?:%s)\\s+(?:zero|short(?:ed)?))"
                    .formatted(VERB);

    static final Pattern SAID = Pattern.compile(
            "(?<![\\p{L}\\p{N}.])(?:%s|%s|%s|%s|%s|%s)(?![\\p{L}\\p{N}])"
                    .formatted(PAIRS, FIGURE, BARE, OPEN, ZERO, ALONE),
            Pattern.CASE_INSENSITIVE | Pattern.UNICODE_CASE);

    private static final Pattern AMPERES = Pattern.compile("pulls|draws", Pattern.CASE_INSENSITIVE);

    static SpokenReading of(MatchResult match) {
        String text = match.group();
        Matcher groups = SAID.matcher(text);
        if (!groups.matches()) {
            throw new IllegalStateException(text);
        }
        if (groups.group("open") != null) {
            return new SpokenReading(new Reading.Overload(), null, false);
        }
        if (groups.group("zero") != null) {
            return new SpokenReading(new Reading.Figure(0), MeterUnit.OHM, false);
        }
        if (groups.group("pairs") != null) {
            return new SpokenReading(pairs(groups.group("pairs")), MeterUnit.OHM, true);
        }
        return figure(groups);
    }

    private static SpokenReading figure(Matcher groups) {
        if (groups.group("bare") != null) {
            boolean amperes = AMPERES.matcher(groups.group("verb")).matches();
            return new SpokenReading(
                    new Reading.Figure(number(groups.group("bare"))), amperes ? MeterUnit.AMPERE : null, false);
        }
        if (groups.group("alone") != null) {
            return new SpokenReading(new Reading.Figure(number(groups.group("alone"))), MeterUnit.OHM, false);
        }
        String scale = groups.group("scale");
        double figure = number(groups.group("figure"));
        if (scale != null) {
            double factor = scale.toLowerCase(Locale.ROOT).startsWith("k") ? 1e3 : 1e6;
            return new SpokenReading(new Reading.Figure(factor * figure), MeterUnit.OHM, false);
        }
        return new SpokenReading(new Reading.Figure(figure), MeterUnit.said(groups.group("unit")), false);
    }

    private static double number(String digits) {
        return Double.parseDouble(digits.replace(",", ""));
    }

    private static Reading pairs(String list) {
        List<String> items = List.of(list.split("\\s*,\\s*(?:and\\s+)?|\\s+and\\s+"));
        return items.stream().anyMatch("OL"::equalsIgnoreCase)
                ? new Reading.Overload()
                : new Reading.Figure(
                        items.stream().mapToDouble(SpokenReading::number).max().orElseThrow());
    }
}
