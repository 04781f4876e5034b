package synopta.server;

import java.io.IOException;
import java.io.PrintStream;
import java.net.http.HttpResponse;
import java.nio.file.FileAlreadyExistsException;
import java.nio.file.Files;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import org.springframework.boot.logging.LogLevel;
import org.springframework.boot.logging.LoggingSystem;
import synopta.core.catalog.CatalogTables;
import synopta.core.catalog.InMemoryCatalog;
import synopta.core.catalog.RowFault;
import synopta.core.knowledge.Pack;
import synopta.core.knowledge.PackReport;
import synopta.demo.DemoCatalog;
import synopta.formats.catalog.CatalogWriter;
import synopta.formats.knowledge.PackReader;
import synopta.server.catalog.ImportService;
import synopta.server.web.ServerLock;
import synopta.store.Backup;
import synopta.store.Store;

/**
 * What the one script does without serving: taking a catalog into a data folder, generating one to try, copying a data
 * folder and putting the copy back.
 */
public final class CommandLine {
    private static final long SEED = 7;
    private static final int MOST_MODELS = 2_000_000;
    private static final int MOST_LINES = 50;

    private CommandLine() {}

    /**
     * `account list|add|code|close … DATA`, `verify DATA`, `import SOURCE DATA`, `generate MODELS DIR`, `backup DATA FILE`, `restore FILE DATA` or `check-packs DIR`; 1 when
     * nothing was done.
     */
    public static void main(String... arguments) throws IOException, InterruptedException {
        LoggingSystem.get(CommandLine.class.getClassLoader()).setLogLevel(null, LogLevel.ERROR);
        Path last = Path.of(arguments[arguments.length - 1]);
        boolean done = switch (arguments[0]) {
            case "account" ->
                new AccountCommands(last, System.out).did(List.of(arguments).subList(1, arguments.length - 1));
            case "verify" -> new AccountCommands(last, System.out).verified();
            case "import" -> taken(Path.of(arguments[1]), last, System.out);
            case "backup" -> copied(Path.of(arguments[1]), last, System.out);
            case "check-packs" -> checked(last, System.out);
            case "restore" -> restored(Path.of(arguments[1]), last, System.out);
            default -> generated(arguments[1], last, System.out);
        };
        System.exit(done ? 0 : 1);
    }

    /** Copies a data folder into a new file, while it is served too; says what came of it, and whether it was done. */
    static boolean copied(Path data, Path copy, PrintStream out) throws IOException, InterruptedException {
        Optional<String> refused = refused(data, copy);
        if (refused.isPresent()) {
            out.println(refused.get());
            return false;
        }
        Path part = copy.resolveSibling(copy.getFileName() + ".part");
        try {
            write(data, part);
            Files.move(part, copy);
            out.printf("%s is a backup of %s.%n", copy, data);
            return true;
        } catch (Store.Unusable e) {
            out.println(e.getMessage() + ". If Synopta is serving it, stop it first.");
            return false;
        } catch (IllegalStateException e) {
            out.println(e.getMessage());
            return false;
        } finally {
            Files.deleteIfExists(part);
        }
    }

    /** By the server when it serves the folder, else by itself. */
    private static void write(Path data, Path file) throws IOException, InterruptedException {
        Optional<ServerLock.Address> served = ServerLock.of(data);
        boolean isWritten = served.isPresent()
                && served.get()
                        .ask("POST", "/api/backup", "", HttpResponse.BodyHandlers.ofFile(file))
                        .filter(answer -> answer.statusCode() == 200)
                        .isPresent();
        if (!isWritten) {
            try (Store store = Store.inFolder(data)) {
                Files.deleteIfExists(file);
                store.backUp(file);
            }
        }
    }

    /** Why this cannot be copied there, and what to do. */
    private static Optional<String> refused(Path data, Path copy) {
        if (!Backup.isKeptIn(data)) {
            return Optional.of("There is no data in %s. Name the folder that Synopta serves.".formatted(data));
        }
        if (Files.exists(copy)) {
            return Optional.of("%s exists already and was not changed. Name another file.".formatted(copy));
        }
        return Files.isDirectory(copy.toAbsolutePath().getParent())
                ? Optional.empty()
                : Optional.of("The folder of %s does not exist. Create it, or name another file.".formatted(copy));
    }

