package synopta.core.knowledge;

import static org.testng.Assert.assertEquals;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import synopta.core.Samples;

/** What tells machines and parts of a pack apart. */
public class IdentificationTest {
    private static Identification.Aspect rear(Set<String> rollers, Set<String> bearing) {
        return new Identification.Aspect(
                "rear",
                "What is at the rear?",
                1,
                List.of(
                        new Identification.AspectAnswer("rollers", "two rollers", rollers),
                        new Identification.AspectAnswer("bearing", "one bearing", bearing)));
    }

    private static Pack pack(Identification.Aspect aspect, String measured) {
        Pack plain = Samples.pack(List.of(), List.of(), List.of());
        return new Pack(
                plain.appliance(),
                plain.fuelShares(),
                List.of(Samples.type("belt", SellingRule.SINGLY)),
                plain.faults(),
                plain.findings(),
                plain.tests(),
                plain.circuits(),
                plain.sameWords(),
                plain.rights(),
                plain.cautions(),
                plain.layouts(),
                plain.replacement(),
                new Identification(List.of(aspect), List.of(new Identification.PartMeasures(measured, List.of()))),
                List.of());
    }

    @DataProvider
    Object[][] packs() {
        return new Object[][] {
            {rear(Set.of("A"), Set.of()), "belt", List.of()},
            {rear(Set.of("A"), Set.of("Q")), "belt", List.of("aspects[0].answers[1].layouts there is no layout Q.")},
            {
                rear(Set.of("A"), Set.of("A")),
                "belt",
                List.of("aspects[0].answers[1].layouts layout A is under another answer already.")
            },
            {rear(Set.of("A"), Set.of()), "chimney", List.of("measures[0].partType there is no part type chimney.")},
        };
    }

    @Test(dataProvider = "packs")
    public void whatDoesNotHoldTogetherIsNamedWithItsPlace(
            Identification.Aspect aspect, String measured, List<String> faults) {
        List<String> said = new ArrayList<>();
        new IdentificationCheck(pack(aspect, measured), (path, what) -> said.add(path + " " + what)).check();
        assertEquals(said, faults);
    }

    @Test
    public void anAnswerIsThatOfTheLayoutAndATypeIsMatchedOnce() {
        Identification.Aspect aspect = rear(Set.of("A", "B"), Set.of("C"));
        assertEquals(aspect.of("C").map(Identification.AspectAnswer::answer), Optional.of("bearing"));
        assertEquals(aspect.of("Z"), Optional.empty());
        Pack pack = pack(aspect, "belt");
        assertEquals(
                Identification.matchable(List.of(pack, pack)),
                List.of(new Identification.MatchableType("belt", "belt", List.of())));
    }
}
