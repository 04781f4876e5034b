package synopta.store;

import java.io.IOException;
import java.nio.file.FileAlreadyExistsException;
import java.nio.file.Files;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;

/** A copy of a data folder as one file, and back. */
public final class Backup {
    /** The file of a data folder that holds all that is kept. */
    static final String FILE = "synopta.mv.db";

    private Backup() {}

    /** Whether something is kept in a folder. */
    public static boolean isKeptIn(Path folder) {
        return Files.exists(folder.resolve(FILE));
    }

    /**
     * Puts a copy into a data folder, made when missing. Refuses a folder in which something is kept already, and a file
     * that is no copy; then nothing is left behind.
     */
    public static void restore(Path copy, Path folder) throws IOException {
        if (!Files.exists(copy)) {
            throw new NoSuchFileException(copy.toString());
        }
        Files.createDirectories(folder);
        if (isKeptIn(folder)) {
            throw new FileAlreadyExistsException(folder.resolve(FILE).toString());
        }
        Path part = folder.resolve(FILE + ".part");
        try (ZipInputStream zip = new ZipInputStream(Files.newInputStream(copy))) {
            ZipEntry entry = zip.getNextEntry();
            while (entry != null && !entry.getName().equals(FILE)) {
                entry = zip.getNextEntry();
            }
            if (entry == null) {
                throw new IllegalArgumentException(
                        "%s is not a backup: it contains no %s. Name a file that ./synopta backup wrote."
                                .formatted(copy, FILE));
            }
            Files.copy(zip, part, StandardCopyOption.REPLACE_EXISTING);
            Files.move(part, folder.resolve(FILE), StandardCopyOption.ATOMIC_MOVE);
        } finally {
            Files.deleteIfExists(part);
        }
        opened(folder);
    }

    /** A copy that cannot be opened is taken out again. */
    private static void opened(Path folder) throws IOException {
        try (Store store = Store.inFolder(folder)) {
            store.house();
        } catch (Store.Unusable e) {
            Files.delete(folder.resolve(FILE));
            throw e;
        }
    }
}