    /** Puts a copy into a folder in which nothing is kept; says what came of it, and whether it was done. */
    static boolean restored(Path copy, Path data, PrintStream out) throws IOException {
        try {
            Backup.restore(copy, data);
            out.printf("The backup was restored to %s. Start with ./synopta serve --data %s%n", data, data);
            return true;
        } catch (NoSuchFileException e) {
            out.printf("File %s does not exist. Check the path.%n", copy);
        } catch (FileAlreadyExistsException e) {
            out.printf("%s is not empty and was not changed. Name an empty folder.%n", data);
        } catch (IllegalArgumentException | Store.Unusable e) {
            out.printf("%s cannot be restored: %s%n", copy, e.getMessage());
        }
        return false;
    }

    /** Takes a folder or zip into a data folder; says what came of it, and whether it was taken. */
    static boolean taken(Path source, Path data, PrintStream out) throws IOException {
        if (!Files.exists(source)) {
            out.printf("Folder or zip %s does not exist. Check the path.%n", source);
            return false;
        }
        try (Store store = Store.inFolder(Files.createDirectories(data))) {
            ImportService.Outcome outcome = new ImportService(store.catalogStore(), () -> {})
                    .take(source)
                    .orElseThrow();
            print("Ignored", outcome.warnings(), out);
            if (!outcome.faults().isEmpty()) {
                out.printf("Nothing was changed: %d faults.%n", outcome.faults().size());
                print("Fault", outcome.faults(), out);
                return false;
            }
            outcome.rows().forEach((file, rows) -> out.printf("%,12d rows of %s%n", rows, file));
            return true;
        } catch (Store.Unusable e) {
            out.println(e.getMessage() + ". If Synopta is serving it, stop it first, or import under Catalog.");
            return false;
        }
    }

    /** Says of every pack in a folder what is refused and where it is thin; whether none is refused. */
    static boolean checked(Path folder, PrintStream out) throws IOException {
        PackReader.Loaded loaded = PackReader.folder(folder);
        loaded.refused().forEach(refused -> out.printf("Refused: %s%n", refused));
        for (Pack pack : loaded.packs()) {
            for (PackReport report : PackReport.of(pack)) {
                out.printf("%s, %s (%s)%n", pack.appliance().slug(), report.layout(), report.name());
                thin("parts without a fault", report.soundParts(), out);
                thin("findings that are never asked", report.unasked(), out);
                thin("links from our own judgment", report.authoredLinks(), out);
                thin(
                        "faults that no finding tells apart",
                        report.alike().stream()
                                .map(same -> String.join(" / ", same))
                                .toList(),
                        out);
            }
        }
        return loaded.refused().isEmpty();
    }

    private static void thin(String what, List<String> items, PrintStream out) {
        out.printf("  %d %s%n", items.size(), what);
        items.forEach(item -> out.printf("    %s%n", item));
    }

    private static void print(String what, List<RowFault> faults, PrintStream out) {
        faults.stream()
                .limit(MOST_LINES)
                .forEach(
                        f -> out.printf("%s: %s, line %d: %s %s%n", what, f.file(), f.line(), f.column(), f.message()));
        if (faults.size() > MOST_LINES) {
            out.printf("... and %d more.%n", faults.size() - MOST_LINES);
        }
    }

    /** Writes an invented catalog of so many models; whether it did. */
    static boolean generated(String models, Path folder, PrintStream out) throws IOException {
        if (!models.matches("[0-9]{1,7}") || Integer.parseInt(models) < 1 || Integer.parseInt(models) > MOST_MODELS) {
            out.printf("--models (%s) must be a whole number from 1 to %d.%n", models, MOST_MODELS);
            return false;
        }
        CatalogTables tables = DemoCatalog.of(SEED, Integer.parseInt(models));
        CatalogWriter.folder(new InMemoryCatalog(tables), folder);
        out.printf(
                "Wrote %,d models on %,d platforms, %,d parts and %,d fits to %s.%n",
                tables.models().size(),
                tables.platforms().size(),
                tables.parts().size(),
                tables.fits().size(),
                folder);
        return true;
    }
}
