package synopta.server.web;

import jakarta.servlet.ReadListener;
import jakarta.servlet.ServletInputStream;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletRequestWrapper;
import java.io.IOException;
import java.net.SocketTimeoutException;

/** A request whose body is counted while it is read: one that comes in pieces says no length beforehand. */
final class CountedBody extends HttpServletRequestWrapper {
    /** A body that takes longer than this, and a second for every 10,000 bytes, holds its thread for nothing. */
    private static final long GRACE_NANOS = 20_000_000_000L;

    private static final long NANOS_A_BYTE = 100_000;

    private final long most;
    private final String tooLarge;

    /**
     * Reads at most so much.
     *
     * @param most bytes
     * @param tooLarge what is said of more
     */
    CountedBody(HttpServletRequest request, long most, String tooLarge) {
        super(request);
        this.most = most;
        this.tooLarge = tooLarge;
    }

    /** The body is longer than it may be. */
    static final class TooLarge extends IOException {
        private static final long serialVersionUID = 1L;

        TooLarge(String message) {
            super(message);
        }
    }

    @Override
    public ServletInputStream getInputStream() throws IOException {
        return new Counted(super.getInputStream());
    }

    private final class Counted extends ServletInputStream {
        private final ServletInputStream body;
        private final long began = System.nanoTime();
        private long read;

        Counted(ServletInputStream body) {
            this.body = body;
        }

        private int counted(int bytes) throws IOException {
            read += Math.max(0, bytes);
            if (read > most) {
                throw new TooLarge(tooLarge);
            }
            if (System.nanoTime() - began > GRACE_NANOS + read * NANOS_A_BYTE) {
                throw new SocketTimeoutException("The body came too slowly.");
            }
            return bytes;
        }

        @Override
        public int read() throws IOException {
            int one = body.read();
            counted(one < 0 ? 0 : 1);
            return one;
        }

        @Override
        public int read(byte[] into, int from, int length) throws IOException {
            return counted(body.read(into, from, length));
        }

        @Override
        public boolean isFinished() {
            return body.isFinished();
        }

        @Override
        public boolean isReady() {
            return body.isReady();
        }

        @Override
        public void setReadListener(ReadListener listener) {
            body.setReadListener(listener);
        }
    }
}
