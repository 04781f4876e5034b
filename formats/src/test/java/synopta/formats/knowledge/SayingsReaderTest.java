package synopta.formats.knowledge;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.expectThrows;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import org.testng.annotations.Test;
import synopta.core.catalog.Appliance;
import synopta.core.knowledge.Saying;

public class SayingsReaderTest {
    private static Path folder(String name, String text) throws IOException {
        Path knowledge = Files.createTempDirectory("sayings");
        Files.writeString(Files.createDirectories(knowledge.resolve("sayings")).resolve(name), text);
        return knowledge;
    }

    @Test
    public void everySayingHasTheMeaningAboveIt() throws IOException {
        Path knowledge = folder("dryer.txt", """
                # a comment

                [dead=yes]
                won't start
                  not a peep
                [+drum-belt]
                the big rubber loop
                """);
        assertEquals(
                SayingsReader.of(knowledge, Appliance.DRYER),
                List.of(
                        new Saying("dead=yes", "won't start"),
                        new Saying("dead=yes", "not a peep"),
                        new Saying("+drum-belt", "the big rubber loop")));
        assertEquals(SayingsReader.of(knowledge, Appliance.RANGE), List.of(), "no file, no sayings");
    }

    @Test
    public void aSayingWithoutAMeaningIsRefusedWithItsLine() throws IOException {
        Path knowledge = folder("any.txt", "# nothing\nhello there\n");
        String message = expectThrows(IllegalArgumentException.class, () -> SayingsReader.intents(knowledge))
                .getMessage();
        assertEquals(message, "any.txt, line 2: put the meaning in brackets on a line before the saying.");
    }
}
