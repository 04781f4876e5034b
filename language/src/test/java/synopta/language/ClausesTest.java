package synopta.language;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.util.List;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class ClausesTest {
    /** What is said, and its clauses. */
    @DataProvider
    Object[][] sentences() {
        return new Object[][] {
            {"it thumps", List.of("it thumps")},
            {"thumps, no heat", List.of("thumps", "no heat")},
            {"it runs but there's no heat", List.of("it runs", "but there's no heat")},
            {"it quits when it's hot; then it starts", List.of("it quits", "when it's hot", "then it starts")},
            {"no thumps or squeals", List.of("no thumps", "or squeals")},
            {"dead... not a light", List.of("dead", "not a light")},
            {"it thumps also no heat", List.of("it thumps", "no heat")},
            {" , ", List.of()},
        };
    }

    @Test(dataProvider = "sentences")
    public void aSentenceIsSplitWhereAnotherThoughtBegins(String said, List<String> clauses) {
        List<Clauses.Span> spans = Clauses.of(said);
        assertEquals(
                spans.subList(0, clauses.size()).stream()
                        .map(s -> s.text().strip())
                        .toList(),
                clauses);
        spans.forEach(span -> assertEquals(said.substring(span.from(), span.to()), span.text(), "where it stands"));
    }

    @Test
    public void neighborsAreReadTogetherAndTheWholeOnceMore() {
        List<String> texts = Clauses.of("one thing, two things, three things").stream()
                .map(Clauses.Span::text)
                .toList();
        assertEquals(
                texts,
                List.of(
                        "one thing",
                        "two things",
                        "three things",
                        "one thing, two things",
                        "two things, three things",
                        "one thing, two things, three things"));
    }

    /** Words, and what of them must and must not be in the bag. */
    @DataProvider
    Object[][] bags() {
        return new Object[][] {
            {"It won't heat", List.of("heat", "not_heat"), List.of("it", "wo")},
            {"it heats", List.of("heat"), List.of("not_heat")},
            {"doesn’t dry the clothes", List.of("not", "not_dri", "not_cloth", "dri_cloth"), List.of("the")},
            {"no squeal, it thumps when the big loads are in it", List.of("not_squeal", "thump"), List.of("not_load")},
            {"can't start", List.of("not_start"), List.of()},
        };
    }

    @Test(dataProvider = "bags")
    public void aBagHoldsStemsPairsAndWhatIsDenied(String text, List<String> has, List<String> hasNot) {
        List<String> bag = WordBag.of(text);
        assertTrue(bag.containsAll(has), bag + " has " + has);
        hasNot.forEach(word -> assertTrue(!bag.contains(word), bag + " has not " + word));
    }

    @Test
    public void negationsAreCountedHoweverTheyAreWritten() {
        assertEquals(WordBag.negations("it won't heat and never dries"), 2);
        assertEquals(WordBag.negations("it wont heat, quit on me, nothing"), 3);
        assertEquals(WordBag.negations("it heats and another notch"), 0);
    }
}
