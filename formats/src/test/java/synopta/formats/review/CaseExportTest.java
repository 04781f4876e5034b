package synopta.formats.review;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.time.Instant;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import java.util.Set;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.testng.annotations.Test;
import synopta.core.casefile.CaseInput;
import synopta.core.casefile.Customer;
import synopta.core.catalog.PartNumber;
import synopta.core.knowledge.Hazard;
import synopta.core.outcome.Outcome;
import synopta.core.record.CaseContent;
import synopta.core.record.CaseRecord;
import synopta.core.record.CaseSnapshot;

/** What leaves the cases: rows of tables, and a day on paper. */
public class CaseExportTest {
    private static final Instant NOON = Instant.parse("2026-03-01T12:05:00Z");

    private static CaseRecord record(long number, CaseContent.Status status) {
        CaseContent content = new CaseContent(
                CaseInput.of("th7820w thumps, says MARL Quillby, 55-0142; “büring”"),
                null,
                List.of(new CaseContent.Line(new PartNumber("QV-1183"), 2)),
                Set.of(Hazard.MAINS, Hazard.FIRE),
                "Marl Quillby",
                "Ida",
                new Customer("Marl Quillby", "55-0142"),
                80,
                status);
        return new CaseRecord(number, NOON, 1, NOON, content, CaseSnapshot.UNTOLD);
    }

    @Test
    public void aRowHasACellForEveryColumnAndNamesNobody() {
        Outcome outcome = new Outcome(
                NOON,
                "Tom",
                "belt-broken",
                false,
                40,
                List.of(new Outcome.Return(new PartNumber("QV-1183"), 1, Outcome.Reason.CHANGED_MIND)),
                null);
        CaseTable row = CaseTable.of(record(7, CaseContent.Status.HANDED_OVER), outcome);
        List<String> cells = Arrays.asList(row.cells());
        assertEquals(cells.size(), CaseTable.COLUMNS.size());
        assertEquals(cells.get(CaseTable.COLUMNS.indexOf("lines")), "2 x QV-1183");
        assertEquals(cells.get(CaseTable.COLUMNS.indexOf("cautionsShown")), "fire;mains");
        assertEquals(cells.get(CaseTable.COLUMNS.indexOf("fixed")), "no");
        assertEquals(cells.get(CaseTable.COLUMNS.indexOf("returns")), "1 x QV-1183: changed-mind");
        assertEquals(cells.get(CaseTable.COLUMNS.indexOf("line")), "th7820w thumps, says …, …; “büring”");
        assertFalse(String.join(" ", cells).contains("Quillby"));
        CaseTable untold = CaseTable.of(record(8, CaseContent.Status.OPEN), null);
        assertEquals(untold.fixed() + untold.fault() + untold.minutes() + untold.returns(), "");
    }

    @Test
    public void aDayOnPaperHasItsCasesAndNamesNoCustomer() throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        List<CaseRecord> cases = List.of(record(7, CaseContent.Status.HANDED_OVER), record(8, CaseContent.Status.OPEN));
        DailyReportPdf.write(
                "Saltmarsh & Vane", LocalDate.of(2026, 3, 1), cases, synopta.core.knowledge.Region.UNITED_STATES, out);
        try (PDDocument pages = Loader.loadPDF(out.toByteArray())) {
            String text = new PDFTextStripper().getText(pages);
            for (String word : List.of(
                    "Sunday, March 1, 2026",
                    "2 cases, 1 handed over",
                    "12:05 PM",
                    "2 x QV-1183",
                    "büring",
                    "on hold")) {
                assertTrue(text.contains(word), word + " in " + text);
            }
            assertFalse(text.contains("Quillby") || text.contains("0142"), text);
        }
    }
}
