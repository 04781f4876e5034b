package synopta.formats.review;

import com.lowagie.text.Document;
import com.lowagie.text.PageSize;
import com.lowagie.text.Rectangle;
import com.lowagie.text.pdf.PdfPCell;
import com.lowagie.text.pdf.PdfPTable;
import com.lowagie.text.pdf.PdfWriter;
import java.io.OutputStream;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Locale;
import synopta.core.record.CaseContent;
import synopta.core.record.CaseRecord;
import synopta.formats.print.PrintText;
import synopta.formats.print.Typeface;

/** What one day brought, on A4: a case a row, the first first. */
public final class DailyReportPdf {
    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("EEEE, d MMMM yyyy", Locale.ENGLISH);
    private static final DateTimeFormatter TIME = DateTimeFormatter.ofPattern("HH:mm", Locale.ENGLISH);
    private static final float MARGIN = 34;
    private static final float TEXT = 9;
    private static final float HEAD = 16;
    private static final List<String> COLUMNS = List.of("Case", "Time", "What was said", "Left", "Served by", "");

    private DailyReportPdf() {}

    /** Writes the page. */
    public static void write(String house, LocalDate day, List<CaseRecord> cases, OutputStream out) {
        Document page = new Document(PageSize.A4, MARGIN, MARGIN, MARGIN, MARGIN);
        PdfWriter.getInstance(page, out);
        page.addTitle("Day sheet " + day);
        page.addAuthor(house);
        page.open();
        page.add(PrintText.text(Typeface.PLAIN, TEXT, house));
        page.add(PrintText.text(Typeface.BOLD, HEAD, DAY.format(day)));
        long left = cases.stream()
                .filter(c -> c.content().status() == CaseContent.Status.HANDED_OVER)
                .count();
        page.add(PrintText.text(Typeface.PLAIN, TEXT, "%d cases, %d handed over".formatted(cases.size(), left)));
        PdfPTable table = new PdfPTable(new float[] {0.7f, 0.7f, 4.4f, 2.6f, 1.2f, 0.9f});
        table.setWidthPercentage(100);
        table.setSpacingBefore(8);
        table.setHeaderRows(1);
        COLUMNS.forEach(column -> table.addCell(cell(Typeface.BOLD, column)));
        cases.forEach(record -> row(table, record));
        page.add(table);
        page.close();
    }

    private static void row(PdfPTable table, CaseRecord record) {
        CaseContent content = record.content();
        table.addCell(cell(Typeface.BOLD, "" + record.number()));
        table.addCell(cell(Typeface.PLAIN, TIME.format(record.createdAt().atOffset(ZoneOffset.UTC))));
        table.addCell(cell(Typeface.PLAIN, content.draft().line()));
        table.addCell(cell(
                Typeface.CODE,
                String.join(
                        "\n",
                        content.lines().stream()
                                .map(l -> "%d x %s"
                                        .formatted(l.quantity(), l.part().written()))
                                .toList())));
        table.addCell(cell(Typeface.PLAIN, content.specialist().orElse("")));
        table.addCell(cell(Typeface.PLAIN, content.status() == CaseContent.Status.OPEN ? "open" : "left"));
    }

    private static PdfPCell cell(Typeface face, String text) {
        PdfPCell cell = new PdfPCell(PrintText.phrase(face, TEXT, text));
        cell.setBorder(Rectangle.BOTTOM);
        cell.setBorderWidth(0.4f);
        cell.setPadding(3);
        return cell;
    }
}
