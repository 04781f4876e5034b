package synopta.language;

import static org.testng.Assert.assertEquals;

import java.util.List;
import java.util.Map;
import java.util.Set;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import synopta.core.catalog.Appliance;
import synopta.core.knowledge.Saying;

/** How hearing is scored, and what is done to words before: counted by hand. */
public class HearingScoreTest {
    private static LabelledSentence sentence(String text, Set<String> signs, Set<String> parts, Set<String> also) {
        return new LabelledSentence(text, Appliance.DRYER, text, signs, parts, also);
    }

    private static HearingTrial.Heard heard(
            LabelledSentence sentence, Set<String> signs, Set<String> offered, Set<String> parts) {
        return new HearingTrial.Heard(sentence, signs, offered, parts, Map.of());
    }

    @Test
    public void rightWrongMissedOfferedAndAlarmsAreCountedOverAllSentences() {
        HearingScore score = HearingScore.of(List.of(
                heard(
                        sentence("one", Set.of("heats=no", "dead=no"), Set.of("+belt"), Set.of("thumps=yes")),
                        Set.of("heats=no", "thumps=yes", "squeals=yes"),
                        Set.of("dead=no"),
                        Set.of("+belt", "-belt")),
                heard(sentence("two", Set.of(), Set.of(), Set.of()), Set.of("dead=yes"), Set.of(), Set.of()),
                heard(sentence("three", Set.of(), Set.of(), Set.of()), Set.of(), Set.of(), Set.of())));
        assertEquals(score.signs(), new HearingScore.Counts(1, 2, 1), "what may be left out counts for nothing");
        assertEquals(score.parts(), new HearingScore.Counts(1, 1, 0));
        assertEquals(score.signs().precision(), 1.0 / 3);
        assertEquals(score.signs().recall(), 0.5);
        assertEquals(score.signs().f1(), 0.4);
        assertEquals(score.offered(), 1.0);
        assertEquals(score.alarms(), 1);
        assertEquals(score.nothing(), 2);
    }

    @Test
    public void aBaselineIsScoredAtTheNearnessThatSuitsItBest() {
        List<LabelledSentence> sentences = List.of(
                sentence("one", Set.of("a=yes"), Set.of(), Set.of()), sentence("two", Set.of(), Set.of(), Set.of()));
        HearingScore best = HearingScore.best(sentences, List.of(Map.of("a=yes", 0.9), Map.of("b=yes", 0.3)));
        assertEquals(best.signs(), new HearingScore.Counts(1, 0, 0));
    }

    /** A text and how it is read. */
    @DataProvider
    Object[][] slips() {
        return new Object[][] {
            {"the sqeal is luod", "the squeal is loud"},
            {"sqeuals", "sqeuals"},
            {"the lead is fine", "the lead is fine"},
            {"no heta", "no heat"},
        };
    }

    @Test(dataProvider = "slips")
    public void aSlipIsMendedIntoAWordThatCallersUseButNoEnglishWordIs(String text, String mended) {
        Spelling spelling = new Spelling(List.of("a loud squeal", "squeal, loud", "no heat", "heat is gone"));
        assertEquals(spelling.mended(text), mended);
    }

    /** A text, and how it is without the name of the belt. */
    @DataProvider
    Object[][] names() {
        return new Object[][] {
            {"I reckon the belt let go", "I reckon the part let go"},
            {"need the long rubber band please", "need the part please"},
            {"the rubber thing", "the rubber thing"},
            {"no heat", "no heat"},
        };
    }

    @Test(dataProvider = "names")
    public void aPartsNameIsLeftOutWhereMostOfItStandsTogether(String text, String without) {
        PartNames names = new PartNames(List.of(
                new Saying("+drum-belt", "belt"),
                new Saying("+drum-belt", "long rubber band"),
                new Saying("heats=no", "no heat")));
        assertEquals(names.without(PartNames.Text.of(text), "+drum-belt"), without);
    }
}
