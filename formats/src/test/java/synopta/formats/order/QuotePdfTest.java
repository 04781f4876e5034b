package synopta.formats.order;

import static org.testng.Assert.assertEquals;
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
import java.math.BigDecimal;
import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.TreeSet;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.rendering.PDFRenderer;
import org.apache.pdfbox.text.PDFTextStripper;
import org.testng.annotations.Test;
import synopta.core.catalog.PartNumber;
import synopta.core.order.Quote;
import synopta.core.order.QuoteTotals;
import synopta.core.quantity.Money;

public class QuotePdfTest {
    private static Money euros(String decimal) {
        return Money.of(decimal, "USD");
    }

    private static Quote quote(List<Quote.Line> lines) {
        Money goods = lines.stream().map(Quote.Line::price).reduce(euros("0.00"), Money::plus);
        return new Quote(
                12,
                Instant.parse("2026-11-26T09:30:00Z"),
                LocalDate.of(2026, 12, 10),
                "Staithe",
                "Øster & Söhne 李",
                31L,
                "Tidewell TH-7820-W, dryer",
                "(541) 555-0140",
                "Electrical parts are not taken back.",
                lines,
                QuoteTotals.of(goods, new BigDecimal("15"), true));
    }

    private static Quote.Line line(String part, String name, int quantity, String each) {
        return new Quote.Line(new PartNumber(part), name, quantity, euros(each), true);
    }

    private static final Quote TWO = quote(
            List.of(line("QV-4410-K", "dryer repair kit", 1, "41.90"), line("HN/77.3 x", "=door spring", 2, "3.60")));

    private static byte[] printed(Quote quote) {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        new QuotePdf("Saltmarsh & Vane", quote, synopta.core.knowledge.Region.UNITED_STATES).write(out);
        return out.toByteArray();
    }

    @Test
    public void thePrintedQuoteHoldsAllThatWasAgreedInWords() throws Exception {
        try (PDDocument page = Loader.loadPDF(printed(TWO))) {
            String text = new PDFTextStripper().getText(page).replaceAll("\\s+", " ");
            for (String said : List.of(
                    "Saltmarsh & Vane",
                    "Quote 12",
                    "Date November 26, 2026",
                    "Valid until December 10, 2026",
                    "Branch Staithe, (541) 555-0140",
                    "Machine Tidewell TH-7820-W, dryer",
                    "Electrical parts are not taken back.",
                    "Customer Øster & Söhne ?",
                    "Case 31",
                    "QV-4410-K",
                    "dryer repair kit 1 41.90 41.90",
                    "=door spring 2 3.60 7.20",
                    "Total, USD 49.10",
                    "Includes tax, 15% 6.40",
                    QuoteTotals.RULE)) {
                assertTrue(text.contains(said), said + " in " + text);
            }
            assertEquals(page.getNumberOfPages(), 1);
        }
    }

    @Test
    public void taxThatIsAddedIsPrintedBetweenSubtotalAndTotal() throws Exception {
        Quote added = new Quote(
                TWO.number(),
                TWO.createdAt(),
                TWO.validUntil(),
                TWO.branch(),
                TWO.customer(),
                TWO.caseNumber(),
                TWO.machine(),
                TWO.contact(),
                TWO.terms(),
                TWO.lines(),
                QuoteTotals.of(TWO.sum().goods(), new BigDecimal("6.5"), false));
        try (PDDocument page = Loader.loadPDF(printed(added))) {
            String text = new PDFTextStripper().getText(page).replaceAll("\\s+", " ");
            assertTrue(text.contains("Subtotal 49.10 Sales tax, 6.5% 3.19 Total, USD 52.29"), text);
        }
    }

    /** Decoded by ZXing 3.5.4 from the page as it would be printed, at 200 dots to the inch. */
    @Test
    public void everyPartNumberCanBeScannedFromThePage() throws Exception {
        try (PDDocument page = Loader.loadPDF(printed(TWO))) {
            BufferedImage image = new PDFRenderer(page).renderImageWithDPI(0, 200);
            Result[] codes = new GenericMultipleBarcodeReader(new MultiFormatReader())
                    .decodeMultiple(
                            new BinaryBitmap(new HybridBinarizer(new BufferedImageLuminanceSource(image))),
                            Map.of(
                                    DecodeHintType.TRY_HARDER,
                                    true,
                                    DecodeHintType.POSSIBLE_FORMATS,
                                    List.of(BarcodeFormat.CODE_128)));
            assertEquals(
                    Arrays.stream(codes).map(Result::getText).collect(Collectors.toCollection(TreeSet::new)),
                    new TreeSet<>(List.of("QV-4410-K", "HN/77.3 x")));
        }
    }

    @Test
    public void aLongQuoteGoesOnOnFurtherPagesWithItsHeading() throws Exception {
        List<Quote.Line> many = IntStream.range(0, 60)
                .mapToObj(i -> line("P-" + (1000 + i), "part " + i, 1, "1.00"))
                .toList();
        try (PDDocument pages = Loader.loadPDF(printed(quote(many)))) {
            assertTrue(pages.getNumberOfPages() > 1);
            PDFTextStripper last = new PDFTextStripper();
            last.setStartPage(pages.getNumberOfPages());
            String text = last.getText(pages);
            assertTrue(text.contains("Each") && text.contains("P-1059") && text.contains("60.00"), text);
        }
    }

    @Test
    public void asATableNoCellIsRunByASpreadsheet() throws Exception {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        QuoteTable.of(TWO).csv(out);
        String[] rows = out.toString(StandardCharsets.UTF_8).split("\r\n");
        assertEquals(rows.length, 5);
        assertEquals(rows[1], "12,2026-12-10,QV-4410-K,dryer repair kit,1,41.90,41.90,USD,checked");
        assertTrue(rows[2].contains("'=door spring"), rows[2]);
        assertEquals(rows[4], "12,2026-12-10,,total,,,49.10,USD,");
    }
}
