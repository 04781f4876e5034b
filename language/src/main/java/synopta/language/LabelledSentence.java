package synopta.language;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import synopta.core.catalog.Appliance;
import synopta.core.quantity.Slugged;

/**
 * What somebody says, and what a strict listener hears in it.
 *
 * @param id unique
 * @param appliance what it is about
 * @param text one turn of a caller
 * @param signs `finding=answer`, also where the caller is not sure
 * @param parts `+`, `-` or `~` and a part type: wanted or suspected, said not to be it, renewed already
 * @param also signs and parts that may be heard or left out without fault
 */
record LabelledSentence(
        String id, Appliance appliance, String text, Set<String> signs, Set<String> parts, Set<String> also) {
    private static final int COLUMNS = 6;

    /** Reads a tab-separated file: id, appliance, sentence, findings, parts, also; the first line names the columns. */
    static List<LabelledSentence> read(Path file) throws IOException {
        List<LabelledSentence> sentences = new ArrayList<>();
        for (String line : Files.readAllLines(file, StandardCharsets.UTF_8)) {
            String[] cells = Arrays.copyOf(line.split("\t", -1), COLUMNS);
            if (!line.isBlank() && !cells[0].equals("id")) {
                sentences.add(new LabelledSentence(
                        cells[0],
                        Slugged.of(Appliance.class, "Appliance", cells[1]),
                        cells[2],
                        items(cells[3]),
                        items(cells[4]),
                        items(cells[5])));
            }
        }
        return sentences;
    }

    private static Set<String> items(String cell) {
        return cell == null || cell.isBlank()
                ? Set.of()
                : Arrays.stream(cell.trim().split("\\s+"))
                        .map(item -> item.endsWith("?") ? item.substring(0, item.length() - 1) : item)
                        .flatMap(item -> item.contains("=")
                                ? Stream.of(item)
                                : Arrays.stream(item.substring(1).split("/")).map(slug -> item.charAt(0) + slug))
                        .collect(Collectors.toCollection(LinkedHashSet::new));
    }
}
