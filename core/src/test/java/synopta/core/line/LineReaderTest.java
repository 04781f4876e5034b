package synopta.core.line;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertNull;
import static org.testng.Assert.assertTrue;

import java.util.List;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import synopta.core.Samples;
import synopta.core.Shelf;
import synopta.core.catalog.Appliance;
import synopta.core.catalog.Fuel;

/** What a line holds besides the complaint: what is a number of the machine, and what is none. */
public class LineReaderTest {
    private final LineReader reader = LineReader.of(new Shelf()
            .model(Samples.model("TH-7820-W", "Thistlemoor", Appliance.DRYER, Fuel.ELECTRIC, 1))
            .part("QV-1183", 900)
            .part("555-0142", 900)
            .catalog());

    @DataProvider
    Object[][] besides() {
        return new Object[][] {
            {"no heat, call me at 555-867-5309", "555-867-5309"},
            {"(555) 867-5309 is my cell, dryer thumps", "(555) 867-5309"},
            {"thumps, phone 5558675309", "phone 5558675309"},
            {"no heat in here since 2014", "since 2014"},
            {"quit on 11/28/2026", "11/28/2026"},
            {"since March 3rd no heat", "March 3rd"},
            {"paid $189.99 for it, no heat", "$189.99"},
            {"somebody said 120 dollars", "120 dollars"},
            {"order #A48812-3 is not here", "order #A48812-3"},
            {"my invoice number is 448812", "invoice number is 448812"},
            {"send it to 1420 N Maple Grove Rd apt 4B", "1420 N Maple Grove Rd apt 4B"},
            {"be there at 4:30 pm", "4:30 pm"},
            {"it's for the 2nd floor", "2nd"},
        };
    }

    @Test(dataProvider = "besides")
    public void whatIsNoNumberOfTheMachineIsSetAside(String line, String aside) {
        ParsedLine parsed = reader.read(line);
        assertNull(parsed.model(), "a model in: " + line);
        assertNull(parsed.serial(), "a serial in: " + line);
        assertTrue(parsed.parts().isEmpty(), line);
        assertEquals(
                parsed.pieces().stream()
                        .filter(p -> p.kind() == LineToken.Kind.BESIDE)
                        .map(LineToken::text)
                        .toList(),
                List.of(aside));
        assertTrue(!parsed.complaint().contains(aside), parsed.complaint());
    }

    /** What sounds like an order or an address and is a machine, a part or an age: nothing is set aside. */
    @DataProvider
    Object[][] machines() {
        return new Object[][] {
            {"customer th7820w thumps", "th7820w", 0},
            {"quote th7820w no heat", "th7820w", 0},
            {"can you order QV-1183", null, 1},
            {"order 555-0142 for th7820w", "th7820w", 1},
            {"12 yrs old gas dryer in place, no heat", null, 0},
            {"th7820w needs 10 new drive motor screws", "th7820w", 0},
        };
    }

    @Test(dataProvider = "machines")
    public void aVerbTakesNoNumberAway(String line, String model, int parts) {
        ParsedLine parsed = reader.read(line);
        assertEquals(parsed.model(), model, line);
        assertEquals(parsed.parts().size(), parts, line);
        assertTrue(parsed.pieces().stream().noneMatch(p -> p.kind() == LineToken.Kind.BESIDE), "" + parsed.pieces());
    }

    /** A line, the model in it and the serial in it. */
    @DataProvider
    Object[][] labelled() {
        return new Object[][] {
            {"Model: TH-7820-W, Serial: M32145678, Type: 110.55", "TH-7820-W", "M32145678"},
            {"M/N TH7820W S/N M32145678 P/N: 4456789", "TH7820W", "M32145678"},
            {"mod. th7820w ser. m32145678", "th7820w", "m32145678"},
            {"call 555-867-5309, model no. TH7820", "TH7820", null},
            {"bought 2014, model number is TH-7820-W, 240 volts, 5400 watts", "TH-7820-W", null},
            {"it draws 5400w and the coil reads 11 ohms", null, null},
            {"P/N: 99887766", null, null},
            {"th 7820 w thumps, order 99112233", "th 7820 w", null},
        };
    }

    @Test(dataProvider = "labelled")
    public void aNumberWithItsNameWinsAndFiguresWithAUnitAreNone(String line, String model, String serial) {
        ParsedLine parsed = reader.read(line);
        assertEquals(parsed.model(), model, line);
        assertEquals(parsed.serial(), serial, line);
    }

    /** A line, what it is about when the machine is not known, and when it is. */
    @DataProvider
    Object[][] appliances() {
        return new Object[][] {
            {"my washer won't spin", "washer", "washer"},
            {"washing machine leaks", "washer", null},
            {"hi, our top load washer thumps", "washer", "washer"},
            {"the fridge isn't cold", "refrigerator", null},
            {"customer's water heater is leaking", "water-heater", "water-heater"},
            {"dryer won't heat, the washer is fine", null, null},
            {"my dryer, next to the washer, thumps", null, null},
            {"dishwasher water heater burnt out", null, null},
            {"washer dryer combo, drum won't turn", null, null},
            {"a washer fell out from behind the roller", null, null},
            {"no heat", null, null},
        };
    }

    @Test(dataProvider = "appliances")
    public void anApplianceThatIsNotCoveredIsRecognized(String line, String alone, String beside) {
        assertEquals(UncoveredAppliances.in(line, false), alone, line);
        assertEquals(UncoveredAppliances.in(line, true), beside, line);
    }

    /** A line, and the appliance it is about. */
    @DataProvider
    Object[][] named() {
        return new Object[][] {
            {"uh my stove, no not the dryer, it ticks and won't light", Appliance.RANGE},
            {"it's not the dryer, it's the dishwasher that leaks", Appliance.DISHWASHER},
            {"the dryer, no wait, I mean the dishwasher, is leaking", Appliance.DISHWASHER},
            {"over the range microwave is dead", Appliance.MICROWAVE},
            {"stove microwave hums", Appliance.MICROWAVE},
            {"microwave above the stove won't heat", Appliance.MICROWAVE},
            {"dryer trips the breaker, the dishwasher runs fine", Appliance.DRYER},
            {"no heat in the dryer", Appliance.DRYER},
            {"not a dryer", Appliance.DRYER},
            {"thumps", null},
        };
    }

    @Test(dataProvider = "named")
    public void theApplianceThatIsMeantIsTheOneWorkedOn(String line, Appliance expected) {
        assertEquals(reader.read(line).appliance(), expected, line);
    }
}
