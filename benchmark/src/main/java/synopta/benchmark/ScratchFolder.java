package synopta.benchmark;

import java.io.File;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Comparator;
import java.util.stream.Stream;

/** A new folder of temporary files, and its end. */
final class ScratchFolder implements AutoCloseable {
    private final Path path;

    /** Makes a folder that has this in its name. */
    ScratchFolder(String name) throws IOException {
        path = Files.createTempDirectory(name);
    }

    Path path() {
        return path;
    }

    /** Deletes it with all that is in it. */
    @Override
    public void close() throws IOException {
        try (Stream<Path> all = Files.walk(path)) {
            all.sorted(Comparator.reverseOrder()).map(Path::toFile).forEach(File::delete);
        }
    }
}
