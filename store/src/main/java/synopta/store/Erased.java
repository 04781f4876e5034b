package synopta.store;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.time.Instant;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import synopta.core.record.CaseRepository;

/**
 * The cases whose customer was erased, in a file beside the database: a backup from before still holds the names, and
 * they are erased again when it is restored. A line is the number of a case and when it was created; no name stands in it.
 */
final class Erased {
    /** The file of a data folder. */
    static final String NAME = "erased.txt";

    private final Path file;
    /** What stands in the file; null until it is wanted. */
    private @Nullable Set<String> lines;

    /** The list of a data folder. */
    Erased(Path folder) {
        file = folder.resolve(NAME);
    }

    /** Notes a case, on the disk before its customer is erased. */
    void add(long number, Instant created) {
        try {
            append(Set.of(number + " " + created));
        } catch (IOException e) {
            throw new UncheckedIOException("The list of erased customers cannot be written; nobody was erased.", e);
        }
    }

    /** Takes over what stands in another list. */
    void addAll(Erased other) throws IOException {
        append(other.lines());
    }

    private synchronized void append(Set<String> wanted) throws IOException {
        Set<String> more = new LinkedHashSet<>(wanted);
        more.removeAll(lines());
        if (more.isEmpty()) {
            return;
        }
        Files.writeString(
                file,
                String.join("\n", more) + "\n",
                StandardCharsets.UTF_8,
                StandardOpenOption.CREATE,
                StandardOpenOption.APPEND,
                StandardOpenOption.DSYNC);
        OwnFolder.close(file);
        lines().addAll(more);
    }

    private synchronized Set<String> lines() throws IOException {
        if (lines == null) {
            lines = new LinkedHashSet<>(
                    Files.exists(file) ? Files.readAllLines(file, StandardCharsets.UTF_8) : List.of());
        }
        return lines;
    }

    /** Erases again whom these cases hold though they were erased; another case of the same number is left alone. */
    void eraseAgain(CaseRepository cases) throws IOException {
        for (String line : lines()) {
            String[] said = line.split(" ");
            long number = Long.parseLong(said[0]);
            boolean isSame = cases.find(number)
                    .filter(record -> record.createdAt().equals(Instant.parse(said[1])))
                    .isPresent();
            if (isSame) {
                cases.eraseCustomer(number);
            }
        }
    }
}
