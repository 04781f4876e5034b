package synopta.store;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.time.Instant;
import java.util.LinkedHashSet;
import java.util.Set;
import synopta.core.record.CaseRepository;

/**
 * The cases whose customer was erased, in a file beside the database: a backup from before still holds the names, and
 * they are erased again when it is restored. A line is the number of a case and when it was created; no name stands in it.
 */
final class Erased {
    /** The file of a data folder. */
    static final String NAME = "erased.txt";

    private final Path file;

    /** The list of a data folder. */
    Erased(Path folder) {
        file = folder.resolve(NAME);
    }

    /** Notes a case, on the disk before its customer is erased. */
    void add(long number, Instant created) {
        try {
            String line = number + " " + created;
            if (!lines().contains(line)) {
                append(Set.of(line));
            }
        } catch (IOException e) {
            throw new UncheckedIOException("The list of erased customers cannot be written; nobody was erased.", e);
        }
    }

    private void append(Set<String> lines) throws IOException {
        Files.writeString(
                file,
                String.join("\n", lines) + "\n",
                StandardCharsets.UTF_8,
                StandardOpenOption.CREATE,
                StandardOpenOption.APPEND,
                StandardOpenOption.DSYNC);
        OwnFolder.close(file);
    }

    private Set<String> lines() throws IOException {
        return Files.exists(file) ? new LinkedHashSet<>(Files.readAllLines(file, StandardCharsets.UTF_8)) : Set.of();
    }

    /** Takes over what stands in another list. */
    void addAll(Erased other) throws IOException {
        Set<String> more = new LinkedHashSet<>(other.lines());
        more.removeAll(lines());
        if (!more.isEmpty()) {
            append(more);
        }
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
