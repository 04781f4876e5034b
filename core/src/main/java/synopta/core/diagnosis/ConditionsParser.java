package synopta.core.diagnosis;

import java.util.LinkedHashMap;
import java.util.Locale;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;
import synopta.core.knowledge.MeterTest;
import synopta.core.knowledge.Pack;
import synopta.core.quantity.Temperatures;
import synopta.core.quantity.Volts;
import synopta.core.quantity.Watts;
import synopta.core.reading.Conditions;
import synopta.core.reading.KindJudging;

/** Hears what stands beside a reading: how warm the room is, what the nameplate says, which kind of part it is. */
final class ConditionsParser {
    private static final Pattern ROOM = Pattern.compile(
            "\\b(?:room|ambient|garage|basement|kitchen|laundry|shop|it)(?:'s|\\s+is)?\\s+(?:at\\s+|about\\s+|temperature\\s+(?:is\\s+)?)*(\\d{1,3})\\s*(?:°|degrees?)?\\s*(f|c|fahrenheit|celsius)\\b",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern POWER =
            Pattern.compile("\\b(\\d+(?:\\.\\d+)?)\\s*(k)?\\s*w(?:atts?)?\\b", Pattern.CASE_INSENSITIVE);
    private static final Pattern VOLTAGE = Pattern.compile("\\b(\\d{3})\\s*v(?:olts?)?\\b", Pattern.CASE_INSENSITIVE);
    private static final double LEAST_WATTS = 100;

    /** Kinds of parts that readings are judged by, each with the pattern of its word. */
    private final Map<String, Pattern> kinds = new LinkedHashMap<>();

    ConditionsParser(Pack pack) {
        for (MeterTest test : pack.tests()) {
            if (test.judging() instanceof KindJudging judging) {
                for (KindJudging.Kind kind : judging.kinds()) {
                    String word = "\\b%s\\b".formatted(Pattern.quote(kind.slug()));
                    kinds.put(kind.slug(), Pattern.compile(word, Pattern.CASE_INSENSITIVE));
                }
            }
        }
    }

    Conditions read(String text) {
        Watts watts = watts(text);
        return new Conditions(celsius(text), watts == null ? null : volts(text), watts, null, kind(text));
    }

    private static @Nullable Double celsius(String text) {
        Matcher matcher = ROOM.matcher(text);
        if (!matcher.find()) {
            return null;
        }
        double degrees = Double.parseDouble(matcher.group(1));
        boolean isFahrenheit = matcher.group(2).toLowerCase(Locale.ROOT).startsWith("f");
        return isFahrenheit ? (Double) Temperatures.celsius(degrees) : (Double) degrees;
    }

    /** Watts of a plate; less than any heater has is something else. */
    private static @Nullable Watts watts(String text) {
        Matcher matcher = POWER.matcher(text);
        while (matcher.find()) {
            double value = Double.parseDouble(matcher.group(1)) * (matcher.group(2) == null ? 1 : 1000);
            if (value >= LEAST_WATTS) {
                return new Watts(value);
            }
        }
        return null;
    }

    private static @Nullable Volts volts(String text) {
        Matcher matcher = VOLTAGE.matcher(text);
        return matcher.find() ? new Volts(Double.parseDouble(matcher.group(1))) : null;
    }

    private @Nullable String kind(String text) {
        return kinds.entrySet().stream()
                .filter(kind -> kind.getValue().matcher(text).find())
                .map(Map.Entry::getKey)
                .findFirst()
                .orElse(null);
    }
}
