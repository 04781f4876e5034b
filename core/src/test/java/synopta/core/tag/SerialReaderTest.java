package synopta.core.tag;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import synopta.core.Samples;
import synopta.core.Shelf;
import synopta.core.catalog.Appliance;
import synopta.core.catalog.BuildRange;
import synopta.core.catalog.Model;
import synopta.core.catalog.SerialScheme;

public class SerialReaderTest {
    private static final LocalDate TODAY = LocalDate.of(2026, 11, 25);
    private static final Map<String, Integer> DIGITS = Map.of(
            "0", 2000, "1", 2001, "2", 2002, "3", 2003, "4", 2004, "5", 2005, "6", 2006, "7", 2007, "8", 2008, "9",
            2009);
    /** Two digits of the ISO week, a digit of the year that comes back after ten, the plant, a number. */
    private static final SerialScheme WEEKS =
            new SerialScheme("weeks", "PPYLNN", DIGITS, 10, SerialScheme.Period.WEEK, List.of());

    private static final SerialScheme MONTHS = new SerialScheme(
            "months", "YYP", Map.of("AA", 2015, "AB", 2016), null, SerialScheme.Period.MONTH, List.of("J", "F", "M"));
    private static final SerialReader READER = new SerialReader(
            new Shelf().brand("Weekly", WEEKS).brand("Monthly", MONTHS).catalog());

    private static String read(String brand, String serial, @Nullable Model model) {
        SerialReading reading = READER.read(brand, serial, model, TODAY);
        return Objects.requireNonNullElse(
                reading.unreadable(),
                reading.built().stream().map(b -> b.from() + "/" + b.to()).collect(Collectors.joining(" ")));
    }

    /** ISO 8601 week dates around the ends of years, as printed in "ISO week date" (from memory, no document opened). */
    @DataProvider(name = "serials")
    Object[][] serials() {
        return new Object[][] {
            {
                "every decade the code allows, newest first",
                "Weekly",
                "107B55",
                "2017-03-06/2017-03-12 2007-03-05/2007-03-11"
            },
            {"week 1 of 2008 begins in 2007", "Weekly", "018b-55", "2018-01-01/2018-01-07 2007-12-31/2008-01-06"},
            {"week 53 of 2020 ends in 2021; 2010 and 2000 have none", "Weekly", "530B55", "2020-12-28/2021-01-03"},
            {
                "the week that runs is a build date already",
                "Weekly",
                "486B55",
                "2026-11-23/2026-11-29 2016-11-28/2016-12-04 2006-11-27/2006-12-03"
            },
            {"week 53 of 2009 only", "Weekly", "539B55", "2009-12-28/2010-01-03"},
            {"what is still to come is no build date", "Weekly", "506B55", "2016-12-12/2016-12-18 2006-12-11/2006-12-17"
            },
            {"months, and codes of two letters", "Monthly", "ab f", "2016-02-01/2016-02-29"},
        };
    }

    @Test(dataProvider = "serials")
    public void aSerialTellsItsSpans(String what, String brand, String serial, String spans) {
        assertEquals(read(brand, serial, null), spans);
    }

    @DataProvider(name = "unreadable")
    Object[][] unreadable() {
        return new Object[][] {
            {"Weekly", "107755", "Character 4 of the serial (7) must be a letter"},
            {"Weekly", "10BB55", "B is not a year code"},
            {"Weekly", "1", "has 1 letters and digits; this brand uses 6"},
            {"Weekly", "", "has 0 letters"},
            {"Weekly", "547B55", "54 is not a week code"},
            {"Weekly", "531B55", "2001 has 52 ISO weeks"},
            {"Monthly", "ACJ", "AC is not a year code (AA AB)"},
            {"Monthly", "AAX", "X is not a month code"},
            {"Thistlemoor", "107B55", "is not known"},
            {"Nobody", "107B55", "Brand Nobody is not in the catalog"},
            {" ", "107B55", "Ask for the brand"},
        };
    }

    @Test(dataProvider = "unreadable")
    public void whatCannotBeReadIsSaidWithWhatToDo(String brand, String serial, String part) {
        assertTrue(read(brand, serial, null).contains(part), read(brand, serial, null));
    }

    @Test
    public void aSpanOutsideTheBuildYearsOfTheModelIsDroppedAndSaid() {
        Model sample = Samples.model("TH-7820-W", "Weekly", Appliance.DRYER, null, 1);
        Model model = new Model(
                sample.number(),
                sample.brand(),
                sample.appliance(),
                sample.fuel(),
                sample.volts(),
                sample.platform(),
                new BuildRange(LocalDate.of(2012, 1, 1), LocalDate.of(2017, 3, 6)),
                1,
                "");
        SerialReading reading = READER.read("Weekly", "107B55", model, TODAY);
        assertEquals(read("Weekly", "107B55", model), "2017-03-06/2017-03-12", "one day is enough");
        assertEquals(reading.dropped().get(0).span().from(), LocalDate.of(2007, 3, 5));
        assertEquals(reading.dropped().get(0).why(), "TH-7820-W was built from 2012-01-01 to 2017-03-06");
        assertTrue(read("Weekly", "108B55", model).startsWith("No date of this serial falls"));
    }
}
