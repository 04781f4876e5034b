package synopta.server.settings;

import java.nio.file.Path;

/** Writes a consistent backup of the data folder while it is in use. */
@FunctionalInterface
public interface BackupWriter {
    /** Writes it into a new file. */
    void write(Path file);
}
