package synopta.core.quantity;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertThrows;
import static org.testng.Assert.assertTrue;
import static org.testng.Assert.expectThrows;

import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class QuantityTest {
    @Test
    public void moneyNeverPassesThroughABinaryFraction() {
        Money tenth = Money.of("0.10", "USD");
        assertEquals(tenth.plus(tenth).plus(tenth), Money.of("0.3", "USD"));
        assertEquals(Money.of("18.40", "USD").times(3).decimal(), "55.20");
        assertTrue(Money.of("9.99", "USD").compareTo(Money.of("10", "USD")) < 0);
    }

    @DataProvider
    Object[][] noMoney() {
        return new Object[][] {
            {"three places", "1.005"}, {"a comma", "1,50"}, {"nothing", ""}, {"a word", "free"}, {"not a number", "NaN"}
        };
    }

    @Test(dataProvider = "noMoney")
    public void anAmountThatIsNoneIsRefusedWithItsValue(String what, String text) {
        IllegalArgumentException refused = expectThrows(IllegalArgumentException.class, () -> Money.of(text, "USD"));
        assertTrue(refused.getMessage().contains("(" + text + ")"), refused.getMessage());
    }

    @Test
    public void twoCurrenciesAreNeverJoined() {
        Money euro = Money.of("1.00", "USD");
        assertThrows(IllegalArgumentException.class, () -> euro.plus(new Money(100, "GBP")));
        assertThrows(IllegalArgumentException.class, () -> new Money(1, "eur"));
        assertThrows(IllegalArgumentException.class, () -> new Money(1, null));
        assertThrows(ArithmeticException.class, () -> new Money(Long.MAX_VALUE, "USD").plus(euro));
    }

    @Test
    public void aProbabilityLiesBetweenNoughtAndOne() {
        for (double wrong : new double[] {-1e-9, 1.000000001, Double.NaN, Double.POSITIVE_INFINITY}) {
            assertThrows(IllegalArgumentException.class, () -> new Probability(wrong));
        }
        assertEquals(new Probability(-0.0), new Probability(0.0));
        assertEquals(Probability.rounded(1 + 1e-12), new Probability(1));
        assertThrows(IllegalArgumentException.class, () -> Probability.rounded(1.01));
    }

    /** A text, whether inches are told in millimeters, and how it reads then. */
    @DataProvider
    Object[][] sizes() {
        return new Object[][] {
            {"5/16 in nut driver", LengthUnit.MILLIMETER, "5/16 in (7.94 mm) nut driver"},
            {"putty knife, 1 1/2 in", LengthUnit.MILLIMETER, "putty knife, 1 1/2 in (38.1 mm)"},
            {"1, 2 or 3 inches in", LengthUnit.MILLIMETER, "1, 2 or 3 inches (50.8 or 76.2 mm) in"},
            {
                "1 to 3 inches in from the corners",
                LengthUnit.MILLIMETER,
                "1 to 3 inches (25.4 to 76.2 mm) in from the corners"
            },
            {"5/8 in, 16 mm nearly fits", LengthUnit.INCH, "5/8 in, 16 mm (0.63 in) nearly fits"},
            {
                "two screws in the slot, No. 2 in hand, 300 V",
                LengthUnit.INCH,
                "two screws in the slot, No. 2 in hand, 300 V"
            },
            {"wrench, 7 mm", LengthUnit.MILLIMETER, "wrench, 7 mm"},
        };
    }

    @Test(dataProvider = "sizes")
    public void aSizeKeepsItsNameAndIsToldInTheOtherUnitToo(String text, LengthUnit added, String told) {
        assertEquals(Lengths.withUnit(text, added), told);
    }

    @Test
    public void anAmountIsReadWithItsSignOrItsCode() {
        assertEquals(new Money(1840, "USD").words(), "$18.40");
        assertEquals(new Money(-5, "EUR").words(), "-€0.05");
        assertEquals(new Money(1840, "CHF").words(), "CHF 18.40");
        assertEquals(new Money(1840, "XQZ").words(), "XQZ 18.40");
    }
}
