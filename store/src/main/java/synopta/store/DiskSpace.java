package synopta.store;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.FileSystemException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.SQLException;
import java.util.function.LongSupplier;

/**
 * The disk of a data folder. With little left on it nothing is changed any more, before the database runs out of it in
 * the middle of a write; reading goes on, and changes again when there is room.
 */
final class DiskSpace {
    /** What is left for the database itself, which writes what it holds anew when it tidies up; our judgment. */
    private static final long RESERVE = 64L << 20;

    private static final long MEBI = 1L << 20;
    private static final long LOOKED_FOR = 1_000_000_000L;

    private final Path folder;
    private final LongSupplier usable;
    private volatile long left;
    private volatile long lookedAt;

    /** The disk of a folder, and how many bytes are left on it now. */
    DiskSpace(Path folder, LongSupplier usable) {
        this.folder = folder;
        this.usable = usable;
        look();
    }

    /** The bytes left on the disk of a folder; a file system that does not say is not taken for full. */
    static long usable(Path folder) {
        try {
            return Files.getFileStore(folder).getUsableSpace();
        } catch (IOException e) {
            return Long.MAX_VALUE;
        }
    }

    private void look() {
        left = usable.getAsLong();
        lookedAt = System.nanoTime();
    }

    /**
     * Refuses a change for which there may be no room.
     *
     * @throws UncheckedIOException of a {@link FileSystemException} whose message says what to do
     */
    void forChange() {
        if (System.nanoTime() - lookedAt > LOOKED_FOR || left < RESERVE) {
            look();
        }
        if (left < RESERVE) {
            throw full();
        }
    }

    /** What a statement failed of: the disk, or something else. */
    RuntimeException failure(SQLException e) {
        look();
        return left < RESERVE ? full() : new IllegalStateException("A database statement failed: " + e.getMessage(), e);
    }

    private UncheckedIOException full() {
        String words = "The disk that holds the data is nearly full: %,d MB are left, and %,d are needed. Nothing was"
                + " changed, and what is kept can be looked up. Free some room on it, then do this again.";
        FileSystemException full =
                new FileSystemException(folder.toString(), null, words.formatted(left / MEBI, RESERVE / MEBI));
        return new UncheckedIOException(full.getReason(), full);
    }
}
