package synopta.server.settings;

import java.io.IOException;
import java.nio.file.Path;

/** Writes a consistent backup of the data folder while it is in use. */
@FunctionalInterface
public interface BackupWriter {
    /** Writes it into a new file, and verifies it by restoring it beside itself. */
    void write(Path file) throws IOException;
}
