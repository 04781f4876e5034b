package synopta.formats.knowledge;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import synopta.core.catalog.Appliance;
import synopta.core.knowledge.Saying;

/** Reads files of sayings: a meaning in brackets, then a saying a line; `#` begins a comment. */
public final class SayingsReader {
    private static final String FOLDER = "sayings";

    private SayingsReader() {}

    /**
     * The sayings of an appliance beside its pack; none when there is no file.
     *
     * @param knowledge folder of the packs
     * @throws IllegalArgumentException naming file and line of what cannot be read
     */
    public static List<Saying> of(Path knowledge, Appliance appliance) throws IOException {
        return file(knowledge.resolve(FOLDER).resolve(appliance.slug() + ".txt"));
    }

    /** The sayings that are no sign and no part of any appliance. */
    public static List<Saying> intents(Path knowledge) throws IOException {
        return file(knowledge.resolve(FOLDER).resolve("any.txt"));
    }

    private static List<Saying> file(Path file) throws IOException {
        List<Saying> sayings = new ArrayList<>();
        List<String> lines = Files.exists(file) ? Files.readAllLines(file, StandardCharsets.UTF_8) : List.of();
        @Nullable String meaning = null;
        for (int i = 0; i < lines.size(); i++) {
            String line = lines.get(i).trim();
            if (line.isEmpty() || line.startsWith("#")) {
                continue;
            }
            if (line.startsWith("[") && line.endsWith("]")) {
                meaning = line.substring(1, line.length() - 1).trim();
            } else if (meaning == null || meaning.isEmpty()) {
                throw new IllegalArgumentException(
                        "%s, line %d: put the meaning in brackets on a line before the saying."
                                .formatted(file.getFileName(), i + 1));
            } else {
                sayings.add(new Saying(meaning, line));
            }
        }
        return sayings;
    }
}
