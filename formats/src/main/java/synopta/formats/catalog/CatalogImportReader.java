package synopta.formats.catalog;

import java.io.BufferedInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.LongUnaryOperator;
import java.util.zip.ZipEntry;
import java.util.zip.ZipException;
import java.util.zip.ZipFile;
import synopta.core.catalog.CatalogImport;
import synopta.core.catalog.RowFault;
import synopta.core.catalog.Sheet;

/**
 * Reads a folder or a zip in the catalog's format. What cannot be read is a fault with its file, line and column;
 * columns and files it is unknown are warnings. Nothing is unpacked to the disk, so that a name in a zip leads nowhere.
 */
public final class CatalogImportReader {
    private final ImportLimits limits;
    private final Consumer<String> begun;
    private final CatalogImport delivery = new CatalogImport();
    private final List<RowFault> faults = new ArrayList<>();
    private final List<RowFault> warnings = new ArrayList<>();
    private long bytes;

    private CatalogImportReader(ImportLimits limits, Consumer<String> begun) {
        this.limits = limits;
        this.begun = begun;
    }

    /** What could be read, what is wrong with the rest, and what was ignored. */
    public record Read(CatalogImport delivery, List<RowFault> faults, List<RowFault> warnings) {}

    /** Reads a folder or a zip; `begun` is told of each file. */
    public static Read read(Path source, ImportLimits limits, Consumer<String> begun) throws IOException {
        CatalogImportReader reader = new CatalogImportReader(limits, begun);
        if (Files.isDirectory(source)) {
            reader.folder(source);
        } else {
            reader.zip(source);
        }
        if (reader.faults.isEmpty()
                && Sheet.ALL.stream().noneMatch(s -> reader.delivery.sent(s).isPresent())) {
            reader.fault(
                    source.getFileName().toString(), "contains no catalog file such as models.csv. Add at least one.");
        }
        return new Read(reader.delivery, List.copyOf(reader.faults), List.copyOf(reader.warnings));
    }

    private void fault(String file, String message) {
        faults.add(new RowFault(file, 0, "", message));
    }

    private static Optional<Sheet<?>> sheet(String file) {
        return Sheet.ALL.stream().filter(s -> s.file().equals(file)).findFirst();
    }

    private void folder(Path folder) throws IOException {
        for (Sheet<?> sheet : Sheet.ALL) {
            Path file = folder.resolve(sheet.file());
            if (Files.isRegularFile(file)) {
                try (InputStream in = Files.newInputStream(file)) {
                    read(sheet, in, read -> read);
                }
            }
        }
    }

    private void zip(Path file) throws IOException {
        try (ZipFile zip = new ZipFile(file.toFile())) {
            Map<Sheet<?>, ZipEntry> entries = entries(zip);
            for (Sheet<?> sheet : Sheet.ALL) {
                ZipEntry entry = entries.get(sheet);
                if (entry != null) {
                    long packed = Math.max(1, entry.getCompressedSize());
                    try (InputStream in = zip.getInputStream(entry)) {
                        read(sheet, in, read -> packed);
                    } catch (ZipException e) {
                        fault(sheet.file(), "cannot be unpacked (%s). Create the zip again.".formatted(e.getMessage()));
                    }
                }
            }
        } catch (ZipException e) {
            fault(
                    file.getFileName().toString(),
                    "is not a readable zip (%s). Create the zip again.".formatted(e.getMessage()));
        }
    }

    private Map<Sheet<?>, ZipEntry> entries(ZipFile zip) {
        Map<Sheet<?>, ZipEntry> entries = new LinkedHashMap<>();
        for (ZipEntry entry : Collections.list(zip.entries())) {
            String name = entry.getName();
            if (name.startsWith("/")
                    || name.contains("\\")
                    || name.contains(":")
                    || List.of(name.split("/")).contains("..")) {
                fault(name, "has a path outside the zip. Add the files without such a path.");
                continue;
            }
            if (entry.isDirectory()) {
                continue;
            }
            Optional<Sheet<?>> sheet = sheet(name.substring(name.lastIndexOf('/') + 1));
            if (sheet.isEmpty()) {
                warnings.add(new RowFault(name, 0, "", "is not a catalog file and is ignored."));
            } else if (entries.put(sheet.get(), entry) != null) {
                fault(name, "is in the zip twice. Keep one.");
            }
        }
        return entries;
    }

    private <T> void read(Sheet<T> sheet, InputStream in, LongUnaryOperator packed) throws IOException {
        if (faults.size() >= limits.faults()) {
            return;
        }
        begun.accept(sheet.file());
        LimitedInputStream measured =
                new LimitedInputStream(new BufferedInputStream(in, 1 << 16), limits, bytes, packed);
        SheetReader<T> reader = new SheetReader<>(SheetFormat.of(sheet), faults, warnings, limits);
        try {
            reader.read(measured, delivery.begin(sheet));
        } catch (LimitedInputStream.TooMuch e) {
            fault(sheet.file(), e.getMessage());
        }
        bytes += measured.count();
    }
}
