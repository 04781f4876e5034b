package synopta.formats.knowledge;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.testng.Reporter;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import synopta.core.diagnosis.Diagnoser;
import synopta.core.diagnosis.ParsedComplaint;
import synopta.core.knowledge.MeterTest;
import synopta.core.knowledge.Pack;

/** What callers say, and what is to be heard in it, with the packs as they ship. */
public class PackSentencesTest {
    private static final Map<ParsedComplaint.Named.How, String> HOW = Map.of(
            ParsedComplaint.Named.How.ASKED,
            "+",
            ParsedComplaint.Named.How.DENIED,
            "-",
            ParsedComplaint.Named.How.RENEWED,
            "~");
    private final Map<String, Diagnoser> listeners;

    public PackSentencesTest() throws IOException {
        listeners = PackReader.folder(Path.of(System.getProperty("synopta.root"), "knowledge")).packs().stream()
                .collect(Collectors.toMap((Pack p) -> p.appliance().slug(), Diagnoser::new));
    }

    private static Object[][] rows(String file) throws IOException {
        try (InputStream in = PackSentencesTest.class.getResourceAsStream(file)) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8)
                    .lines()
                    .filter(l -> !l.startsWith("#"))
                    .map(l -> l.split(" \\| ?"))
                    .map(c -> new Object[] {c[0], c[1], c.length > 2 ? c[2].trim() : ""})
                    .toArray(Object[][]::new);
        }
    }

    @DataProvider(name = "sentences")
    Object[][] sentences() throws IOException {
        return rows("/sentences.txt");
    }

    private Set<String> heard(String appliance, String sentence) {
        ParsedComplaint hearing = listeners.get(appliance).hear(sentence);
        Set<String> heard = new TreeSet<>();
        hearing.heard()
                .forEach(h -> heard.add(h.evidence().finding() + "="
                        + h.evidence().answer() + (h.evidence().sure() ? "" : "?")));
        hearing.named().stream()
                .filter(n -> n.how() != ParsedComplaint.Named.How.MENTIONED)
                .forEach(n -> heard.add(HOW.get(n.how()) + String.join("/", n.partTypes())));
        hearing.measured()
                .forEach(m -> heard.add(m.test().finding().id() + "="
                        + Objects.requireNonNullElse(
                                MeterTest.answer(m.test()
                                        .judge(m.reading(), hearing.beside())
                                        .verdict()),
                                "no-verdict")));
        hearing.unplaced().forEach(u -> heard.add("?" + String.join("/", u.tests())));
        hearing.doubts().forEach(d -> heard.add("@" + d.answer().id()));
        return heard;
    }

    private static Set<String> expected(String list) {
        return list.isEmpty() ? Set.of() : new TreeSet<>(List.of(list.split(" ")));
    }

    @Test(dataProvider = "sentences")
    public void aSentenceIsHeardAsItWasMeant(String appliance, String sentence, String meant) {
        assertEquals(heard(appliance, sentence), expected(meant));
    }

    /** Sentences written after the rules were settled: how many are heard just so is measured, not tuned. */
    @Test
    public void unseenSentencesAreMostlyHeard() throws IOException {
        Object[][] rows = rows("/sentences-unseen.txt");
        Function<Object[], Boolean> right =
                r -> heard((String) r[0], (String) r[1]).equals(expected((String) r[2]));
        long heard = List.of(rows).stream().filter(right::apply).count();
        List.of(rows).stream()
                .filter(r -> !right.apply(r))
                .forEach(r -> Reporter.log(
                        "%s: heard %s, meant %s".formatted(r[1], heard((String) r[0], (String) r[1]), r[2]), true));
        Reporter.log("%d of %d unseen sentences heard just so".formatted(heard, rows.length), true);
        assertTrue(heard >= 27, heard + " of " + rows.length + ": fewer than before");
    }
}
