package synopta.core.knowledge;

import java.time.format.DateTimeFormatter;
import java.util.Locale;
import synopta.core.quantity.LengthUnit;
import synopta.core.quantity.Money;
import synopta.core.quantity.Slugged;

/**
 * How dates, times, lengths, temperatures and amounts are written, and on which paper.
 *
 * @param profile the shipped set of conventions
 * @param currency ISO 4217 code that amounts are in while the catalog has no prices; the price list's counts otherwise
 * @param clock how times of day are written
 */
public record Region(Profile profile, String currency, Clock clock) {
    /** United States: the default. */
    public static final Region UNITED_STATES = new Region(Profile.UNITED_STATES, "USD", Clock.TWELVE_HOURS);

    /** Refuses a currency that is not three capital letters. */
    public Region {
        new Money(0, currency);
    }

    /** A shipped set of conventions. */
    public enum Profile implements Slugged {
        /** Letter paper, inches and °F first, MM/DD/YYYY, sales tax added to prices. */
        UNITED_STATES,
        /** A4 paper, millimeters and °C, DD.MM.YYYY, tax included in prices. */
        METRIC;

        /** Whether prices usually include the tax. */
        public boolean taxIncluded() {
            return this == METRIC;
        }
    }

    /** How times of day are written. */
    public enum Clock implements Slugged {
        TWELVE_HOURS,
        TWENTY_FOUR_HOURS
    }

    /** A sheet size in points of 1/72 in: ANSI Y14.1 A (US Letter) or ISO 216 A4. */
    public enum Paper {
        LETTER(612, 792),
        A4(595, 842);

        private final int width;
        private final int height;

        Paper(int width, int height) {
            this.width = width;
            this.height = height;
        }

        /** Width in points. */
        public int width() {
            return width;
        }

        /** Height in points. */
        public int height() {
            return height;
        }
    }

    /** The paper of printed pages. */
    public Paper paper() {
        return profile == Profile.METRIC ? Paper.A4 : Paper.LETTER;
    }

    /** The unit that lengths are written in first. */
    public LengthUnit lengthUnit() {
        return profile == Profile.METRIC ? LengthUnit.MILLIMETER : LengthUnit.INCH;
    }

    /** A date in words, as in "March 1, 2026" or "1 March 2026". */
    public DateTimeFormatter longDate() {
        return pattern(profile == Profile.METRIC ? "d MMMM yyyy" : "MMMM d, yyyy");
    }

    /** A date with its weekday. */
    public DateTimeFormatter weekdayDate() {
        return pattern(profile == Profile.METRIC ? "EEEE, d MMMM yyyy" : "EEEE, MMMM d, yyyy");
    }

    /** A time of day. */
    public DateTimeFormatter time() {
        return pattern(clock == Clock.TWELVE_HOURS ? "h:mm a" : "HH:mm");
    }

    private static DateTimeFormatter pattern(String letters) {
        return DateTimeFormatter.ofPattern(letters, Locale.US);
    }
}
