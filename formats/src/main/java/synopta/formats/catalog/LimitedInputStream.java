package synopta.formats.catalog;

import java.io.FilterInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.util.function.LongUnaryOperator;

/** Counts what is read, and stops where it becomes too much. */
final class LimitedInputStream extends FilterInputStream {
    private final ImportLimits limits;
    private final long before;
    private final LongUnaryOperator packed;
    private long read;

    /**
     * Reads one file.
     *
     * @param before bytes of the files before
     * @param packed packed bytes taken so far when so many were read; not below 1
     */
    LimitedInputStream(InputStream in, ImportLimits limits, long before, LongUnaryOperator packed) {
        super(in);
        this.limits = limits;
        this.before = before;
        this.packed = packed;
    }

    /** It is more than is read. */
    static final class TooMuch extends IOException {
        private static final long serialVersionUID = 1L;

        TooMuch(String message) {
            super(message);
        }
    }

    long count() {
        return read;
    }

    @Override
    public int read() throws IOException {
        int one = super.read();
        counted(one < 0 ? 0 : 1);
        return one;
    }

    @Override
    public int read(byte[] bytes, int from, int length) throws IOException {
        int some = super.read(bytes, from, length);
        counted(Math.max(some, 0));
        return some;
    }

    private void counted(int some) throws IOException {
        read += some;
        if (read > limits.bytesOfAFile()) {
            throw new TooMuch("is larger than %d MB when unpacked. Import it sheet by sheet."
                    .formatted(limits.bytesOfAFile() >> 20));
        }
        if (before + read > limits.bytesInAll()) {
            throw new TooMuch("makes the import larger than %d MB when unpacked. Import fewer sheets at once."
                    .formatted(limits.bytesInAll() >> 20));
        }
        if (read > 1 << 20 && read / packed.applyAsLong(read) > limits.mostPacked()) {
            throw new TooMuch("unpacks to more than %d times its size, which is not plausible. Create the zip again."
                    .formatted(limits.mostPacked()));
        }
    }
}
