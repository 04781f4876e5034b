package synopta.formats.print;

import com.google.zxing.BarcodeFormat;
import com.google.zxing.EncodeHintType;
import com.google.zxing.WriterException;
import com.google.zxing.common.BitMatrix;
import com.google.zxing.qrcode.QRCodeWriter;
import com.lowagie.text.Image;
import com.lowagie.text.pdf.Barcode128;
import com.lowagie.text.pdf.PdfContentByte;
import com.lowagie.text.pdf.PdfTemplate;
import java.awt.Color;
import java.nio.charset.StandardCharsets;
import java.util.Map;

/** Code 128 (ISO/IEC 15417) and QR codes (ISO/IEC 18004) of numbers. */
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

    /** A QR code (ISO/IEC 18004) of a text, so wide, with its quiet zone of four modules. */
    public static Image qr(PdfContentByte page, String text, float width) {
        try {
            BitMatrix bits =
                    new QRCodeWriter().encode(text, BarcodeFormat.QR_CODE, 0, 0, Map.of(EncodeHintType.MARGIN, 4));
            PdfTemplate code = page.createTemplate(width, width);
            float module = width / bits.getWidth();
            code.setColorFill(Color.BLACK);
            for (int y = 0; y < bits.getHeight(); y++) {
                for (int x = 0; x < bits.getWidth(); x++) {
                    if (bits.get(x, y)) {
                        code.rectangle(x * module, width - (y + 1) * module, module, module);
                    }
                }
            }
            code.fill();
            return Image.getInstance(code);
        } catch (WriterException e) {
            throw new IllegalArgumentException("“%s” does not fit into a QR code.".formatted(text), e);
        }
    }
}
