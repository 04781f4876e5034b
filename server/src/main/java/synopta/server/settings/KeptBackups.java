package synopta.server.settings;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import java.time.temporal.IsoFields;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;

/** A folder of backups, one a day: of the last 7 days, and of each of the 4 weeks before that the last one. */
final class KeptBackups {
    private static final int DAYS = 7;
    private static final int WEEKS = 4;
    private static final String NAME = "synopta-";
    private static final String ENDING = ".zip";

    private final Path folder;
    private final BackupWriter writer;

    KeptBackups(Path folder, BackupWriter writer) {
        this.folder = folder;
        this.writer = writer;
    }

    Path folder() {
        return folder;
    }

    /** A backup that was verified before it was kept. */
    record Kept(LocalDate day, Path file, long bytes) {}

    /** The backups, the newest first. */
    List<Kept> list() throws IOException {
        if (!Files.isDirectory(folder)) {
            return List.of();
        }
        List<Kept> kept = new ArrayList<>();
        try (Stream<Path> files = Files.list(folder)) {
            for (Path file : files.toList()) {
                Optional<LocalDate> day = day(file.getFileName().toString());
                if (day.isPresent()) {
                    kept.add(new Kept(day.get(), file, Files.size(file)));
                }
            }
        }
        kept.sort(Comparator.comparing(Kept::day).reversed());
        return kept;
    }

    private static Optional<LocalDate> day(String name) {
        if (!name.startsWith(NAME) || !name.endsWith(ENDING)) {
            return Optional.empty();
        }
        try {
            return Optional.of(LocalDate.parse(name.substring(NAME.length(), name.length() - ENDING.length())));
        } catch (DateTimeParseException e) {
            // Somebody else's file.
            return Optional.empty();
        }
    }

    /** Makes the backup of a day, in place of one of the same day, and drops those that are no longer kept. */
    void make(LocalDate today) throws IOException {
        Files.createDirectories(folder);
        Path part = folder.resolve(NAME + today + ".part");
        try {
            Files.deleteIfExists(part);
            writer.write(part);
            Files.move(
                    part,
                    folder.resolve(NAME + today + ENDING),
                    StandardCopyOption.ATOMIC_MOVE,
                    StandardCopyOption.REPLACE_EXISTING);
        } finally {
            Files.deleteIfExists(part);
        }
        List<Kept> all = list();
        Set<LocalDate> wanted = wanted(all.stream().map(Kept::day).toList());
        for (Kept backup : all) {
            if (!wanted.contains(backup.day)) {
                Files.delete(backup.file);
            }
        }
    }

    /** The days whose backups are kept, of days with a backup, the newest first. */
    static Set<LocalDate> wanted(List<LocalDate> days) {
        Set<LocalDate> wanted = new HashSet<>(days.subList(0, Math.min(DAYS, days.size())));
        Set<String> weeks = new HashSet<>();
        for (LocalDate day : days.subList(wanted.size(), days.size())) {
            String week = day.get(IsoFields.WEEK_BASED_YEAR) + "-" + day.get(IsoFields.WEEK_OF_WEEK_BASED_YEAR);
            if (weeks.size() < WEEKS && weeks.add(week)) {
                wanted.add(day);
            }
        }
        return wanted;
    }
}
