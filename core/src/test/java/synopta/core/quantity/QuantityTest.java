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
        Money tenth = Money.of("0.10", "EUR");
        assertEquals(tenth.plus(tenth).plus(tenth), Money.of("0.3", "EUR"));
        assertEquals(Money.of("18.40", "EUR").times(3).decimal(), "55.20");
        assertTrue(Money.of("9.99", "EUR").compareTo(Money.of("10", "EUR")) < 0);
    }

    @DataProvider
    Object[][] noMoney() {
        return new Object[][] {
            {"three places", "1.005"}, {"a comma", "1,50"}, {"nothing", ""}, {"a word", "free"}, {"not a number", "NaN"}
        };
    }

    @Test(dataProvider = "noMoney")
    public void anAmountThatIsNoneIsRefusedWithItsValue(String what, String text) {
        IllegalArgumentException refused = expectThrows(IllegalArgumentException.class, () -> Money.of(text, "EUR"));
        assertTrue(refused.getMessage().contains("(" + text + ")"), refused.getMessage());
    }

    @Test
    public void twoCurrenciesAreNeverJoined() {
        Money euro = Money.of("1.00", "EUR");
        assertThrows(IllegalArgumentException.class, () -> euro.plus(new Money(100, "GBP")));
        assertThrows(IllegalArgumentException.class, () -> new Money(1, "eur"));
        assertThrows(IllegalArgumentException.class, () -> new Money(1, null));
        assertThrows(ArithmeticException.class, () -> new Money(Long.MAX_VALUE, "EUR").plus(euro));
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

    /** A text, whether inches are told in millimetres, and how it reads then. */
    @DataProvider
    Object[][] sizes() {
        return new Object[][] {
            {"5/16 in hex driver", true, "5/16 in (7.94 mm) hex driver"},
            {"putty knife, 1 1/2 in", true, "putty knife, 1 1/2 in (38.1 mm)"},
            {"1, 2 or 3 inches in", true, "1, 2 or 3 inches (50.8 or 76.2 mm) in"},
            {"1 to 3 inches in from the corners", true, "1 to 3 inches (25.4 to 76.2 mm) in from the corners"},
            {"5/8 in, 16 mm nearly fits", false, "5/8 in, 16 mm (0.63 in) nearly fits"},
            {"two screws in the slot, No. 2 in hand, 300 V", false, "two screws in the slot, No. 2 in hand, 300 V"},
            {"wrench, 7 mm", true, "wrench, 7 mm"},
        };
    }

    @Test(dataProvider = "sizes")
    public void aSizeKeepsItsNameAndIsToldInTheOtherUnitToo(String text, boolean metric, String told) {
        assertEquals(Lengths.told(text, metric), told);
    }
}
