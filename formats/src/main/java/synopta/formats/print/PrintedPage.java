package synopta.formats.print;

import com.lowagie.text.Document;
import com.lowagie.text.Element;
import com.lowagie.text.Rectangle;
import com.lowagie.text.pdf.PdfContentByte;
import com.lowagie.text.pdf.PdfWriter;
import java.io.OutputStream;
import synopta.core.knowledge.Region;

/** An open PDF document on the paper of a region; closed when it is done. */
public final class PrintedPage implements AutoCloseable {
    private final Document document;
    private final PdfWriter writer;

    /**
     * Opens a document.
     *
     * @param house its author
     * @param margin on all sides, in points
     */
    public PrintedPage(String title, String house, Region region, float margin, OutputStream out) {
        Region.Paper paper = region.paper();
        document = new Document(new Rectangle(paper.width(), paper.height()), margin, margin, margin, margin);
        writer = PdfWriter.getInstance(document, out);
        document.addTitle(title);
        document.addAuthor(house);
        document.open();
    }

    /** Adds an element below the last one. */
    public void add(Element element) {
        document.add(element);
    }

    /** What line work and barcodes are drawn on. */
    public PdfContentByte canvas() {
        return writer.getDirectContent();
    }

    @Override
    public void close() {
        document.close();
    }
}
