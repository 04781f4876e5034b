package synopta.core.diagnosis;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.testng.annotations.Test;
import synopta.core.diagnosis.ParsedComplaint.Named.How;
import synopta.core.reading.Conditions;

/** How phrases and learnt meanings are brought together. */
public class InterpretationTest {
    private static final String SAID = "it quit heating, thumps now";

    private static ParsedComplaint byWords(Evidence... heard) {
        List<ParsedComplaint.Heard> phrases = Arrays.stream(heard)
                .map(evidence -> new ParsedComplaint.Heard(evidence, 1, "heating", 8, 15))
                .toList();
        return new ParsedComplaint(
                phrases,
                List.of(),
                List.of(),
                List.of(),
                Conditions.NONE,
                List.of(),
                List.of(),
                List.of(),
                List.of(),
                List.of(new ParsedComplaint.Unheard("quit", 3, 7), new ParsedComplaint.Unheard("now", 24, 27)));
    }

    private static MeaningModel.Reading reading(String finding, String answer, double probability, int from, int to) {
        return new MeaningModel.Reading(finding, answer, probability, from, to);
    }

    private static ParsedComplaint joined(ParsedComplaint byWords, MeaningModel.Reading... readings) {
        return Interpretation.of(
                SAID,
                byWords,
                new MeaningModel.Meanings(
                        Stream.of(readings)
                                .sorted((a, b) -> Double.compare(b.probability(), a.probability()))
                                .toList(),
                        List.of(),
                        List.of()));
    }

    private static List<String> heard(ParsedComplaint parsed) {
        return parsed.heard().stream()
                .map(h -> h.evidence().finding() + "=" + h.evidence().answer())
                .toList();
    }

    @Test
    public void aLikelyReadingIsHeardWithItsProbabilityAndItsWordsAreUnderstood() {
        ParsedComplaint parsed = joined(byWords(), reading("heats", "no", 0.95, 0, 15));
        assertEquals(heard(parsed), List.of("heats=no"));
        Evidence evidence = parsed.heard().get(0).evidence();
        assertTrue(evidence.sure() && evidence.right() == 0.95, "" + evidence);
        assertEquals(
                parsed.unheard().stream().map(ParsedComplaint.Unheard::phrase).toList(), List.of("now"));
        assertTrue(!joined(byWords(), reading("heats", "no", 0.7, 0, 15))
                .heard()
                .get(0)
                .evidence()
                .sure());
    }

    @Test
    public void aPhraseGivesWayToTheContraryThatTheSentenceSays() {
        ParsedComplaint byWords = byWords(Evidence.of("heats", "yes"));
        assertEquals(
                heard(joined(byWords, reading("heats", "no", 0.9, 0, 15), reading("heats", "yes", 0.2, 0, 15))),
                List.of("heats=no"));
        assertEquals(heard(joined(byWords, reading("heats", "yes", 0.6, 0, 15))), List.of("heats=yes"));
        assertEquals(heard(joined(byWords)), List.of(), "a sentence that says no such thing");
    }

    @Test
    public void unsureReadingsAreOfferedByClauseTheLikeliestFirstAtMostThree() {
        ParsedComplaint parsed = joined(
                byWords(),
                reading("heats", "no", 0.45, 0, 15),
                reading("heat-half", "yes", 0.3, 0, 15),
                reading("heat-comes-goes", "yes", 0.25, 0, 15),
                reading("dead", "yes", 0.2, 0, 15),
                reading("thumps", "yes", 0.4, 17, 27),
                reading("rumbles", "yes", 0.03, 17, 27));
        assertEquals(
                parsed.maybe().stream().map(ParsedComplaint.Maybe::phrase).toList(),
                List.of("it quit heating", "thumps now"));
        assertEquals(
                parsed.maybe().get(0).options().stream()
                        .map(MeaningModel.Reading::finding)
                        .toList(),
                List.of("heats", "heat-half", "heat-comes-goes"));
        assertEquals(parsed.maybe().get(1).options().size(), 1, "three in a hundred is not worth a question");
    }

