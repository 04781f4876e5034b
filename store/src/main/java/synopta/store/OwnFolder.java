package synopta.store;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFileAttributeView;
import java.nio.file.attribute.PosixFilePermissions;

/** A data folder and its files are of their owner alone: names and phone numbers of customers stand in them. */
final class OwnFolder {
    private OwnFolder() {}

    /** Takes what the group and others may do away, where the file system knows such rights and the file is ours. */
    static void close(Path file) {
        try {
            if (Files.exists(file) && Files.getFileAttributeView(file, PosixFileAttributeView.class) != null) {
                Files.setPosixFilePermissions(
                        file, PosixFilePermissions.fromString(Files.isDirectory(file) ? "rwx------" : "rw-------"));
            }
        } catch (IOException e) {
            // Somebody else's folder that we may write into; they decide who else may.
            return;
        }
    }
}
