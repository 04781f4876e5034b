package synopta.formats.print;

import java.nio.ByteBuffer;
import java.util.zip.DataFormatException;
import java.util.zip.Inflater;

/** Unpacks a WOFF 1.0 file (W3C Recommendation of 2012) into the sfnt it holds. */
final class Woff {
    private static final int SIGNATURE = 0x774F4646;
    private static final int HEADER = 44;
    private static final int ENTRY = 20;
    private static final int SFNT_HEADER = 12;
    private static final int SFNT_ENTRY = 16;

    private Woff() {}

    static byte[] sfnt(byte[] woff) {
        ByteBuffer in = ByteBuffer.wrap(woff);
        if (in.getInt(0) != SIGNATURE) {
            throw new IllegalArgumentException("This is no WOFF file.");
        }
        int tables = in.getShort(12);
        ByteBuffer out = ByteBuffer.allocate(in.getInt(16));
        int power = 31 - Integer.numberOfLeadingZeros(tables);
        out.putInt(in.getInt(4)).putShort((short) tables);
        out.putShort((short) (16 << power)).putShort((short) power).putShort((short) (16 * tables - (16 << power)));
        int offset = SFNT_HEADER + SFNT_ENTRY * tables;
        for (int i = 0; i < tables; i++) {
            int at = HEADER + ENTRY * i;
            int packed = in.getInt(at + 8);
            int length = in.getInt(at + 12);
            out.putInt(in.getInt(at)).putInt(in.getInt(at + 16)).putInt(offset).putInt(length);
            out.put(offset, unpacked(woff, in.getInt(at + 4), packed, length));
            offset += (length + 3) & ~3;
        }
        return out.array();
    }

    private static byte[] unpacked(byte[] woff, int from, int packed, int length) {
        byte[] table = new byte[length];
        if (packed == length) {
            System.arraycopy(woff, from, table, 0, length);
            return table;
        }
        Inflater inflater = new Inflater();
        inflater.setInput(woff, from, packed);
        try {
            if (inflater.inflate(table) != length) {
                throw new IllegalArgumentException("A table of this WOFF file is cut short.");
            }
        } catch (DataFormatException e) {
            throw new IllegalArgumentException("A table of this WOFF file cannot be unpacked.", e);
        } finally {
            inflater.end();
        }
        return table;
    }
}
