package synopta.core.catalog;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;
import static org.testng.Assert.expectThrows;
import static synopta.core.catalog.SerialRange.Holds.CANNOT_TELL;
import static synopta.core.catalog.SerialRange.Holds.NO;
import static synopta.core.catalog.SerialRange.Holds.YES;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Ranges of serials and dates, and schemes that tell one from the other. */
public class SerialsTest {
    private static final SerialOrder AS_TEXT = SerialOrder.AS_TEXT;
    private static final SerialOrder BY_NUMBER =
            SerialOrder.of(scheme("YPNNNNN", Map.of("A", 2010, "B", 2011), 2, List.of()));

    private static SerialRange range(String from, String to) {
        return new SerialRange(from, to);
    }

    @DataProvider
    Object[][] serials() {
        return new Object[][] {
            {"both ends count", AS_TEXT, "4A100", "4A900", "4a-100", YES},
            {"and the other", AS_TEXT, "4A100", "4A900", "4A900", YES},
            {"one past the end", AS_TEXT, "4A100", "4A900", "4A901", NO},
            {"one before the beginning", AS_TEXT, "4A100", "4A900", "4A099", NO},
            {"of another length nobody can tell", AS_TEXT, "4A100", null, "4A1000", CANNOT_TELL},
            {"unless the other end decides", AS_TEXT, "4A1", "4A900", "4A901", NO},
            {"open at both ends", AS_TEXT, null, null, "anything", YES},
            {"the running number decides, not the year precedence", BY_NUMBER, "A7-00900", "B1-01200", "B0-01000", YES},
            {"nor the letter of a later year", BY_NUMBER, "A7-00900", null, "B9-00899", NO},
            {"an end may be the running number alone", BY_NUMBER, "900", "1200", "B0-01200", YES},
            {"and one past it is out", BY_NUMBER, "900", "1200", "B0-01201", NO},
            {"a serial of another shape is compared as text of equal length", BY_NUMBER, "A7X0900", null, "A7X0901", YES
            },
            {"and else not at all", BY_NUMBER, "A7-00900", null, "A7009", CANNOT_TELL},
        };
    }

    @Test(dataProvider = "serials")
    public void aSerialRangeHolds(
            String what, SerialOrder order, String from, String to, String serial, SerialRange.Holds holds) {
        assertEquals(range(from, to).holds(serial, order), holds);
    }

    @Test
    public void rangesThatEndBeforeTheyBeginAreRefused() {
        assertTrue(range("4A900", "4A100").isBackwards(AS_TEXT));
        assertTrue(range("A7-00900", "B1-00800").isBackwards(BY_NUMBER));
        assertFalse(range("B7-00900", "A1-01000").isBackwards(BY_NUMBER), "the year letters begin again");
        assertFalse(range("4A1000", "4A900").isBackwards(AS_TEXT), "nobody can tell");
        for (String[] ends : new String[][] {{"-", null}, {null, " "}}) {
            expectThrows(IllegalArgumentException.class, () -> range(ends[0], ends[1]));
        }
        assertTrue(range(null, null).isOpen());
        assertEquals(range("4A1", null).words() + range(null, "4A9").words(), ", serial from 4A1, serial to 4A9");
    }

    /** Two ranges of days meet when some day lies in both: tried day by day. */
    @Test
    public void buildRangesMeetWhenTheyShareADay() {
        Random random = new Random(5);
        LocalDate first = LocalDate.of(2020, 2, 25);
        for (int i = 0; i < 500; i++) {
            BuildRange a = days(random, first);
            BuildRange b = days(random, first);
            boolean shared =
                    first.minusDays(40).datesUntil(first.plusDays(60)).anyMatch(day -> a.holds(day) && b.holds(day));
            assertEquals(a.meets(b), shared, a.words() + " and " + b.words());
            assertEquals(b.meets(a), shared);
            if (shared) {
                boolean same = first.minusDays(40)
                        .datesUntil(first.plusDays(60))
                        .filter(b::holds)
                        .allMatch(day -> a.within(b).holds(day) == a.holds(day));
                assertTrue(same, a.words() + " within " + b.words());
                assertEquals(a.within(b).equals(BuildRange.ALWAYS), a.covers(b));
                assertTrue(first.minusDays(40)
                        .datesUntil(first.plusDays(60))
                        .allMatch(day -> a.common(b).holds(day) == (a.holds(day) && b.holds(day))));
            }
        }
    }

    private static BuildRange days(Random random, LocalDate first) {
        LocalDate from = first.plusDays(random.nextInt(20));
        LocalDate to = from.plusDays(random.nextInt(8));
        return new BuildRange(random.nextInt(4) == 0 ? null : from, random.nextInt(4) == 0 ? null : to);
    }

    private static SerialScheme scheme(String pattern, Map<String, Integer> years, int cycle, List<String> periods) {
        return new SerialScheme("s", pattern, years, cycle == 0 ? null : cycle, SerialScheme.Period.MONTH, periods);
    }

    @DataProvider
    Object[][] schemes() {
        Map<String, Integer> two = Map.of("A", 2010, "B", 2011);
        return new Object[][] {
            {"no year", "PPN", two, 0, List.of(), "with the Ys side by side"},
            {"years apart", "YNY", two, 0, List.of(), "with the Ys side by side"},
            {"periods apart", "PYP", two, 0, List.of(), "must stand side by side"},
            {"an unknown sign", "YQ", two, 0, List.of(), "made of Y, P, L, N and X"},
            {"too long", "Y" + "N".repeat(40), two, 0, List.of(), "at most 40"},
            {"codes too short for their signs", "YY", two, 0, List.of(), "as long as the Ys"},
            {"no codes", "Y", Map.of(), 0, List.of(), "as long as the Ys"},
            {"a period twice", "YP", two, 0, List.of("J", "J"), "must be different"},
            {"thirteen months", "YP", two, 0, List.of("ABCDEFGHIJKLM".split("")), "at most 12"},
            {"periods too long", "YP", two, 0, List.of("JA"), "as long as the Ps"},
            {"a cycle shorter than its codes", "Y", two, 1, List.of(), "too short for its codes"},
        };
    }

    @Test(dataProvider = "schemes")
    public void aSchemeThatCannotBeReadIsRefused(
            String what, String pattern, Map<String, Integer> years, int cycle, List<String> periods, String message) {
        IllegalArgumentException refused =
                expectThrows(IllegalArgumentException.class, () -> scheme(pattern, years, cycle, periods));
        assertTrue(refused.getMessage().contains(message), refused.getMessage());
    }

    @Test
    public void aSoundSchemeIsTakenAndItsPeriodHasItsWord() {
        assertEquals(scheme("YPL", Map.of("A", 2010), 5, List.of("J", "F")).periodCodes(), List.of("J", "F"));
        assertEquals(SerialScheme.Period.of("week"), SerialScheme.Period.WEEK);
        expectThrows(IllegalArgumentException.class, () -> SerialScheme.Period.of("day"));
    }
}
