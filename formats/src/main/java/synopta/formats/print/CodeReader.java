package synopta.formats.print;

import com.google.zxing.BarcodeFormat;
import com.google.zxing.BinaryBitmap;
import com.google.zxing.DecodeHintType;
import com.google.zxing.MultiFormatReader;
import com.google.zxing.NotFoundException;
import com.google.zxing.RGBLuminanceSource;
import com.google.zxing.Result;
import com.google.zxing.common.HybridBinarizer;
import com.google.zxing.multi.GenericMultipleBarcodeReader;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.util.Arrays;
import java.util.Comparator;
import java.util.Iterator;
import java.util.List;
import java.util.Map;
import javax.imageio.ImageIO;
import javax.imageio.ImageReader;
import javax.imageio.stream.ImageInputStream;

/** Reads QR codes and Code 128 from a picture, where no scanner is at hand. */
public final class CodeReader {
    /** A picture of more points is not opened: its size must not use up the memory. */
    private static final long MOST_POINTS = 12_000_000;

    private static final Map<DecodeHintType, ?> HINTS = Map.of(
            DecodeHintType.TRY_HARDER,
            true,
            DecodeHintType.POSSIBLE_FORMATS,
            List.of(BarcodeFormat.QR_CODE, BarcodeFormat.CODE_128));

    private CodeReader() {}

    /** The texts of all codes that can be seen, QR codes first; refuses what is no picture. */
    public static List<String> read(byte[] picture) {
        BufferedImage image = opened(picture);
        int width = image.getWidth();
        int height = image.getHeight();
        BinaryBitmap bits = new BinaryBitmap(new HybridBinarizer(
                new RGBLuminanceSource(width, height, image.getRGB(0, 0, width, height, null, 0, width))));
        try {
            Result[] found = new GenericMultipleBarcodeReader(new MultiFormatReader()).decodeMultiple(bits, HINTS);
            return Arrays.stream(found)
                    .sorted(Comparator.comparing(code -> code.getBarcodeFormat() != BarcodeFormat.QR_CODE))
                    .map(Result::getText)
                    .distinct()
                    .toList();
        } catch (NotFoundException e) {
            return List.of();
        }
    }

    private static BufferedImage opened(byte[] picture) {
        try (ImageInputStream in = ImageIO.createImageInputStream(new ByteArrayInputStream(picture))) {
            Iterator<ImageReader> readers = ImageIO.getImageReaders(in);
            if (!readers.hasNext()) {
                throw new IllegalArgumentException("The file is not a picture. Use PNG or JPEG.");
            }
            ImageReader reader = readers.next();
            try {
                // Without what is written about the picture: it may be long, and nobody reads it.
                reader.setInput(in, true, true);
                long points = (long) reader.getWidth(0) * reader.getHeight(0);
                if (points > MOST_POINTS) {
                    throw new IllegalArgumentException(
                            "The picture has %d million pixels; the limit is %d million. Use a smaller one."
                                    .formatted(points / 1_000_000, MOST_POINTS / 1_000_000));
                }
                return reader.read(0);
            } finally {
                reader.dispose();
            }
        } catch (IOException | IndexOutOfBoundsException e) {
            throw new IllegalArgumentException("The picture cannot be read. Take it again.", e);
        }
    }
}
