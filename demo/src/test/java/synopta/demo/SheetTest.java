package synopta.demo;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import com.google.zxing.BarcodeFormat;
import com.google.zxing.BinaryBitmap;
import com.google.zxing.DecodeHintType;
import com.google.zxing.MultiFormatReader;
import com.google.zxing.Result;
import com.google.zxing.client.j2se.BufferedImageLuminanceSource;
import com.google.zxing.common.HybridBinarizer;
import com.google.zxing.multi.GenericMultipleBarcodeReader;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.time.Instant;
import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.rendering.PDFRenderer;
import org.apache.pdfbox.text.PDFTextStripper;
import org.testng.annotations.AfterMethod;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import synopta.core.casefile.CaseInput;
import synopta.core.casefile.Customer;
import synopta.core.catalog.Catalog;
import synopta.core.catalog.ModelNumber;
import synopta.core.catalog.PartNumber;
import synopta.core.handover.HandoverPlanner;
import synopta.core.knowledge.BranchContacts;
import synopta.core.knowledge.Caution;
import synopta.core.knowledge.Hazard;
import synopta.core.knowledge.HouseSettings;
import synopta.core.knowledge.RepairPractices;
import synopta.core.quantity.LengthUnit;
import synopta.core.record.CaseContent;
import synopta.core.record.CaseRecord;
import synopta.core.record.CaseRepository;
import synopta.core.record.CaseService;
import synopta.core.record.CaseSnapshot;
import synopta.core.record.RepairSheet;
import synopta.core.sale.TeardownService;
import synopta.core.teardown.Work;
import synopta.formats.handover.SheetPdf;
import synopta.formats.handover.SheetText;

/** The sheet that leaves with the parts, and how machines are opened, with the packs that ship. */
public class SheetTest {
    private static final String HOUSE = "Saltmarsh & Vane";
    private final CaseService service;
    private final TeardownService opening;
    private HouseSettings rules = HouseSettings.USUAL;

    public SheetTest() {
        DemoCounter demo = new DemoCounter(() -> rules);
        Catalog catalog = DemoCounter.CATALOG;
        CaseRepository none = null;
        service = new CaseService(none, demo.counter, catalog, new HandoverPlanner(demo.packs, catalog));
        opening = new TeardownService(catalog, demo.packs, demo.finder, () -> rules, () -> DemoCatalog.CURRENCY);
    }

    @AfterMethod
    public void asUsual() {
        rules = HouseSettings.USUAL;
    }

    private RepairSheet sheet(String line, String... parts) {
        return sheet(CaseInput.of(line), parts);
    }

    private RepairSheet sheet(CaseInput input, String... parts) {
        List<CaseContent.Line> lines = Arrays.stream(parts)
                .map(part -> new CaseContent.Line(new PartNumber(part), 1))
                .toList();
        CaseContent content = new CaseContent(
                input,
                null,
                lines,
                Set.of(Hazard.MAINS),
                null,
                null,
                Customer.NONE,
                null,
                CaseContent.Status.HANDED_OVER);
        Instant now = Instant.parse("2026-11-26T09:30:00Z");
        return service.sheet(new CaseRecord(31, now, 1, now, content, CaseSnapshot.UNTOLD));
    }

    /** A case, what was handed over, and words that must stand on the sheet. */
    @DataProvider
    Object[][] cases() {
        return new Object[][] {
            {
                "th7820w thumps, 8 yrs",
                List.of("QV-4410-K"),
                List.of(
                        "Line voltage: Unplug it",
                        "TH-7820-W",
                        "5/16 in (7.94 mm) nut driver",
                        "Slide the drum out",
                        "Every roller spins free")
            },
            {
                "tm2205b microwave dead, fuse blew twice",
                List.of("QV-3120", "QV-3121"),
                List.of(
                        "Stored charge: The capacitor can kill",
                        "Licensed technician only",
                        "It stops when the door opens")
            },
            {"dw8202w door drops", List.of(), List.of("Case 31", "DW8202W", "Water: ")},
        };
    }

    @Test(dataProvider = "cases")
    public void theSheetHoldsCautionsPartsAndStepsOnTwoPagesAtMostAndIsScanned(
            String line, List<String> parts, List<String> words) throws Exception {
        RepairSheet sheet = sheet(line, parts.toArray(String[]::new));
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        new SheetPdf(HOUSE, sheet).write(out);
        String plain = SheetText.plain(HOUSE, sheet);
        try (PDDocument pages = Loader.loadPDF(out.toByteArray())) {
            String text = new PDFTextStripper().getText(pages).replaceAll("\\s+", " ");
            words.forEach(word -> assertTrue(text.contains(word), word + " in " + text));
            words.forEach(word -> assertTrue(plain.contains(word), word + " in " + plain));
            parts.forEach(part -> assertTrue(text.contains(part), part));
            assertTrue(pages.getNumberOfPages() <= 2, pages.getNumberOfPages() + " pages");
            BufferedImage image = new PDFRenderer(pages).renderImageWithDPI(0, 250);
            Result[] codes = new GenericMultipleBarcodeReader(new MultiFormatReader())
                    .decodeMultiple(
                            new BinaryBitmap(new HybridBinarizer(new BufferedImageLuminanceSource(image))),
                            Map.of(
                                    DecodeHintType.TRY_HARDER,
                                    true,
                                    DecodeHintType.POSSIBLE_FORMATS,
                                    List.of(BarcodeFormat.QR_CODE, BarcodeFormat.CODE_128)));
            Set<String> scanned = Arrays.stream(codes).map(Result::getText).collect(Collectors.toSet());
            assertTrue(scanned.contains("SYNOPTA CASE 31"), scanned.toString());
            assertTrue(scanned.containsAll(parts), scanned.toString());
        }
    }

