package synopta.core.bench;

import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import synopta.core.quantity.LengthUnit;
import synopta.core.reading.CheckInput;
import synopta.core.reading.Reading;

/**
 * Reads figures as people say them: `24R`, `1.2k`, `4k7`, `OL`, `no reading`, `beeps`; lengths as `92 1/4 in`, `7,9 mm`,
 * `5/16`. A comma before three digits sets thousands apart (`10,500`), any other is a decimal mark. A continuity beep is a reading of next to nothing (common practice: below some 30 Ω).
 */
public final class MeasureParser {
    /** Millimeters in an inch, exactly. */
    public static final double INCH_MM = 25.4;

    private static final Pattern OPEN =
            Pattern.compile("ol|o\\.l\\.?|open|no reading|nothing( at all)?|infinit(e|y)|no beep");
    private static final Pattern BEEP = Pattern.compile("(it )?beeps?|continuity|short(ed)?|dead short");
    private static final Pattern OHMS =
            Pattern.compile("(\\d+(?:\\.\\d+)?)\\s*(k|m|meg|kilo|mega)?\\s*-?(?:r|ω|ohms?)?|(\\d+)(k|m|r)(\\d+)");
    private static final Pattern THOUSANDS = Pattern.compile("^[1-9]\\d{0,2}(?:,\\d{3})+(?![\\d,])");
    private static final Pattern LENGTH = Pattern.compile(
            "(?:(\\d+(?:\\.\\d+)?)(?=[\\s-]|$|[a-z\"”′″])\\s*-?\\s*)?(?:(\\d+)\\s*/\\s*(\\d+))?\\s*(mm|cm|m|in|inch|inches|\"|”|″)?");

    private MeasureParser() {}

    /** A reading in ohms. */
    public static Reading ohms(String said) {
        String plain = plain(said);
        if (OPEN.matcher(plain).matches()) {
            return new Reading.Overload();
        }
        if (BEEP.matcher(plain).matches()) {
            return new Reading.Figure(0);
        }
        Matcher matcher = OHMS.matcher(plain);
        if (!matcher.matches()) {
            throw new IllegalArgumentException(
                    "Reading (%s) is not understood. Enter ohms as 24, 24R, 1.2k or 4k7, or OL, or beeps."
                            .formatted(said));
        }
        if (matcher.group(3) != null) {
            double figure = Double.parseDouble(matcher.group(3) + "." + matcher.group(5));
            return new Reading.Figure(figure * factor(matcher.group(4)));
        }
        return new Reading.Figure(Double.parseDouble(matcher.group(1)) * factor(matcher.group(2)));
    }

    private static double factor(String prefix) {
        if (prefix == null || prefix.equals("r")) {
            return 1;
        }
        return prefix.startsWith("k") ? 1e3 : 1e6;
    }

    /** A length in millimeters; a bare number is of the usual unit. */
    public static double millimeters(String said, LengthUnit usual) {
        String plain = plain(said);
        Matcher matcher = LENGTH.matcher(plain);
        if (plain.isEmpty() || !matcher.matches() || matcher.group(1) == null && matcher.group(2) == null) {
            throw new IllegalArgumentException(
                    "Length (%s) is not understood. Enter it as 2343 mm, 92 1/4 in or 5/16.".formatted(said));
        }
        double whole = matcher.group(1) == null ? 0 : Double.parseDouble(matcher.group(1));
        double part = 0;
        if (matcher.group(2) != null) {
            double over = Double.parseDouble(matcher.group(3));
            if (over == 0) {
                throw new IllegalArgumentException("Length (%s) divides by 0. Enter 1/4 or 5/16.".formatted(said));
            }
            part = Double.parseDouble(matcher.group(2)) / over;
        }
        String unit = matcher.group(4);
        boolean fraction = matcher.group(2) != null;
        double factor = unit == null
                ? fraction || usual == LengthUnit.INCH ? INCH_MM : 1
                : switch (unit) {
                    case "mm" -> 1;
                    case "cm" -> 10;
                    case "m" -> 1000;
                    default -> INCH_MM;
                };
        return (whole + part) * factor;
    }

    /** A length in inches, to the nearest sixteenth, as a ruler of the trade has it: `92 1/4 in`. */
    public static String inches(double millimeters) {
        CheckInput.between("Length", millimeters, 0, 1e6, "mm", "Enter millimeters.");
        long sixteenths = Math.round(millimeters / INCH_MM * 16);
        long whole = sixteenths / 16;
        long part = sixteenths % 16;
        if (part == 0) {
            return "%d in".formatted(whole);
        }
        long common = Long.lowestOneBit(part);
        String fraction = "%d/%d".formatted(part / common, 16 / common);
        return whole == 0 ? fraction + " in" : "%d %s in".formatted(whole, fraction);
    }

    /** In lower case, without commas. */
    static String plain(String said) {
        if (said == null) {
            return "";
        }
        String lower = said.trim().toLowerCase(Locale.ROOT).replace('Ω', 'ω');
        return THOUSANDS.matcher(lower).find() ? lower.replace(",", "") : lower.replace(',', '.');
    }
}
