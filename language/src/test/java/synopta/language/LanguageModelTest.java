package synopta.language;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.io.IOException;
import java.nio.file.Path;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Collectors;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import synopta.core.catalog.Appliance;
import synopta.core.diagnosis.Diagnoser;
import synopta.core.diagnosis.MeaningModel;
import synopta.core.diagnosis.ParsedComplaint.Named.How;
import synopta.core.knowledge.Finding;
import synopta.core.knowledge.Pack;
import synopta.core.knowledge.Saying;
import synopta.core.outcome.ParameterKind;
import synopta.core.outcome.ParameterOverrides;
import synopta.core.outcome.Proposal;
import synopta.core.outcome.SayingLearner;
import synopta.core.quantity.Slugged;
import synopta.formats.knowledge.PackReader;
import synopta.formats.knowledge.SayingsReader;

/** The sayings and the model that ship. */
public class LanguageModelTest {
    private static final Path KNOWLEDGE = Path.of(System.getProperty("synopta.root"), "knowledge");

    /** Fewer sayings of an answer teach too little. */
    private static final int ENOUGH = 12;

    private final Map<Appliance, Pack> packs = new TreeMap<>();
    private LanguageModel model;

    @BeforeClass
    public void load() throws IOException {
        PackReader.folder(KNOWLEDGE).packs().forEach(pack -> packs.put(pack.appliance(), pack));
        model = new LanguageModel(KNOWLEDGE, packs.values());
    }

    /** An appliance, what is said, and the sign that is heard. */
    @DataProvider
    Object[][] said() {
        return new Object[][] {
            {"dryer", "my dryer quit heating", "heats=no"},
            {"dryer", "my heat is gone", "heats=no"},
            {"dryer", "it won't heat", "heats=no"},
            {"dryer", "it heats fine", "heats=yes"},
            {"dryer", "dryer squealing real loud", "squeals=yes"},
            {"dryer", "it just thumps and thumps", "thumps=yes"},
            {"dryer", "takes two cycles to get a load dry", "long-drying=yes"},
            {"dryer", "the drum won't turn", "drum-turns=no"},
            {"range", "the oven stays cold", "oven-heats=no"},
            {"dishwasher", "water's standing in the bottom", "water-left=full"},
            {"dishwasher", "the soap is still sitting in the door", "lid-shut=yes"},
            {"microwave", "it runs but nothing gets hot", "heats=no"},
            {"microwave", "the plate won't spin", "tray-turns=no"},
            {"range", "the oven light won't go off", "lamp-stays-on=yes"},
            {"dryer", "halfwy thru it just quits", "stops-hot=yes"},
        };
    }

    private MeaningModel.Meanings meanings(String appliance, String said) {
        Pack pack = packs.get(Slugged.of(Appliance.class, "Appliance", appliance));
        return model.apply(pack).read(said, new Diagnoser(pack).phrases(said));
    }

    private List<MeaningModel.Reading> readings(String appliance, String said) {
        return meanings(appliance, said).readings();
    }

    /** A part as it is spoken of. */
    @DataProvider
    Object[][] parts() {
        return new Object[][] {
            {"dryer", "I need the drum belt", "drum-belt", How.ASKED},
            {"dryer", "Factory belt, fourteen years, I just need another", "drum-belt", How.ASKED},
            {"dryer", "I put a new belt on it last week", "drum-belt", How.RENEWED},
            {"dishwasher", "the float switch tests good so it's not that", "float-switch", How.DENIED},
            {"range", "bake element please", "bake-element", How.ASKED},
            {"microwave", "the magnetron was replaced already", "magnetron", How.RENEWED},
        };
    }

    @Test(dataProvider = "parts")
    public void aPartIsSpokenOfAsItIsMeant(String appliance, String said, String partType, How how) {
        MeaningModel.PartReading first = meanings(appliance, said).parts().get(0);
        assertEquals(first.partType(), partType, said);
        assertEquals(first.how(), how, said);
        assertTrue(first.probability() >= 0.4, "as likely as " + first.probability());
    }

    /** What a caller is after. */
    @DataProvider
    Object[][] intents() {
        return new Object[][] {
            {"how much is that going to cost me", "price"},
            {"have you got one in stock", "stock"},
            {"where is my order", "order"},
            {"I want to send it back and get a refund", "return"},
            {"need to switch it over to propane", "convert"},
            {"which one is cheaper", "cheaper"},
            {"I put a new belt in it already", "renewed"},
            {"I might as well change everything that wears", "renew"},
            {"are you sure that's what it is", "doubt"},
            {"I need a drum belt", "wants"},
        };
    }

    @Test(dataProvider = "intents")
    public void whatTheCallerIsAfterIsTold(String said, String intent) {
        List<MeaningModel.Intent> intents = meanings("dryer", said).intents();
        assertTrue(intents.stream().anyMatch(i -> i.intent().equals(intent)), said + ": " + intents);
    }

    @Test(dataProvider = "said")
    public void whatCallersSayIsHeard(String appliance, String said, String sign) {
        MeaningModel.Reading first = readings(appliance, said).get(0);
        assertEquals(first.finding() + "=" + first.answer(), sign);
        assertTrue(first.probability() >= 0.5, "as likely as " + first.probability());
    }