    @Test
    public void aPartInTheBagBringsItsOwnCautionsThoughNothingWasSaidOfIt() {
        Set<Hazard> rollers = Set.of(Hazard.SHARP_METAL, Hazard.FALLING_PANEL);
        assertTrue(Collections.disjoint(hazards(sheet("th7820w")), rollers));
        assertTrue(hazards(sheet("th7820w", "QV-4410-K")).containsAll(rollers));
    }

    private static Set<Hazard> hazards(RepairSheet sheet) {
        return sheet.cautions().stream().map(Caution::hazard).collect(Collectors.toSet());
    }

    @Test
    public void aChangeThatMustBeMadeStandsOnTheSheet() {
        RepairSheet sheet = sheet("th7820w QV-1320", "QV-1322");
        assertFalse(sheet.changes().isEmpty());
        sheet.changes()
                .forEach(change ->
                        assertTrue(SheetText.plain(HOUSE, sheet).contains("Change: " + change + "."), change));
    }

    /** A model whose part depends on the unknown build date, a fault, and what the sheet tells and does not tell. */
    @DataProvider
    Object[][] undated() {
        return new Object[][] {
            {"dw8202w", "dispenser-stuck", "Replace detergent dispenser.", "2 x detergent dispenser"},
            {"de3600s", "belt-broken", "Swing the chassis down", "2 x drum belt"},
        };
    }

    @Test(dataProvider = "undated")
    public void anOpenVerdictLeavesTheWorkAsItIsWithThePiecesOfThePlace(
            String model, String fault, String told, String not) {
        CaseInput input = CaseInput.of(model).but().selected(Set.of(fault)).input();
        String plain = SheetText.plain(HOUSE, sheet(input));
        assertTrue(plain.contains(told) && !plain.contains(not), plain);
    }

    @Test
    public void aStopStandsOnTheSheetBeforeAllElse() {
        String plain = SheetText.plain(HOUSE, sheet("th7820w runs with the door open"));
        assertTrue(plain.contains("never bypassed"), plain);
        assertTrue(plain.indexOf("never bypassed") < plain.indexOf("Line voltage"), plain);
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
        String before = SheetText.plain(HOUSE, sheet("th7820w thumps", "QV-4410"));
        rules = HouseSettings.USUAL.with(other);
        String after = SheetText.plain(HOUSE, sheet("th7820w thumps", "QV-4410"));
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
        String told = SheetText.plain(HOUSE, sheet("th7820w thermal fuse reads OL"));
        assertTrue(told.contains("Replace thermal fuse") && !told.contains("Test the old part"), told);
        rules = HouseSettings.USUAL.with(new RepairPractices(false, true, true, true, false, false));
        Work swapped = work("TH-7820-W", "thermal-fuse");
        String way = String.valueOf(swapped.replacements().get(0).fitting().way());
        assertFalse(way.contains("Test the old part"));
        assertTrue(swapped.minutes() < untold.minutes());
    }

    @Test
    public void sizesAreToldInBothUnitsAndTheBranchIsReachedByItsOwnWords() {
        RepairSheet sheet = sheet("th7820w thumps", "QV-4410");
        assertTrue(SheetText.plain(HOUSE, sheet).contains("5/16 in (7.94 mm) nut driver"));
        HouseSettings usual = HouseSettings.USUAL;
        BranchContacts contacts = new BranchContacts("ask at the desk", Map.of("Staithe", "at the quay, until five"));
        rules = new HouseSettings(
                usual.practices(),
                usual.hourCents(),
                usual.returnTripCents(),
                usual.horizonYears(),
                usual.taxPercent(),
                usual.taxIncluded(),
                usual.quoteDays(),
                LengthUnit.INCH,
                usual.region(),
                contacts);
        String plain = SheetText.plain(HOUSE, sheet("th7820w thumps", "QV-4410"));
        assertTrue(plain.contains("5/16 in nut driver") && plain.contains("flat-blade screwdriver"), plain);
        assertTrue(plain.contains("ask at the desk"), plain);
        assertEquals(contacts.of("Staithe"), "at the quay, until five");
        assertEquals(contacts.of("Upland"), "ask at the desk");
    }

    private Work work(String model, String... slots) {
        return opening.open(new ModelNumber(model), null, List.of(slots), 8.0).work();
    }
}
