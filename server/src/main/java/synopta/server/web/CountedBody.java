package synopta.server.web;

import jakarta.servlet.ReadListener;
import jakarta.servlet.ServletInputStream;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletRequestWrapper;
import java.io.IOException;

/** A request whose body is counted while it is read: one that comes in pieces says no length beforehand. */
final class CountedBody extends HttpServletRequestWrapper {
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
        private long read;

        Counted(ServletInputStream body) {
            this.body = body;
        }

        private int counted(int bytes) throws TooLarge {
            read += Math.max(0, bytes);
            if (read > most) {
                throw new TooLarge(tooLarge);
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