    @Test
    public void aPhraseThatTheSentenceHardlySaysIsOfferedAtMost() {
        ParsedComplaint parsed = joined(byWords(Evidence.of("heats", "yes")), reading("heats", "yes", 0.3, 0, 15));
        assertEquals(heard(parsed), List.of());
        assertEquals(parsed.maybe().get(0).options().get(0).answer(), "yes");
        assertEquals(
                MeaningModel.Reading.rejected("reading:heats=no:it quit, twice"),
                Optional.of(List.of("heats", "no", "it quit, twice")));
        assertEquals(MeaningModel.Reading.rejected("finding:heats"), Optional.empty());
    }

    private static List<ParsedComplaint.Named> parts(
            List<ParsedComplaint.Named> byWords, MeaningModel.PartReading... readings) {
        return new NamedParts(SAID, byWords, List.of(readings), List.of()).joined();
    }

    @Test
    public void aNamedPartIsWhatTheModelTakesItForAndElseOnlyMentioned() {
        ParsedComplaint.Named springs =
                new ParsedComplaint.Named(List.of("door-spring", "idler-spring"), How.ASKED, "quit", 3, 7);
        assertEquals(
                parts(List.of(springs), new MeaningModel.PartReading("idler-spring", How.DENIED, 0.8, 0, 15)),
                List.of(new ParsedComplaint.Named(List.of("idler-spring"), How.DENIED, "quit", 3, 7)));
        assertEquals(
                parts(List.of(springs), new MeaningModel.PartReading("idler-spring", How.ASKED, 0.2, 0, 15)),
                List.of(springs.mentioned()));
        assertEquals(
                parts(
                        List.of(springs),
                        new MeaningModel.PartReading("door-spring", How.ASKED, 0.25, 0, 15),
                        new MeaningModel.PartReading("idler-spring", How.ASKED, 0.2, 0, 15)),
                List.of(springs),
                "each may be it, together they are likely enough");
        assertEquals(
                parts(List.of(), new MeaningModel.PartReading("drum-belt", How.RENEWED, 0.9, 17, 23)),
                List.of(new ParsedComplaint.Named(List.of("drum-belt"), How.RENEWED, "thumps", 17, 23)),
                "a part without a phrase stands where its clause does");
    }

    @Test
    public void aNameThatStandsAloneIsAskedForWhateverTheModelSaysAndAWordForSeveralStaysOne() {
        String said = "no heat, a new bearing, belt gone";
        ParsedComplaint.Named bearing =
                new ParsedComplaint.Named(List.of("drum-bearing", "idler-bearing"), How.ASKED, "bearing", 15, 22);
        assertEquals(new NamedParts(said, List.of(bearing), List.of(), List.of()).joined(), List.of(bearing));
        ParsedComplaint.Named belt = new ParsedComplaint.Named(List.of("belt", "strap"), How.ASKED, "belt", 24, 28);
        List<MeaningModel.PartReading> readings = List.of(
                new MeaningModel.PartReading("belt", How.ASKED, 0.45, 24, 33),
                new MeaningModel.PartReading("strap", How.ASKED, 0.2, 24, 33));
        assertEquals(
                new NamedParts(said, List.of(belt), readings, List.of()).joined(), List.of(belt), "it is asked which");
    }

    @Test
    public void anUnlikelyReadingIsOfferedOnlyWhereNothingElseIsHeardInTheClause() {
        MeaningModel.Reading unlikely = reading("heat-half", "yes", 0.05, 0, 15);
        assertEquals(joined(byWords(), unlikely).maybe().size(), 1);
        assertEquals(
                joined(byWords(), reading("heats", "no", 0.9, 0, 15), unlikely).maybe(), List.of());
        assertEquals(
                joined(byWords(), reading("thumps", "yes", 0.9, 17, 27), unlikely)
                        .maybe()
                        .size(),
                1,
                "heard in another clause");
    }

    @Test
    public void whatIsHeardOrRejectedIsNotOffered() {
        MeaningModel.Reading no = reading("heats", "no", 0.45, 0, 15);
        assertEquals(
                joined(byWords(Evidence.of("heats", "yes")), reading("heats", "yes", 0.7, 0, 15), no)
                        .maybe(),
                List.of());
        assertEquals(
                joined(byWords(), no)
                        .without(r -> r.isRejected(Set.of(no.key("quit heating"))))
                        .maybe(),
                List.of());
        assertEquals(
                joined(byWords(), no)
                        .without(r -> r.isRejected(Set.of("reading:heats=yes", "reading:heats=no-more:x")))
                        .maybe()
                        .size(),
                1);
    }
}
