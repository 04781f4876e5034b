package synopta.formats.order;

import com.lowagie.text.Element;
import com.lowagie.text.Image;
import com.lowagie.text.Phrase;
import com.lowagie.text.Rectangle;
import com.lowagie.text.pdf.PdfContentByte;
import com.lowagie.text.pdf.PdfPCell;
import com.lowagie.text.pdf.PdfPTable;
import java.io.OutputStream;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.Optional;
import synopta.core.knowledge.Region;
import synopta.core.order.Quote;
import synopta.core.order.QuoteTotals;
import synopta.core.quantity.Money;
import synopta.formats.print.Barcodes;
import synopta.formats.print.PrintText;
import synopta.formats.print.PrintedPage;
import synopta.formats.print.Typeface;

/** A quote as a printed page, with the Code 128 of each part number. */
public final class QuotePdf {
    private static final float MARGIN = 48;
    private static final float TEXT = 10;
    private static final float SMALL = 8.5f;
    private static final float RULE = 0.5f;
    private static final float WIDEST_BARS = 170;

    private final String house;
    private final Quote quote;
    private final Region region;

    /**
     * Prints a quote.
     *
     * @param house the name at its head
     * @param region how dates are written, and on which paper
     */
    public QuotePdf(String house, Quote quote, Region region) {
        this.house = house;
        this.quote = quote;
        this.region = region;
    }

    /** Writes the pages. */
    public void write(OutputStream out) {
        String title = "Quote %d".formatted(quote.number());
        try (PrintedPage page = new PrintedPage(title, house, region, MARGIN, out)) {
            page.add(PrintText.text(Typeface.BOLD, 12, house));
            page.add(PrintText.text(Typeface.BOLD, 20, title));
            page.add(head());
            page.add(lines(page.canvas()));
            page.add(sums());
            page.add(PrintText.text(
                    Typeface.PLAIN,
                    SMALL,
                    QuoteTotals.RULE
                            + " Prices are valid until %s. Parts in stock are not held for you unless they were reserved."
                                    .formatted(day(quote.validUntil()))));
            if (!quote.terms().isEmpty()) {
                page.add(PrintText.text(Typeface.PLAIN, SMALL, quote.terms()));
            }
        }
    }

    private PdfPTable head() {
        PdfPTable head = new PdfPTable(new float[] {1, 3});
        head.setWidthPercentage(100);
        head.setSpacingBefore(8);
        head.setSpacingAfter(14);
        row(head, "Date", day(LocalDate.ofInstant(quote.createdAt(), ZoneOffset.UTC)));
        row(head, "Valid until", day(quote.validUntil()));
        row(head, "Branch", quote.contact().isEmpty() ? quote.branch() : quote.branch() + ", " + quote.contact());
        Optional.ofNullable(quote.customer()).ifPresent(customer -> row(head, "Customer", customer));
        Optional.ofNullable(quote.machine()).ifPresent(machine -> row(head, "Machine", machine));
        Optional.ofNullable(quote.caseNumber()).ifPresent(number -> row(head, "Case", Long.toString(number)));
        return head;
    }

    private static void row(PdfPTable table, String label, String value) {
        table.addCell(bare(PrintText.phrase(Typeface.PLAIN, TEXT, label), Element.ALIGN_LEFT));
        table.addCell(bare(PrintText.phrase(Typeface.BOLD, TEXT, value), Element.ALIGN_LEFT));
    }

    private PdfPTable lines(PdfContentByte canvas) {
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
            table.addCell(ruled(part(line), Element.ALIGN_LEFT));
            Image bars =
                    Barcodes.code128(canvas, line.part().written(), line.part().key());
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

    private static Phrase part(Quote.Line line) {
        Phrase part = PrintText.phrase(Typeface.CODE, TEXT, line.part().written() + "\n");
        part.add(PrintText.phrase(Typeface.PLAIN, TEXT, line.name()));
        if (!line.fitChecked()) {
            part.add(PrintText.phrase(Typeface.BOLD, SMALL, "\n" + Quote.Line.NOT_CHECKED));
        }
        return part;
    }

    private PdfPTable sums() {
        PdfPTable table = new PdfPTable(new float[] {4, 1});
        table.setWidthPercentage(55);
        table.setHorizontalAlignment(Element.ALIGN_RIGHT);
        table.setSpacingBefore(10);
        table.setSpacingAfter(18);
        QuoteTotals sum = quote.sum();
        String percent = sum.taxRate();
        if (!sum.taxIncluded()) {
            sum(table, Typeface.PLAIN, "Subtotal", sum.goods());
            sum(table, Typeface.PLAIN, "Sales tax, %s%%".formatted(percent), sum.tax());
        }
        sum(table, Typeface.BOLD, "Total, %s".formatted(sum.total().currency()), sum.total());
        if (sum.taxIncluded()) {
            sum(table, Typeface.PLAIN, "Includes tax, %s%%".formatted(percent), sum.tax());
        }
        return table;
    }

    private static void sum(PdfPTable table, Typeface face, String label, Money amount) {
        table.addCell(bare(PrintText.phrase(face, TEXT, label), Element.ALIGN_RIGHT));
        table.addCell(bare(PrintText.phrase(face, TEXT, amount.decimal()), Element.ALIGN_RIGHT));
    }

    private String day(LocalDate day) {
        return region.longDate().format(day);
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
