package synopta.formats.print;

import com.lowagie.text.Paragraph;
import com.lowagie.text.Phrase;
import com.lowagie.text.Rectangle;
import com.lowagie.text.pdf.PdfPCell;

/** Words and cells as all printed pages have them. */
public final class PrintText {
    private static final float LEADING = 1.25f;

    private PrintText() {}

    /** A paragraph. */
    public static Paragraph text(Typeface face, float points, String text) {
        Paragraph paragraph = new Paragraph(face.shown(text), face.size(points));
        paragraph.setLeading(points * LEADING);
        return paragraph;
    }

    /** Words within a cell. */
    public static Phrase phrase(Typeface face, float points, String text) {
        Phrase phrase = new Phrase(face.shown(text), face.size(points));
        phrase.setLeading(points * LEADING);
        return phrase;
    }

    /** A cell without lines round it. */
    public static PdfPCell bare() {
        PdfPCell cell = new PdfPCell();
        cell.setBorder(Rectangle.NO_BORDER);
        cell.setPadding(0);
        return cell;
    }
}
