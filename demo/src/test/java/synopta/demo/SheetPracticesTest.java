package synopta.demo;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import java.util.List;
import java.util.Map;
import org.testng.annotations.AfterMethod;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import synopta.core.catalog.ModelNumber;
import synopta.core.knowledge.BranchContacts;
import synopta.core.knowledge.HouseSettings;
import synopta.core.knowledge.RepairPractices;
import synopta.core.quantity.LengthUnit;
import synopta.core.record.RepairSheet;
import synopta.core.teardown.Work;
import synopta.formats.handover.SheetText;

/** Sheets by the practices and wishes of a house: its steps, tests, units, contacts and prices. */
public class SheetPracticesTest {
    private final DemoSheets sheets = new DemoSheets();

    @AfterMethod
    public void asUsual() {
        sheets.rules = HouseSettings.USUAL;
    }

    @Test
    public void pricesStandOnTheSheetOnlyIfWantedAndTheCallersWordsAlways() {
        RepairSheet plain = sheets.sheet("th7820w thumps, 8 yrs", "QV-4410-K", "QV-1183");
        RepairSheet priced = sheets.service.sheet(plain.record(), true);
        assertFalse(SheetText.plain(DemoSheets.HOUSE, plain).contains("Sum of the prices"));
        String text = SheetText.plain(DemoSheets.HOUSE, priced);
        assertTrue(
                text.contains(
                        "dryer repair kit, " + priced.lines().get(0).price().decimal()),
                text);
        assertTrue(
                text.contains(
                        "Sum of the prices: USD " + priced.total().orElseThrow().decimal()),
                text);
        assertTrue(text.contains("CALLER SAID\n- th7820w thumps, 8 yrs"), text);
    }

    /** Schools, a line, a part, and words that stand on the sheet of one house and not on that of the other. */
    @DataProvider
    Object[][] practices() {
        return new Object[][] {
            {new RepairPractices(false, true, true, false, true, false), "A drop of machine oil", "stays dry"},
            {
                new RepairPractices(false, true, false, true, true, false),
                "4 x triangle ring, replaced",
                "4 x triangle ring, kept"
            },
        };
    }

    @Test(dataProvider = "practices")
    public void aHouseOfAnotherSchoolHasItsOwnSteps(RepairPractices other, String usual, String here) {
        String before = SheetText.plain(DemoSheets.HOUSE, sheets.sheet("th7820w thumps", "QV-4410"));
        sheets.rules = HouseSettings.USUAL.with(other);
        String after = SheetText.plain(DemoSheets.HOUSE, sheets.sheet("th7820w thumps", "QV-4410"));
        assertTrue(before.contains(usual) && !before.contains(here), before);
        assertTrue(after.contains(here) && !after.contains(usual), after);
    }

    @Test
    public void aPartIsMeasuredBeforeItIsExchangedUnlessItWasOrTheHouseSwapsItUntested() {
        String measure =
                "Test the old part first. Thermal fuse, wires disconnected: ohms across it: if it reads up to 1 Ω, it is good";
        Work untold = work("TH-7820-W", "thermal-fuse");
        assertTrue(String.valueOf(untold.replacements().get(0).fitting().way()).contains(measure));
        assertTrue(untold.tools().contains("meter, CAT III 600 V"));
        String told = SheetText.plain(DemoSheets.HOUSE, sheets.sheet("th7820w thermal fuse reads OL"));
        assertTrue(told.contains("Replace thermal fuse") && !told.contains("Test the old part"), told);
        sheets.rules = HouseSettings.USUAL.with(new RepairPractices(false, true, true, true, false, false));
        Work swapped = work("TH-7820-W", "thermal-fuse");
        String way = String.valueOf(swapped.replacements().get(0).fitting().way());
        assertFalse(way.contains("Test the old part"));
        assertTrue(swapped.minutes() < untold.minutes());
    }

    @Test
    public void sizesAreToldInBothUnitsAndTheBranchIsReachedByItsOwnWords() {
        RepairSheet sheet = sheets.sheet("th7820w thumps", "QV-4410");
        assertTrue(SheetText.plain(DemoSheets.HOUSE, sheet).contains("5/16 in (7.94 mm) nut driver"));
        HouseSettings usual = HouseSettings.USUAL;
        BranchContacts contacts = new BranchContacts("ask at the desk", Map.of("Staithe", "at the quay, until five"));
        sheets.rules = new HouseSettings(
                usual.practices(),
                usual.hourCents(),
                usual.returnTripCents(),
                usual.horizonYears(),
                usual.taxPercent(),
                usual.taxIncluded(),
                usual.quoteDays(),
                LengthUnit.INCH,
                usual.region(),
                contacts,
                usual.quoteTerms(),
                usual.access());
        String plain = SheetText.plain(DemoSheets.HOUSE, sheets.sheet("th7820w thumps", "QV-4410"));
        assertTrue(plain.contains("5/16 in nut driver") && plain.contains("flat-blade screwdriver"), plain);
        assertTrue(plain.contains("ask at the desk"), plain);
        assertEquals(contacts.of("Staithe"), "at the quay, until five");
        assertEquals(contacts.of("Upland"), "ask at the desk");
    }

    private Work work(String model, String... slots) {
        return sheets.opening
                .open(new ModelNumber(model), null, List.of(slots), 8.0)
                .work();
    }
}
