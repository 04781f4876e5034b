package synopta.store;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFileAttributeView;
import java.nio.file.attribute.PosixFilePermissions;

/** A data folder is of its owner alone: names and phone numbers of customers stand in it. */
final class OwnFolder {
    private OwnFolder() {}

    /** Takes what the group and others may do away, where the file system knows such rights and the folder is ours. */
    static void close(Path folder) {
        try {
            if (Files.isDirectory(folder) && Files.getFileAttributeView(folder, PosixFileAttributeView.class) != null) {
                Files.setPosixFilePermissions(folder, PosixFilePermissions.fromString("rwx------"));
            }
        } catch (IOException e) {
            // Somebody else's folder that we may write into; they decide who else may.
            return;
        }
    }
}
