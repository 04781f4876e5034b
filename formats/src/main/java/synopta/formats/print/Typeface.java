package synopta.formats.print;

import com.lowagie.text.DocumentException;
import com.lowagie.text.Font;
import com.lowagie.text.pdf.BaseFont;
import java.io.IOException;
import java.io.InputStream;

/** Atkinson Hyperlegible (SIL Open Font License 1.1), embedded in what is printed. */
public enum Typeface {
    /** For text. */
    PLAIN("atkinson-hyperlegible-next-latin-400-normal"),
    /** For headings and sums. */
    BOLD("atkinson-hyperlegible-next-latin-700-normal"),
    /** For part, model and serial numbers, where 0 and O must not be confused. */
    CODE("atkinson-hyperlegible-mono-latin-400-normal");

    private final BaseFont base;

    Typeface(String file) {
        String path = "/synopta/formats/fonts/%s.woff".formatted(file);
        try (InputStream woff = Typeface.class.getResourceAsStream(path)) {
            base = BaseFont.createFont(
                    file + ".ttf", BaseFont.IDENTITY_H, BaseFont.EMBEDDED, true, Woff.sfnt(woff.readAllBytes()), null);
        } catch (IOException | DocumentException e) {
            throw new IllegalStateException("The typeface %s does not ship with this build.".formatted(file), e);
        }
    }

    /** In a size, in points. */
    public Font size(float points) {
        return new Font(base, points);
    }

    /** The text with a question mark for each character that the typeface has no shape for. */
    public String shown(String text) {
        StringBuilder shown = new StringBuilder();
        text.codePoints().forEach(c -> shown.appendCodePoint(c == '\n' || base.charExists(c) ? c : '?'));
        return shown.toString();
    }
}
