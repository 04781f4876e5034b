package synopta.core.bench;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertNotEquals;
import static org.testng.Assert.assertTrue;

import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import synopta.core.quantity.Volts;

/** The supply against the limits of its standard. */
public class SupplyCheckTest {
    /** ANSI C84.1, table 1; IEC 60038. */
    @DataProvider
    Object[][] supplies() {
        return new Object[][] {
            {120, SupplyCheck.Point.SERVICE, 114, 126, 110, 127},
            {240, SupplyCheck.Point.SERVICE, 228, 252, 220, 254},
            {208, SupplyCheck.Point.SERVICE, 197, 218, 191, 220},
            {120, SupplyCheck.Point.UTILIZATION, 108, 126, 104, 127},
            {240, SupplyCheck.Point.UTILIZATION, 216, 252, 208, 254},
            {208, SupplyCheck.Point.UTILIZATION, 187, 218, 180, 220},
            {230, SupplyCheck.Point.SERVICE, 207, 253, 195.5, 253},
            {230, SupplyCheck.Point.UTILIZATION, 207, 253, 195.5, 253},
            {400, SupplyCheck.Point.SERVICE, 360, 440, 340, 440},
            {400, SupplyCheck.Point.UTILIZATION, 360, 440, 340, 440},
        };
    }

    private static SupplyCheck.Range range(double nominal, double volts, SupplyCheck.Point point) {
        return SupplyCheck.judge(new Volts(nominal), new Volts(volts), point).verdict();
    }

    @Test
    public void halfTheVoltageIsAMissingLegAndNotALowSupply() {
        assertTrue(SupplyCheck.isOneLegMissing(new Volts(240), new Volts(120)));
        assertFalse(SupplyCheck.isOneLegMissing(new Volts(240), new Volts(205)));
        assertFalse(SupplyCheck.isOneLegMissing(new Volts(120), new Volts(60)));
    }

    @Test(dataProvider = "supplies")
    public void theLimitsOfTheSupplyCountAsWithin(
            double nominal, SupplyCheck.Point point, double low, double high, double lowest, double highest) {
        assertEquals(range(nominal, low, point), SupplyCheck.Range.NORMAL);
        assertEquals(range(nominal, high, point), SupplyCheck.Range.NORMAL);
        assertEquals(range(nominal, low - 0.1, point), SupplyCheck.Range.TOLERABLE);
        assertEquals(range(nominal, lowest, point), SupplyCheck.Range.TOLERABLE);
        assertEquals(range(nominal, lowest - 0.1, point), SupplyCheck.Range.OUTSIDE);
        assertNotEquals(range(nominal, highest, point), SupplyCheck.Range.OUTSIDE);
        assertEquals(range(nominal, highest + 0.1, point), SupplyCheck.Range.OUTSIDE);
    }
}
