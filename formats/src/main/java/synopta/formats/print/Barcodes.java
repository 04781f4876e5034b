package synopta.formats.print;

import com.lowagie.text.Image;
import com.lowagie.text.pdf.Barcode128;
import com.lowagie.text.pdf.PdfContentByte;
import java.awt.Color;
import java.nio.charset.StandardCharsets;

/** Code 128 (ISO/IEC 15417) of numbers. */
public final class Barcodes {
    private static final float HEIGHT = 22;
    private static final float MODULE = 0.8f;
    /** Ten modules on each side, so that a reader finds the ends (ISO/IEC 15417, section 4.4). */
    public static final float QUIET = 10 * MODULE;

    private Barcodes() {}

    /** A number, as written where it is ASCII, else its letters and digits; without text below. */
    public static Image code128(PdfContentByte page, String written, String key) {
        boolean isPlain = StandardCharsets.US_ASCII.newEncoder().canEncode(written);
        Barcode128 code = new Barcode128();
        code.setCode(isPlain ? written : key);
        code.setX(MODULE);
        code.setBarHeight(HEIGHT);
        code.setFont(null);
        return code.createImageWithBarcode(page, Color.BLACK, Color.BLACK);
    }
}
