package synopta.core.bench;

import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;
import synopta.core.quantity.LengthUnit;
import synopta.core.quantity.Temperatures;
import synopta.core.reading.Reading;

/**
 * A figure as people say it, with or without its unit: `155F`, `L155`, `2.9 A`, `10.5 k`, `5.4 kW`, `22 1/2 ft`, `beeps`.
 *
 * @param value figure in the unit asked for, a temperature in °C; null: the meter shows overload
 * @param words how it was understood, in both units where people use two
 */
public record SpokenFigure(@Nullable Double value, String words) {
    private static final Pattern FIGURE = Pattern.compile(
            "(?:about |only |just |at )?(?<whole>\\d+(?:\\.\\d+)?|\\.\\d+)(?:[ -](?<over>\\d+)/(?<under>[1-9]\\d*))?\\s*-?(?<unit>\\D.*)?");
    /** A disc thermostat has its degrees Fahrenheit behind an L. */
    private static final Pattern DEGREES = Pattern.compile(
            "l?(?<figure>-?\\d+(?:\\.\\d+)?)\\s*(?:°|deg(?:rees?)?\\.?)?\\s*(?<scale>f|fahrenheit|c|celsius)?");

    private static final double THOUSAND = 1000;

    /**
     * Reads a figure.
     *
     * @param unit unit of a figure without one
     * @throws IllegalArgumentException when it is no figure of that kind, saying what may be entered
     */
    public static SpokenFigure read(String said, FigureUnit unit) {
        return switch (unit) {
            case OHM -> ohms(said, 1);
            case MEGOHM -> ohms(said, 1e6);
            case MILLIMETER -> millimeters(said);
            case CELSIUS, FAHRENHEIT -> degrees(said, unit);
            default -> figure(said, unit);
        };
    }

    private static SpokenFigure ohms(String said, double usual) {
        boolean bare = said.strip().matches("\\d+(?:[.,]\\d+)?");
        Reading reading = MeasureParser.ohms(said);
        return reading.fold(
                ohms -> {
                    double all = bare ? ohms * usual : ohms;
                    String words = "%s Ω".formatted(shown(all));
                    String scaled = all >= 1e6
                            ? " (%s MΩ)".formatted(shown(all / 1e6))
                            : all >= THOUSAND ? " (%s kΩ)".formatted(shown(all / THOUSAND)) : "";
                    return new SpokenFigure(all / usual, words + scaled + (all == 0 ? " (continuity)" : ""));
                },
                overload -> new SpokenFigure(null, "OL (open circuit)"));
    }

    private static SpokenFigure millimeters(String said) {
        double value = MeasureParser.millimeters(said, LengthUnit.MILLIMETER);
        return new SpokenFigure(value, "%s mm (%s)".formatted(shown(value), MeasureParser.inches(value)));
    }

    private static SpokenFigure degrees(String said, FigureUnit usual) {
        String plain = said.strip().toLowerCase(Locale.ROOT).replace(',', '.');
        Matcher matcher = DEGREES.matcher(plain);
        if (!matcher.matches()) {
            throw notUnderstood(said, usual);
        }
        double figure = Double.parseDouble(matcher.group("figure"));
        String scale = matcher.group("scale");
        boolean fahrenheit =
                plain.startsWith("l") || (scale == null ? usual == FigureUnit.FAHRENHEIT : scale.startsWith("f"));
        double celsius = fahrenheit ? Temperatures.celsius(figure) : figure;
        return new SpokenFigure(celsius, Temperatures.inBoth(celsius));
    }

    private static SpokenFigure figure(String said, FigureUnit unit) {
        Matcher matcher = FIGURE.matcher(MeasureParser.plain(said));
        if (!matcher.matches()) {
            throw notUnderstood(said, unit);
        }
        double value = Double.parseDouble(matcher.group("whole"));
        if (matcher.group("over") != null) {
            value += Double.parseDouble(matcher.group("over")) / Double.parseDouble(matcher.group("under"));
        }
        String of = matcher.group("unit");
        if (of != null && !unit.worth().containsKey(of.strip())) {
            throw notUnderstood(said, unit);
        }
        value *= of == null ? 1 : unit.worth().get(of.strip());
        if (unit == FigureUnit.COUNT && value != Math.rint(value)) {
            throw notUnderstood(said, unit);
        }
        return new SpokenFigure(value, words(value, unit));
    }

    private static String words(double value, FigureUnit unit) {
        String figure = shown(value);
        return switch (unit) {
            case FOOT ->
                "%s ft (%s m)".formatted(figure, shown(value / unit.worth().get("m")));
            case BTU_PER_HOUR, WATT ->
                "%s %s (%s kW)"
                        .formatted(
                                figure, unit.slug(), shown(value / unit.worth().get("kw")));
            case COUNT -> figure;
            default -> "%s %s".formatted(figure, unit.slug());
        };
    }

    /** With thousands set apart, and no more than four figures behind the point where it is small. */
    private static String shown(double value) {
        int places = value >= 100 ? 1 : value >= 1 ? 2 : 4;
        String text = String.format(Locale.ROOT, "%,." + places + "f", value);
        return text.replaceFirst("\\.?0+$", "");
    }

    private static IllegalArgumentException notUnderstood(String said, FigureUnit unit) {
        return new IllegalArgumentException("“%s” is not understood%s. Enter %s."
                .formatted(
                        said.strip(), unit == FigureUnit.COUNT ? " as a count" : " in " + unit.slug(), unit.example()));
    }
}
