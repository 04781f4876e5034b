package synopta.demo;

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
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import synopta.core.casefile.CaseInput;
import synopta.core.knowledge.Caution;
import synopta.core.knowledge.Hazard;
import synopta.core.record.RepairSheet;
import synopta.formats.handover.SheetPdf;
import synopta.formats.handover.SheetText;

/** The sheet that leaves with the parts, with the packs that ship. */
public class SheetTest {
    private final DemoSheets sheets = new DemoSheets();

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
        RepairSheet sheet = sheets.sheet(line, parts.toArray(String[]::new));
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        new SheetPdf(DemoSheets.HOUSE, sheet).write(out);
        String plain = SheetText.plain(DemoSheets.HOUSE, sheet);
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
        assertTrue(Collections.disjoint(hazards(sheets.sheet("th7820w")), rollers));
        assertTrue(hazards(sheets.sheet("th7820w", "QV-4410-K")).containsAll(rollers));
    }

    private static Set<Hazard> hazards(RepairSheet sheet) {
        return sheet.cautions().stream().map(Caution::hazard).collect(Collectors.toSet());
    }

    @Test
    public void aChangeThatMustBeMadeStandsOnTheSheet() {
        RepairSheet sheet = sheets.sheet("th7820w QV-1320", "QV-1322");
        assertFalse(sheet.changes().isEmpty());
        sheet.changes()
                .forEach(change -> assertTrue(
                        SheetText.plain(DemoSheets.HOUSE, sheet).contains("Change: " + change + "."), change));
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
        String plain = SheetText.plain(DemoSheets.HOUSE, sheets.sheet(input));
        assertTrue(plain.contains(told) && !plain.contains(not), plain);
    }

    @Test
    public void aStopStandsOnTheSheetBeforeAllElse() {
        String plain = SheetText.plain(DemoSheets.HOUSE, sheets.sheet("th7820w runs with the door open"));
        assertTrue(plain.contains("never bypassed"), plain);
        assertTrue(plain.indexOf("never bypassed") < plain.indexOf("Line voltage"), plain);
    }
}
