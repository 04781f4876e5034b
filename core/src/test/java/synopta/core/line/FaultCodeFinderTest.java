package synopta.core.line;

import static org.testng.Assert.assertEquals;

import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import synopta.core.Samples;
import synopta.core.Shelf;
import synopta.core.catalog.Appliance;
import synopta.core.catalog.FaultCode;
import synopta.core.catalog.Fuel;

/** Fault codes in a line: never a model number, and no word or reading is one. */
public class FaultCodeFinderTest {
    private final LineReader reader = LineReader.of(new Shelf()
            .model(Samples.model("TH-7820-W", "Thistlemoor", Appliance.DRYER, Fuel.ELECTRIC, 1))
            .catalog());

    @DataProvider
    Object[][] lines() {
        return new Object[][] {
            {"dryer shows F7 E1", "F7 E1", null},
            {"oven f7-e1 on the panel", "F7 E1", null},
            {"TH-7820-W error code e24, no heat", "E24", "TH-7820-W"},
            {"dishwasher code 5E", "5E", null},
            {"dishwasher says OE", "OE", null},
            {"microwave shows SE", "SE", null},
            {"dishwasher blinks 7 then 1", "blink 7-1", null},
            {"dryer light flashes 4 times", "blink 4", null},
            {"7 blinks then 1 on the dishwasher", "blink 7-1", null},
            {"th78 dryer thumps", null, "th78"},
            {"th7820w thumps, 8 yrs", null, "th7820w"},
            {"heater reads 12 ohms from 1 to 3", null, null},
            {"dryer L1 to L2 reads 240 volts", null, null},
            {"needs 2 rollers in 10 days", null, null},
        };
    }

    @Test(dataProvider = "lines")
    public void aCodeIsReadAndNothingElseIs(String line, String code, String model) {
        ParsedLine parsed = reader.read(line);
        assertEquals(parsed.code(), code, line);
        assertEquals(parsed.model(), model, line);
    }

    @Test
    public void oneCodeHasOneKeyHoweverItIsWritten() {
        assertEquals(FaultCode.key("f7-e1"), FaultCode.key("F7 E1"));
        assertEquals(FaultCode.key("F0"), FaultCode.key("FO".replace("O", "0")));
        assertEquals(FaultCode.key("E1O"), FaultCode.key("E10"));
        assertEquals(FaultCode.key("blink 7-1"), FaultCode.key("Blinks 7, 1"));
    }
}
