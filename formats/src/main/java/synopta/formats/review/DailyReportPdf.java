package synopta.formats.review;

import com.lowagie.text.Rectangle;
import com.lowagie.text.pdf.PdfPCell;
import com.lowagie.text.pdf.PdfPTable;
import java.io.OutputStream;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Objects;
import synopta.core.knowledge.Region;
import synopta.core.record.CaseContent;
import synopta.core.record.CaseRecord;
import synopta.formats.print.PrintText;
import synopta.formats.print.PrintedPage;
import synopta.formats.print.Typeface;

/** The cases of one day as a printed page, a case a row, in order of time. */
public final class DailyReportPdf {
    private static final float MARGIN = 34;
    private static final float TEXT = 9;
    private static final float HEAD = 16;
    private static final List<String> COLUMNS = List.of("Case", "Time", "Caller said", "Parts", "Served by", "");

    private DailyReportPdf() {}

    /**
     * Writes the page.
     *
     * @param region how the date and times are written, and on which paper
     */
    public static void write(String house, LocalDate day, List<CaseRecord> cases, Region region, OutputStream out) {
        try (PrintedPage page = new PrintedPage("Daily report " + day, house, region, MARGIN, out)) {
            page.add(PrintText.text(Typeface.PLAIN, TEXT, house));
            page.add(PrintText.text(Typeface.BOLD, HEAD, region.weekdayDate().format(day)));
            long handedOver = cases.stream()
                    .filter(c -> c.content().status() == CaseContent.Status.HANDED_OVER)
                    .count();
            page.add(PrintText.text(
                    Typeface.PLAIN, TEXT, "%d cases, %d handed over".formatted(cases.size(), handedOver)));
            PdfPTable table = new PdfPTable(new float[] {0.6f, 0.9f, 4.2f, 2.6f, 1.2f, 1.1f});
            table.setWidthPercentage(100);
            table.setSpacingBefore(8);
            table.setHeaderRows(1);
            COLUMNS.forEach(column -> table.addCell(cell(Typeface.BOLD, column)));
            cases.forEach(record -> row(table, record, region.time()));
            page.add(table);
        }
    }

    private static void row(PdfPTable table, CaseRecord record, DateTimeFormatter time) {
        CaseContent content = record.content();
        table.addCell(cell(Typeface.BOLD, "" + record.number()));
        table.addCell(cell(Typeface.PLAIN, time.format(record.createdAt().atOffset(ZoneOffset.UTC))));
        table.addCell(cell(
                Typeface.PLAIN, content.customer().takenOutOf(content.input().line())));
        table.addCell(cell(
                Typeface.CODE,
                String.join(
                        "\n",
                        content.lines().stream()
                                .map(l -> "%d x %s"
                                        .formatted(l.quantity(), l.part().written()))
                                .toList())));
        table.addCell(cell(Typeface.PLAIN, Objects.requireNonNullElse(content.specialist(), "")));
        table.addCell(cell(Typeface.PLAIN, content.status() == CaseContent.Status.OPEN ? "on hold" : "handed over"));
    }

    private static PdfPCell cell(Typeface face, String text) {
        PdfPCell cell = new PdfPCell(PrintText.phrase(face, TEXT, text));
        cell.setBorder(Rectangle.BOTTOM);
        cell.setBorderWidth(0.4f);
        cell.setPadding(3);
        return cell;
    }
}