    /** What is typed in one go, with the signs that are heard in it. */
    @DataProvider
    Object[][] typed() {
        return new Object[][] {
            {"dryer", "thumps no heat", List.of("thumps=yes", "heats=no")},
            {"dryer", "dryer squeals also wont start", List.of("squeals=yes", "dead=yes")},
            {"dryer", "no heat also thumps", List.of("heats=no", "thumps=yes")},
            {"dryer", "dryer quit heating", List.of("heats=no")},
            {"dishwasher", "hums not draining", List.of("drain-hums=yes", "water-left=full")},
        };
    }

    @Test(dataProvider = "typed")
    public void phrasesWithoutACommaAreHeardOneByOne(String appliance, String said, List<String> signs) {
        Pack pack = packs.get(Slugged.of(Appliance.class, "Appliance", appliance));
        Set<String> heard = new Diagnoser(pack, model.apply(pack))
                .hear(said).heard().stream()
                        .map(h -> h.evidence().finding() + "=" + h.evidence().answer())
                        .collect(Collectors.toSet());
        assertEquals(heard, Set.copyOf(signs), said);
    }

    /** What holds no sign, though some words sound like one. */
    @DataProvider
    Object[][] nothing() {
        return new Object[][] {
            {"dryer", "could you deliver to my work instead, the gate at home sticks"},
            {"dryer", "do you have it in stock at the other branch"},
            {"range", "how much is that with tax"},
            {"dishwasher", "I'll send my son to pick it up on Saturday"},
            {"microwave", "thanks, you've been a big help"},
            {"dryer", "let me find my reading glasses"},
        };
    }

    @Test(dataProvider = "nothing")
    public void whatIsNoSignIsNotHeard(String appliance, String said) {
        assertTrue(
                readings(appliance, said).stream().noneMatch(r -> r.probability() >= 0.5),
                "" + readings(appliance, said));
    }

    @Test
    public void aDeadClockIsNoDeadRange() {
        assertTrue(
                readings("range", "clock is dead but burners work").stream()
                        .noneMatch(
                                r -> r.finding().equals("dead") && r.answer().equals("yes") && r.probability() >= 0.5),
                "" + readings("range", "clock is dead but burners work"));
    }

    @Test
    public void aSayingThatThePackDidNotShipWithIsHeardInItsVeryWords() {
        Pack dryer = packs.get(Appliance.DRYER);
        String subject = SayingLearner.subject("walks", "yes", "frumious bandersnatch");
        Pack taught = new ParameterOverrides(
                        List.of(new Proposal.Learned(ParameterKind.SAYING, Appliance.DRYER, subject, 1)))
                .over(dryer);
        String said = "hello there, frumious bandersnatch";
        assertTrue(model.apply(dryer).read(said, new Diagnoser(dryer).phrases(said)).readings().stream()
                .noneMatch(r -> r.finding().equals("walks") && r.probability() >= 0.5));
        MeaningModel.Reading heard =
                model.apply(taught).read(said, new Diagnoser(taught).phrases(said)).readings().stream()
                        .filter(r -> r.finding().equals("walks"))
                        .findFirst()
                        .orElseThrow();
        assertEquals(heard.answer(), "yes");
        assertTrue(heard.probability() >= 0.9, "" + heard);
    }

    @Test
    public void aReadingIsExplainedByItsNearestSayingsAndTheWordsThatDecide() {
        String said = "my heat is gone";
        Pack dryer = packs.get(Appliance.DRYER);
        MeaningModel.Explanation first = model.apply(dryer)
                .explain(said, new Diagnoser(dryer).phrases(said))
                .get(0);
        assertEquals(first.reading().finding(), "heats");
        assertTrue(first.nearest().get(0).contains("heat"), "" + first);
        assertTrue(first.words().stream().anyMatch(w -> w.contains("heat")), "" + first);
    }

    @Test
    public void aReadingStandsWhereItWasSaid() {
        String said = "the drum turns, but there's no heat at all";
        MeaningModel.Reading cold = readings("dryer", said).stream()
                .filter(r -> r.finding().equals("heats"))
                .findFirst()
                .orElseThrow();
        assertTrue(said.substring(cold.from(), cold.to()).contains("no heat"), "" + cold);
        assertTrue(readings("dryer", "").isEmpty());
    }

    @Test
    public void everyAnswerThatCallersGiveAndEveryPartHasEnoughSayings() throws IOException {
        for (Pack pack : packs.values()) {
            Map<String, Integer> counts = new HashMap<>();
            List<Saying> sayings = SayingsReader.of(KNOWLEDGE, pack.appliance());
            sayings.forEach(s -> assertTrue(s.isOf(pack), s + " of the " + pack.appliance()));
            Set<Saying> each = new HashSet<>(sayings);
            assertEquals(each.size(), sayings.size(), "a saying stands twice in the file of the " + pack.appliance());
            each.addAll(Saying.of(pack));
            each.forEach(s -> counts.merge(s.meaning(), 1, Integer::sum));
            Set<String> thin = pack.findings().stream()
                    .filter(f -> f.who() == Finding.Who.CUSTOMER && !f.isOfConstruction())
                    .flatMap(f -> f.answers().stream().map(a -> f.id() + "=" + a.slug()))
                    .filter(meaning -> counts.getOrDefault(meaning, 0) < ENOUGH)
                    .collect(Collectors.toSet());
            pack.partTypes().stream()
                    .map(type -> Saying.PART + type.slug())
                    .filter(meaning -> counts.getOrDefault(meaning, 0) < ENOUGH)
                    .forEach(thin::add);
            assertEquals(thin, Set.of(), "too few sayings, of the " + pack.appliance());
        }
    }
}
