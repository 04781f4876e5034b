package synopta.language;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertThrows;
import static org.testng.Assert.assertTrue;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.testng.annotations.Test;
import synopta.core.catalog.Appliance;
import synopta.core.knowledge.Saying;

/** What each classifier is taught, and what stands for nothing to it. */
public class TrainingSayingsTest {
    private static final List<Saying> SAYINGS = Stream.concat(
                    Stream.of(
                            new Saying("+belt", "belt"),
                            new Saying("+belt", "the long rubber loop"),
                            new Saying("+roller", "little rubber wheels"),
                            new Saying("~price", "how much is it"),
                            new Saying("~wants", "I need a {part}"),
                            new Saying("~renewed", "the {part} is new"),
                            new Saying("~renewed", "it has been changed")),
                    IntStream.range(0, 80).mapToObj(i -> new Saying("heats=no", "no heat " + i)))
            .toList();

    private static Set<String> meanings(TrainingSayings sayings) {
        return sayings.sayings().stream().map(Saying::meaning).collect(Collectors.toSet());
    }

    private static List<String> of(TrainingSayings sayings, String meaning) {
        return sayings.sayings().stream()
                .filter(s -> s.meaning().equals(meaning))
                .map(Saying::text)
                .toList();
    }

    @Test
    public void signsAreToldFromDescriptionsOfPartsAndFromIntentsButNotFromWhatWasRenewed() {
        TrainingSayings signs = TrainingSayings.ofSigns(SAYINGS);
        assertEquals(meanings(signs), Set.of("heats=no", TrainingSayings.NONE));
        assertEquals(of(signs, "heats=no").size(), 80);
        assertEquals(
                of(signs, TrainingSayings.NONE),
                List.of("how much is it", "little rubber wheels", "the long rubber loop"),
                "a name of one word says little, and a renewed part is a sign as well");
    }

    @Test
    public void partsAreToldFromAFewSignsAndFromIntents() {
        TrainingSayings parts = TrainingSayings.ofParts(SAYINGS);
        assertEquals(meanings(parts), Set.of("+belt", "+roller", TrainingSayings.NONE));
        List<String> none = of(parts, TrainingSayings.NONE);
        assertEquals(none.stream().filter(t -> t.startsWith("no heat")).count(), 10, "one in eight");
        assertTrue(none.contains("how much is it") && none.contains("it has been changed"), "" + none);
    }

    @Test
    public void partsAreLearntWithinWaysOfSpeakingOfOnePart() {
        TrainingSayings parts = TrainingSayings.ofParts(SAYINGS);
        TrainingSayings spoken = parts.spoken(List.of(
                new PartLines.Way(List.of("+a"), "I want the {a}"), new PartLines.Way(List.of(), "{a} by {b}")));
        assertEquals(of(spoken, "+roller"), List.of("I want the little rubber wheels", "little rubber wheels"));
        assertEquals(of(spoken, TrainingSayings.NONE), of(parts, TrainingSayings.NONE));
    }

    @Test
    public void intentsAreSaidOfPartsByAllTheirNames() {
        TrainingSayings intents = TrainingSayings.ofIntents(SAYINGS);
        assertEquals(meanings(intents), Set.of("~price", "~wants", "~renewed", TrainingSayings.NONE));
        assertEquals(
                Set.copyOf(of(intents, "~wants")),
                Set.of("I need a belt", "I need a the long rubber loop", "I need a little rubber wheels"));
        assertEquals(of(intents, TrainingSayings.NONE).size(), 2, "one sign in forty");
    }

    @Test
    public void waysOfSpeakingSayOfEachPartWhatTheirLabelsDo() throws IOException {
        Path file = Files.createTempFile("ways", ".txt");
        Files.writeString(file, """
                # a comment without a bar
                +a -b | not the {b}, the {a}
                ~a | {a} is new
                 | I hear the {a}
                """);
        List<PartLines.Way> ways = PartLines.read(file);
        Files.delete(file);
        assertEquals(ways.size(), 3);
        TrainingSayings speech = TrainingSayings.ofSpeech(SAYINGS, ways);
        assertEquals(of(speech, "~wants"), List.of("I need a part", "not the other, the part"));
        assertEquals(of(speech, "~denies"), List.of("not the part, the other"));
        assertEquals(of(speech, "~renewed"), List.of("part is new", "the part is new"));
        assertEquals(of(speech, "~mentions"), List.of("I hear the part"));
        assertThrows(
                IllegalArgumentException.class,
                () -> new PartLines.Way(List.of("!a"), "a {a}").sayings().toList());
    }

    @Test
    public void waysOfSpeakingWithNamesOfPartsAreLabelledSentences() {
        List<PartLines.Way> ways = List.of(
                new PartLines.Way(List.of("+a", "-b"), "not the {b}, the {a}"),
                new PartLines.Way(List.of("~a"), "{a} is new"),
                new PartLines.Way(List.of(), "I hear the {a}"));
        List<LabelledSentence> sentences = PartLines.of(ways, Appliance.DRYER, SAYINGS);
        assertEquals(sentences.stream().map(sentence -> sentence.parts().size()).toList(), List.of(2, 1, 0));
        for (LabelledSentence sentence : sentences) {
            assertTrue(sentence.signs().isEmpty() && !sentence.text().contains("{"), "" + sentence);
        }
        assertEquals(PartLines.of(ways, Appliance.DRYER, SAYINGS), sentences, "the same each time");
    }

    @Test
    public void anotherApplianceIsNotListenedTo() {
        Embedder none = new Embedder() {
            @Override
            public int dimension() {
                return 1;
            }

            @Override
            public List<float[]> embed(List<String> texts) {
                return texts.stream().map(text -> new float[] {1}).toList();
            }
        };
        ClauseEncoder range = new ClauseEncoder(Appliance.RANGE, none, new Spelling(List.of("the oven is cold")));
        assertEquals(
                range.of("the microwave over it beeps, oven's cold", Set.of()).stream()
                        .map(c -> c.span().text())
                        .toList(),
                List.of("oven's cold"));
        assertEquals(range.of("the oven is cold", Set.of()).size(), 1);
        ClauseEncoder dryer = new ClauseEncoder(Appliance.DRYER, none, new Spelling(List.of()));
        assertEquals(dryer.of("the stove won't light either", Set.of()).size(), 1, "it tells whether there is gas");
        assertTrue(dryer.of("my washer shakes", Set.of()).isEmpty());
    }
}
