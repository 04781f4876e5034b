package synopta.language;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import synopta.core.catalog.Appliance;
import synopta.core.diagnosis.ParsedComplaint.Named.How;
import synopta.core.knowledge.Saying;

/** Ways of speaking of parts. */
final class PartLines {
    private static final String MENTIONED = "~mentions";

    /** The intent that goes with each way of speaking of a part. */
    static final Map<How, String> INTENTS = Map.of(How.ASKED, "~wants", How.DENIED, "~denies", How.RENEWED, "~renewed");

    private PartLines() {}

    /**
     * A way of speaking.
     *
     * @param labels marks with {@code a} and {@code b} for two parts
     * @param text the words, with {a} and {b}
     */
    record Way(List<String> labels, String text) {
        private static String intent(String label) {
            return SentenceTrainer.MARKS.entrySet().stream()
                    .filter(mark -> label.startsWith(mark.getValue()))
                    .map(mark -> INTENTS.get(mark.getKey()))
                    .findFirst()
                    .orElseThrow(() ->
                            new IllegalArgumentException("The label “%s” begins with none of + - ~.".formatted(label)));
        }

        /** The words with a place for any part, if they speak of one alone. */
        Stream<String> ofOnePart() {
            return text.contains("{b}") ? Stream.empty() : Stream.of(text.replace("{a}", TrainingSayings.ANY_PART));
        }

        /** What it says of each part, the part itself left out. */
        Stream<Saying> sayings() {
            return Stream.of("a", "b")
                    .filter(part -> text.contains("{" + part + "}"))
                    .map(part -> new Saying(
                            labels.stream()
                                    .filter(label -> label.endsWith(part))
                                    .map(Way::intent)
                                    .findFirst()
                                    .orElse(MENTIONED),
                            text.replace("{" + part + "}", PartNames.ANY).replaceAll("\\{[ab]}", "other")));
        }
    }

    /** Reads them: labels, a bar, the words. */
    static List<Way> read(Path file) throws IOException {
        return Files.readAllLines(file, StandardCharsets.UTF_8).stream()
                .filter(line -> line.contains("|"))
                .map(line -> line.split("\\|", 2))
                .map(cells -> new Way(
                        Stream.of(cells[0].trim().split("\\s+"))
                                .filter(label -> !label.isEmpty())
                                .toList(),
                        cells[1].trim()))
                .toList();
    }

    /**
     * Labelled sentences of these ways with names of parts, of which labelled sentences of callers have few; the same for
     * the same ways and sayings.
     */
    static List<LabelledSentence> of(List<Way> ways, Appliance appliance, List<Saying> sayings) {
        List<Saying> names = sayings.stream()
                .filter(s -> s.meaning().startsWith(Saying.PART))
                .distinct()
                .toList();
        Random random = new Random(names.size());
        List<LabelledSentence> lines = new ArrayList<>();
        for (Way way : ways) {
            Saying a = names.get(random.nextInt(names.size()));
            Saying b = names.get(random.nextInt(names.size()));
            lines.add(new LabelledSentence(
                    "%s-part-%d".formatted(appliance.slug(), lines.size()),
                    appliance,
                    way.text.replace("{a}", a.text()).replace("{b}", b.text()),
                    Set.of(),
                    way.labels.stream()
                            .map(label -> label.charAt(0)
                                    + (label.endsWith("a") ? a : b).meaning().substring(1))
                            .collect(Collectors.toSet()),
                    Set.of()));
        }
        return lines;
    }
}
