package synopta.formats.print;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;
import static org.testng.Assert.expectThrows;

import com.google.zxing.BarcodeFormat;
import com.google.zxing.MultiFormatWriter;
import com.google.zxing.WriterException;
import com.google.zxing.client.j2se.MatrixToImageWriter;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.geom.AffineTransform;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import javax.imageio.ImageIO;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Codes drawn by ZXing 3.5.4, photographed badly. */
public class CodeReaderTest {
    private static BufferedImage code(BarcodeFormat format, String text, int width, int height) throws WriterException {
        return MatrixToImageWriter.toBufferedImage(new MultiFormatWriter().encode(text, format, width, height));
    }

    private static byte[] bytes(BufferedImage image, String type) throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        assertTrue(ImageIO.write(image, type, out));
        return out.toByteArray();
    }

    /** A sheet on a gray counter, turned and in bad light. */
    private static BufferedImage photographed(double degrees, int noise) throws WriterException {
        BufferedImage photo = new BufferedImage(900, 700, BufferedImage.TYPE_INT_RGB);
        Graphics2D pen = photo.createGraphics();
        pen.setColor(new Color(150, 145, 140));
        pen.fillRect(0, 0, 900, 700);
        pen.setTransform(AffineTransform.getRotateInstance(Math.toRadians(degrees), 450, 350));
        pen.setColor(Color.WHITE);
        pen.fillRect(150, 100, 600, 500);
        pen.drawImage(code(BarcodeFormat.QR_CODE, "SYNOPTA CASE 31", 220, 220), 180, 130, null);
        pen.drawImage(code(BarcodeFormat.CODE_128, "QV-4410-K", 400, 90), 200, 450, null);
        pen.dispose();
        Random random = new Random(3);
        for (int y = 0; y < 700; y++) {
            for (int x = 0; x < 900; x++) {
                int off = noise == 0 ? 0 : random.nextInt(2 * noise) - noise - x * noise / 900;
                Color was = new Color(photo.getRGB(x, y));
                int gray = Math.max(0, Math.min(255, was.getRed() + off));
                photo.setRGB(x, y, new Color(gray, gray, gray).getRGB());
            }
        }
        return photo;
    }

    @DataProvider
    Object[][] photos() {
        return new Object[][] {{"laid flat", 0.0, 0}, {"a little turned", 3.0, 10}, {"in bad light", 1.0, 30}};
    }

    @Test(dataProvider = "photos")
    public void theCodeOfTheSheetComesBeforeThatOfThePart(String how, double degrees, int noise) throws Exception {
        BufferedImage photo = photographed(degrees, noise);
        for (String type : List.of("png", "jpg")) {
            assertEquals(
                    CodeReader.read(bytes(photo, type)), List.of("SYNOPTA CASE 31", "QV-4410-K"), how + ", " + type);
        }
    }

    @Test
    public void aPictureWithoutACodeHasNone() throws IOException {
        assertEquals(CodeReader.read(bytes(new BufferedImage(300, 200, BufferedImage.TYPE_INT_RGB), "png")), List.of());
    }

    private static String refused(byte[] picture) {
        return expectThrows(IllegalArgumentException.class, () -> CodeReader.read(picture))
                .getMessage();
    }

    @Test
    public void whatIsNoPictureIsRefusedWithWhatToDo() throws Exception {
        assertTrue(refused("SYNOPTA CASE 31".getBytes()).contains("PNG or JPEG"));
        byte[] whole = bytes(photographed(0, 0), "png");
        assertTrue(refused(Arrays.copyOf(whole, whole.length / 3)).contains("Take it again"));
        // The width and height of a PNG stand in its header; nothing is made for a picture that only says it is large.
        byte[] vast = bytes(new BufferedImage(10, 10, BufferedImage.TYPE_BYTE_GRAY), "png");
        vast[16] = 0;
        vast[17] = 1;
        vast[21] = 1;
        assertTrue(refused(vast).contains("million pixels"), refused(vast));
    }
}
