package synopta.formats.order;

import com.lowagie.text.Document;
import com.lowagie.text.Element;
import com.lowagie.text.Image;
import com.lowagie.text.PageSize;
import com.lowagie.text.Phrase;
import com.lowagie.text.Rectangle;
import com.lowagie.text.pdf.PdfPCell;
import com.lowagie.text.pdf.PdfPTable;
import com.lowagie.text.pdf.PdfWriter;
import java.io.OutputStream;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.time.format.DateTimeFormatter;
import java.util.Locale;
import synopta.core.order.Quote;
import synopta.core.order.QuoteTotals;
import synopta.core.quantity.Money;
import synopta.formats.print.Barcodes;
import synopta.formats.print.PrintText;
import synopta.formats.print.Typeface;

/** A quote as a page of A4, with the Code 128 of each part number. */
public final class QuotePdf {
    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("d MMMM yyyy", Locale.ENGLISH);
    private static final float MARGIN = 48;
    private static final float TEXT = 10;
    private static final float SMALL = 8.5f;
    private static final float RULE = 0.5f;
    private static final float WIDEST_BARS = 170;

    private final String house;
    private final Quote quote;

    /**
     * Prints a quote.
     *
     * @param house the name at its head
     */
    public QuotePdf(String house, Quote quote) {
        this.house = house;
        this.quote = quote;
    }

    /** Writes the pages. */
    public void write(OutputStream out) {
        Document page = new Document(PageSize.A4, MARGIN, MARGIN, MARGIN, MARGIN);
        PdfWriter writer = PdfWriter.getInstance(page, out);
        page.addTitle("Quote %d".formatted(quote.number()));
        page.addAuthor(house);
        page.open();
        page.add(PrintText.text(Typeface.BOLD, 12, house));
        page.add(PrintText.text(Typeface.BOLD, 20, "Quote %d".formatted(quote.number())));
        page.add(head());
        page.add(lines(writer));
        page.add(sums());
        page.add(PrintText.text(
                Typeface.PLAIN,
                SMALL,
                QuoteTotals.RULE
                        + " Prices hold until %s; what is in stock is not kept for you unless it was reserved."
                                .formatted(day(quote.validUntil()))));
        page.close();
    }

    private PdfPTable head() {
        PdfPTable head = new PdfPTable(new float[] {1, 3});
        head.setWidthPercentage(100);
        head.setSpacingBefore(8);
        head.setSpacingAfter(14);
        row(head, "Written", day(LocalDate.ofInstant(quote.createdAt(), ZoneOffset.UTC)));
        row(head, "Valid until", day(quote.validUntil()));
        row(head, "Branch", quote.branch());
        quote.customer().ifPresent(customer -> row(head, "For", customer));
        quote.caseNumber().ifPresent(number -> row(head, "Case", Long.toString(number)));
        return head;
    }

    private static void row(PdfPTable table, String label, String value) {
        table.addCell(bare(PrintText.phrase(Typeface.PLAIN, TEXT, label), Element.ALIGN_LEFT));
        table.addCell(bare(PrintText.phrase(Typeface.BOLD, TEXT, value), Element.ALIGN_LEFT));
    }

    private PdfPTable lines(PdfWriter writer) {
        PdfPTable table = new PdfPTable(new float[] {3.6f, 4.6f, 0.8f, 1.6f, 1.6f});
        table.setWidthPercentage(100);
        table.setHeaderRows(1);
        for (String label : new String[] {"Part", "", "Qty", "Each", "Price"}) {
            boolean isFigure = !label.isEmpty() && !label.equals("Part");
            table.addCell(ruled(
                    PrintText.phrase(Typeface.BOLD, SMALL, label),
                    isFigure ? Element.ALIGN_RIGHT : Element.ALIGN_LEFT));
        }
        for (Quote.Line line : quote.lines()) {
            Phrase part = PrintText.phrase(Typeface.CODE, TEXT, line.part().written() + "\n");
            part.add(PrintText.phrase(Typeface.PLAIN, TEXT, line.name()));
            table.addCell(ruled(part, Element.ALIGN_LEFT));
            Image bars = Barcodes.code128(
                    writer.getDirectContent(),
                    line.part().written(),
                    line.part().key());
            bars.scaleToFit(WIDEST_BARS, bars.getHeight());
            PdfPCell scanned = new PdfPCell(bars, false);
            scanned.setBorder(Rectangle.BOTTOM);
            scanned.setBorderWidth(RULE);
            scanned.setPadding(Barcodes.QUIET);
            table.addCell(scanned);
            table.addCell(ruled(PrintText.phrase(Typeface.PLAIN, TEXT, "" + line.quantity()), Element.ALIGN_RIGHT));
            table.addCell(ruled(
                    PrintText.phrase(Typeface.PLAIN, TEXT, line.unitPrice().decimal()), Element.ALIGN_RIGHT));
            table.addCell(
                    ruled(PrintText.phrase(Typeface.PLAIN, TEXT, line.price().decimal()), Element.ALIGN_RIGHT));
        }
        return table;
    }

    private PdfPTable sums() {
        PdfPTable table = new PdfPTable(new float[] {4, 1});
        table.setWidthPercentage(55);
        table.setHorizontalAlignment(Element.ALIGN_RIGHT);
        table.setSpacingBefore(10);
        table.setSpacingAfter(18);
        QuoteTotals sum = quote.sum();
        String percent = sum.taxPercent().toPlainString();
        if (!sum.taxIncluded()) {
            sum(table, Typeface.PLAIN, "Sum", sum.goods());
            sum(table, Typeface.PLAIN, "Tax, %s %%".formatted(percent), sum.tax());
        }
        sum(table, Typeface.BOLD, "To pay, %s".formatted(sum.total().currency()), sum.total());
        if (sum.taxIncluded()) {
            sum(table, Typeface.PLAIN, "Tax in it, %s %%".formatted(percent), sum.tax());
        }
        return table;
    }

    private static void sum(PdfPTable table, Typeface face, String label, Money amount) {
        table.addCell(bare(PrintText.phrase(face, TEXT, label), Element.ALIGN_RIGHT));
        table.addCell(bare(PrintText.phrase(face, TEXT, amount.decimal()), Element.ALIGN_RIGHT));
    }

    private static String day(LocalDate day) {
        return DAY.format(day);
    }

    private static PdfPCell bare(Phrase phrase, int align) {
        PdfPCell cell = ruled(phrase, align);
        cell.setBorder(Rectangle.NO_BORDER);
        cell.setPadding(2);
        return cell;
    }

    private static PdfPCell ruled(Phrase phrase, int align) {
        PdfPCell cell = new PdfPCell(phrase);
        cell.setHorizontalAlignment(align);
        cell.setBorder(Rectangle.BOTTOM);
        cell.setBorderWidth(RULE);
        cell.setPaddingTop(5);
        cell.setPaddingBottom(6);
        return cell;
    }
}
