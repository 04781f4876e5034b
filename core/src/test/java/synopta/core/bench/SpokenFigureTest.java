package synopta.core.bench;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertThrows;

import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import synopta.core.quantity.Slugged;

/** Figures as people say them, against conversions done by hand. */
public class SpokenFigureTest {
    @DataProvider
    Object[][] figures() {
        return new Object[][] {
            {"155F", "°C", 68.333, "155 °F (68 °C)"},
            {"155", "°F", 68.333, "155 °F (68 °C)"},
            {"20 c", "°F", 20.0, "68 °F (20 °C)"},
            {"L140", "°C", 60.0, "140 °F (60 °C)"},
            {"-4 degrees", "°F", -20.0, "-4 °F (-20 °C)"},
            {"about 2.9 A", "A", 2.9, "2.9 A"},
            {"2,9", "A", 2.9, "2.9 A"},
            {"2900 mA", "A", 2.9, "2.9 A"},
            {"10.5 k", "Ω", 10_500.0, "10,500 Ω (10.5 kΩ)"},
            {"10,500", "Ω", 10_500.0, "10,500 Ω (10.5 kΩ)"},
            {"beeps", "Ω", 0.0, "0 Ω (continuity)"},
            {"OL", "Ω", null, "OL (open circuit)"},
            {"10", "MΩ", 10.0, "10,000,000 Ω (10 MΩ)"},
            {"500 k", "MΩ", 0.5, "500,000 Ω (500 kΩ)"},
            {"5.4 kW", "W", 5400.0, "5,400 W (5.4 kW)"},
            {"22 1/2 ft", "ft", 22.5, "22.5 ft (6.86 m)"},
            {"6.7 m", "ft", 21.9816, "21.98 ft (6.7 m)"},
            {"22k", "BTU/h", 22_000.0, "22,000 BTU/h (6.45 kW)"},
            {"92 1/4 in", "mm", 2343.15, "2,343.2 mm (92 1/4 in)"},
            {"2", "count", 2.0, "2"},
        };
    }

    @Test(dataProvider = "figures")
    public void aFigureIsReadWithItsUnitAndShownInBoth(String said, String unit, Double value, String words) {
        SpokenFigure figure = SpokenFigure.read(said, unit(unit));
        assertEquals(figure.words(), words);
        if (value == null) {
            assertEquals(figure.value(), null);
        } else {
            assertEquals(figure.value(), value, 1e-3);
        }
    }

    @Test
    public void aUnitOfAnotherKindOrAWordIsRefused() {
        for (String[] wrong : new String[][] {
            {"5 A", "V"}, {"OL", "V"}, {"warm", "°C"}, {"2.5", "count"}, {"22 lb", "ft"}, {"", "W"}, {"5", "furlong"}
        }) {
            assertThrows(IllegalArgumentException.class, () -> SpokenFigure.read(wrong[0], unit(wrong[1])));
        }
    }

    private static FigureUnit unit(String sign) {
        return Slugged.of(FigureUnit.class, "Unit", sign);
    }
}
