package synopta.e2e;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.testng.annotations.Test;

/** The folders of the interface: each place by itself, the counter's in the order of the job, what is shared below all. */
public class InterfaceArchitectureTest {
    private static final Path SOURCES = Path.of(System.getProperty("synopta.root"), "ui", "src");
    private static final Set<String> BELOW_ALL = Set.of("shared", "api");

    /** Each folder of the counter uses those before it; the counter's own files use all. */
    private static final List<String> COUNTER =
            List.of("casefile", "line", "identify", "teardown", "diagnosis", "sale", "record", "handover", "");

    private static final Pattern IMPORT = Pattern.compile("(?:from|import) \"(\\.[^\"]+)\"");

    /** A source file and what it imports, both from the folder of the sources. */
    private record Import(Path file, Path imported) {
        boolean isAllowed() {
            String from = place(file);
            String to = place(imported);
            return from.isEmpty()
                    || BELOW_ALL.contains(to)
                    || from.equals(to)
                            && (!from.equals("counter")
                                    || COUNTER.indexOf(step(imported)) <= COUNTER.indexOf(step(file)));
        }

        private static String place(Path path) {
            return path.getNameCount() == 1 ? "" : path.getName(0).toString();
        }

        private static String step(Path path) {
            return path.getNameCount() == 2 ? "" : path.getName(1).toString();
        }
    }

    private static List<Import> imports() throws IOException {
        List<Import> imports = new ArrayList<>();
        try (Stream<Path> files = Files.walk(SOURCES)) {
            for (Path file :
                    files.filter(f -> f.toString().matches(".*\\.tsx?")).toList()) {
                Matcher found = IMPORT.matcher(Files.readString(file));
                while (found.find()) {
                    Path imported = file.resolveSibling(found.group(1)).normalize();
                    imports.add(new Import(SOURCES.relativize(file), SOURCES.relativize(imported)));
                }
            }
        }
        return imports;
    }

    @Test
    public void aFolderImportsOnlyItselfWhatIsSharedAndEarlierStepsOfTheCounter() throws IOException {
        List<Import> imports = imports();
        assertTrue(imports.size() > 100, "the imports are found");
        assertEquals(imports.stream().filter(i -> !i.isAllowed()).toList(), List.of());
    }

    @Test
    public void everyFolderOfTheCounterHasItsPlaceInTheOrder() throws IOException {
        try (Stream<Path> folders = Files.list(SOURCES.resolve("counter")).filter(Files::isDirectory)) {
            Set<String> there = new TreeSet<>(
                    folders.map(folder -> folder.getFileName().toString()).toList());
            assertEquals(there, new TreeSet<>(COUNTER.subList(0, COUNTER.size() - 1)));
        }
    }
}
