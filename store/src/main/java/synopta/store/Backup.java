package synopta.store;

import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.FileAlreadyExistsException;
import java.nio.file.FileSystem;
import java.nio.file.FileSystems;
import java.nio.file.Files;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.security.DigestOutputStream;
import java.security.MessageDigest;
import java.util.Comparator;
import java.util.HexFormat;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import java.util.zip.ZipEntry;
import java.util.zip.ZipException;
import java.util.zip.ZipFile;
import synopta.store.jdbc.Jdbc;

/**
 * A copy of a data folder as one file, and back. The file is a zip of the database and of its SHA-256, which is written
 * when a restore of it, in a folder beside it, held what the tables held.
 */
public final class Backup {
    private static final String HASH = "synopta.mv.db.sha256";
    private static final String BACK_UP = "backup to ?";

    private Backup() {}

    /** Whether something is kept in a folder. */
    public static boolean isKeptIn(Path folder) {
        return Files.exists(new DataFile(folder).path());
    }

    /** Writes all that is kept into a new file, as it is at one moment, while others go on; then restores and compares it. */
    static void write(Jdbc jdbc, Path copy) throws IOException {
        Contents before = Contents.of(jdbc);
        jdbc.update(BACK_UP, copy.toAbsolutePath().toString());
        OwnFolder.close(copy);
        Path scratch = Files.createTempDirectory(copy.toAbsolutePath().getParent(), "verify");
        try {
            String hash = unpack(copy, new DataFile(scratch).path());
            try (Store restored = Store.inFolder(scratch)) {
                compare(before, restored.contents(), jdbc);
            }
            try (FileSystem zip = FileSystems.newFileSystem(copy)) {
                Files.writeString(zip.getPath(HASH), hash);
            }
        } finally {
            delete(scratch);
        }
    }

    /** What changed while the copy was written may differ, but not by more than it changed. */
    private static void compare(Contents before, Contents copied, Jdbc jdbc) {
        before.tables().forEach((table, then) -> {
            Contents.Rows there = copied.tables().getOrDefault(table, new Contents.Rows(0, 0));
            if (there.equals(then)) {
                return;
            }
            Contents.Rows now = Contents.rows(jdbc, table);
            if (now.equals(then)
                    || there.count() < Math.min(then.count(), now.count())
                    || there.count() > Math.max(then.count(), now.count())) {
                throw new IllegalStateException(
                        "The backup does not hold what table %s holds; it was not kept. Try again, and check the disk."
                                .formatted(table));
            }
        });
    }

    /**
     * Puts a copy into a data folder, made when missing. Refuses a folder in which something is kept already, and a file
     * that is no copy, was changed or cut off, holds what is not ours, or is of a newer version; then nothing is left
     * behind. Customers that were erased since are erased again: by the list in the folder, and by that of the data folder
     * whose backup it is.
     */
    public static void restore(Path copy, Path folder) throws IOException {
        if (!Files.exists(copy)) {
            throw new NoSuchFileException(copy.toString());
        }
        DataFile data = new DataFile(folder);
        Files.createDirectories(folder);
        if (Files.exists(data.path())) {
            throw new FileAlreadyExistsException(data.path().toString());
        }
        Path part = data.path().resolveSibling(DataFile.NAME + ".part");
        try {
            unpack(copy, part);
            Files.move(part, data.path(), StandardCopyOption.ATOMIC_MOVE);
        } finally {
            Files.deleteIfExists(part);
        }
        Path backups = copy.toAbsolutePath().getParent();
        Erased erased = new Erased(folder);
        if (backups.getParent() != null) {
            erased.addAll(new Erased(backups.getParent()));
        }
        try (Store store = Store.inFolder(folder)) {
            erased.eraseAgain(store.cases());
        } catch (Store.Unusable e) {
            Files.delete(data.path());
            throw e;
        }
    }

    /** Writes the database of a copy into a file and checks it without opening it; its hash. */
    private static String unpack(Path copy, Path file) throws IOException {
        MessageDigest digest = Contents.sha256();
        String said;
        try (ZipFile zip = new ZipFile(copy.toFile())) {
            try (InputStream database = zip.getInputStream(entry(zip, DataFile.NAME)
                            .orElseThrow(() -> new ZipException("it contains no " + DataFile.NAME)));
                    OutputStream out = new DigestOutputStream(Files.newOutputStream(file), digest)) {
                database.transferTo(out);
            }
            Optional<ZipEntry> hash = entry(zip, HASH);
            try (InputStream kept = hash.isPresent() ? zip.getInputStream(hash.get()) : InputStream.nullInputStream()) {
                said = new String(kept.readNBytes(64), StandardCharsets.UTF_8);
            }
        } catch (ZipException e) {
            throw new IllegalArgumentException(
                    "it is not a whole backup (%s). Name a file that ./synopta backup wrote".formatted(e.getMessage()),
                    e);
        }
        String hash = HexFormat.of().formatHex(digest.digest());
        // Earlier versions wrote none.
        if (!said.isEmpty() && !said.equals(hash)) {
            throw new IllegalArgumentException("it was changed or damaged after it was made. Take another backup");
        }
        Structure.foreign(file).ifPresent(statement -> {
            throw new IllegalArgumentException(
                    "it would run what no backup of Synopta holds: %.120s".formatted(statement));
        });
        return hash;
    }

    private static Optional<ZipEntry> entry(ZipFile zip, String name) {
        return Optional.ofNullable(zip.getEntry(name));
    }

    private static void delete(Path folder) throws IOException {
        List<Path> files;
        try (Stream<Path> all = Files.walk(folder)) {
            files = all.sorted(Comparator.reverseOrder()).toList();
        }
        for (Path file : files) {
            Files.delete(file);
        }
    }
}
