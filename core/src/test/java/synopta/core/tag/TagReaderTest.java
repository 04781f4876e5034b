package synopta.core.tag;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertThrows;
import static org.testng.Assert.assertTrue;
import static synopta.core.Samples.model;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Objects;
import java.util.Random;
import java.util.Set;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import synopta.core.Samples;
import synopta.core.Shelf;
import synopta.core.catalog.Appliance;
import synopta.core.catalog.BuildRange;
import synopta.core.catalog.Fuel;
import synopta.core.catalog.Model;
import synopta.core.catalog.ModelNumber;

public class TagReaderTest {
    private static final List<Model> MODELS = List.of(
            model("TH-7820-W", "Thistlemoor", Appliance.DRYER, Fuel.ELECTRIC, 10),
            model("TH-7B20-S", "Thistlemoor", Appliance.DRYER, Fuel.ELECTRIC, 10),
            model("DG7-4082W", "Orrinvale", Appliance.DRYER, Fuel.NATURAL_GAS, 10),
            model("DE7-4082W", "Orrinvale", Appliance.DRYER, Fuel.ELECTRIC, 10),
            model("MM-3310-S", "Mirrabrook", Appliance.MICROWAVE, null, 10));
    private final TagReader reader = over(MODELS);

    private static TagReader over(List<Model> models) {
        Shelf shelf = new Shelf();
        models.forEach(shelf::model);
        return Samples.reader(shelf.catalog());
    }

    @DataProvider
    Object[][] readings() {
        return new Object[][] {
            {"as it is written", "TH-7820-W", "TH-7820-W"},
            {"separators and case never count", "th 7820/w", "TH-7820-W"},
            {"words round it", "Thistlemoor Model No. TH7820W", "TH-7820-W"},
            {"M/N precedence", "M/N: dg7-4082w", "DG7-4082W"},
            {"full-width letters", "ＴＨ７８２０Ｗ", "TH-7820-W"},
            {"a look-alike", "DG7-40B2W", "DG7-4082W"},
            {"two wrong characters", "7H782OW", "TH-7820-W"},
            {"two swapped", "TH7280W", "TH-7820-W"},
            {"a worn end", "MM33", "MM-3310-S"},
            {"one dropped", "MM310S", "MM-3310-S"},
        };
    }

    @Test(dataProvider = "readings")
    public void theModelThatIsMeantComesFirst(String what, String text, String model) {
        assertEquals(
                reader.read(TagQuery.of(text, 5)).candidates().get(0).model().number(), new ModelNumber(model));
    }

    @Test
    public void probabilitiesAddUpToOneWhenTheLimitHoldsAllCandidates() {
        for (String text : List.of("th7820w", "dg740", "nonsense", "X", "0")) {
            TagReading reading = reader.read(TagQuery.of(text, 100));
            double sum = reading.unlisted().value()
                    + reading.candidates().stream()
                            .mapToDouble(c -> c.probability().value())
                            .sum();
            assertEquals(sum, 1, 1e-9, text);
        }
    }

    @Test
    public void whatIsInNoRowIsSaidToBeUnlisted() {
        assertTrue(reader.read(TagQuery.of("ZK99XQ410", 5)).unlisted().value() > 0.9);
        assertTrue(reader.read(TagQuery.of("TH7820W", 5)).unlisted().value() < 0.01);
        assertEquals(reader.read(TagQuery.of(" - . ", 5)).unlisted().value(), 1.0);
        assertTrue(over(List.of()).read(TagQuery.of("TH7820W", 5)).candidates().isEmpty());
    }

    @Test
    public void theDifferencesNameThePlaceInTheReading() {
        Candidate first =
                reader.read(TagQuery.of("Model No. dg7 40B2-w", 5)).candidates().get(0);
        assertEquals(first.differences(), List.of(new Difference(6, 'B', '8')));
    }

    @Test
    public void theMorePopularOfTwoEquallyNearModelsLeads() {
        TagReader popular = over(List.of(
                model("AB-100", "Orrinvale", Appliance.DRYER, Fuel.ELECTRIC, 1),
                model("AB-101", "Orrinvale", Appliance.DRYER, Fuel.ELECTRIC, 9)));
        List<Candidate> candidates = popular.read(TagQuery.of("AB10", 2)).candidates();
        assertEquals(candidates.get(0).model().number().written(), "AB-101");
        double odds = candidates.get(0).probability().value()
                / candidates.get(1).probability().value();
        assertEquals(odds, 9, 1e-9);
    }

    @Test
    public void whatElseIsKnownNarrowsIt() {
        TagQuery bare = TagQuery.of("D7-4082W", 5);
        TagQuery gas = new TagQuery(bare.text(), null, null, EnumSet.of(Fuel.NATURAL_GAS), List.of(), 5);
        assertEquals(reader.read(gas).candidates().get(0).model().number().written(), "DG7-4082W");
        assertEquals(probability(bare, "DG7-4082W"), probability(bare, "DE7-4082W"), 1e-9);
        TagReader alike = over(List.of(
                model("AB-100", "Orrinvale", Appliance.DRYER, Fuel.ELECTRIC, 1),
                model("AB-101", "Halvorn", Appliance.RANGE, Fuel.ELECTRIC, 1)));
        TagQuery halvorn = new TagQuery("AB10", " halvorn", Appliance.RANGE, Set.of(), List.of(), 5);
        List<Candidate> candidates = alike.read(halvorn).candidates();
        assertEquals(candidates.get(0).model().brand(), "Halvorn");
        double odds = candidates.get(0).probability().value()
                / candidates.get(1).probability().value();
        assertEquals(odds, Math.exp(8), 1e-6, "two things disagree, 4 nats each");
    }

    private double probability(TagQuery query, String model) {
        return reader.read(query).candidates().stream()
                .filter(c -> c.model().number().written().equals(model))
                .mapToDouble(c -> c.probability().value())
                .findFirst()
                .orElse(0);
    }

    /** Two dryers that differ by one look-alike; `second` is on another platform, or has another part. */
    private static TagReader twins(String platform, String part) {
        Shelf shelf = new Shelf().part("P1", 100).part("P2", 100);
        shelf.model(model("TH-7820-W", "Thistlemoor", Appliance.DRYER, Fuel.ELECTRIC, 10));
        Model other = model("TH-7B20-S", "Thistlemoor", Appliance.DRYER, Fuel.ELECTRIC, 10);
        shelf.model(new Model(
                other.number(),
                other.brand(),
                other.appliance(),
                other.fuel(),
                other.volts(),
                platform,
                other.built(),
                other.popularity(),
                ""));
        shelf.fit("TH-7820-W", "belt", "P1", 1, BuildRange.ALWAYS);
        shelf.fit("TH-7B20-S", "belt", part, 1, BuildRange.ALWAYS);
        return Samples.reader(shelf.catalog());
    }

    @Test
    public void theCharacterThatPartsTwoMachinesIsToBeReadAgain() {
        for (TagReader twins : List.of(twins("Q", "P1"), twins("P", "P2"))) {
            TagReading reading = twins.read(TagQuery.of("TH7820", 5));
            RecheckAdvice again = reading.readAgain();
            assertEquals(again.position(), 4);
            assertEquals(again.options(), List.of("8", "B"));
            double p = 1 / (1 + Math.exp(-2.3));
            double entropy = -(p * Math.log(p) + (1 - p) * Math.log(1 - p)) / Math.log(2);
            double listed = 1 - reading.unlisted().value();
            assertEquals(again.expectedGainBits(), listed * entropy, 1e-9, "one look-alike, 2.3 nats");
        }
    }

    @Test
    public void nobodyIsSentBackForACharacterThatChangesOnlyTheName() {
        TagReading reading = twins("P", "P1").read(TagQuery.of("TH7820", 5));
        assertEquals(reading.candidates().size(), 2);
        assertTrue(reading.candidates().get(1).probability().value() > 0.05);
        assertFalse(reading.readAgain() != null, "same platform, same parts");
    }

    @Test
    public void anAnsweredRecheckSettlesItAndIsNotAskedAgain() {
        TagReader reader = twins("Q", "P2");
        TagQuery asked = TagQuery.of("TH7820", 5);
        for (Recheck recheck : List.of(new Recheck(4, 'B'), new Recheck(4, '8'))) {
            TagReading identified = reader.read(
                    new TagQuery(asked.text(), asked.brand(), asked.appliance(), asked.fuels(), List.of(recheck), 5));
            String expected = Objects.equals(recheck.character(), 'B') ? "TH-7B20-S" : "TH-7820-W";
            assertEquals(identified.candidates().get(0).model().number().written(), expected);
            assertTrue(identified.candidates().get(0).probability().value() > 0.9);
            assertFalse(identified.readAgain() != null);
        }
    }

    @Test
    public void aPlaceWhereNothingStandsIsTakenOut() {
        TagQuery query = new TagQuery("TH78X20W", null, null, Set.of(), List.of(new Recheck(5, null)), 5);
        Candidate first = reader.read(query).candidates().get(0);
        assertEquals(first.model().number().written(), "TH-7820-W");
        assertTrue(first.differences().isEmpty());
    }

    @Test
    public void aReadingOfWhichNothingIsLeftStillHasItsHypotheses() {
        Recheck nothing = new Recheck(1, null);
        TagReading reading = reader.read(new TagQuery("X", null, null, Set.of(), List.of(nothing), MODELS.size()));
        double sum = reading.unlisted().value()
                + reading.candidates().stream()
                        .mapToDouble(c -> c.probability().value())
                        .sum();
        assertEquals(sum, 1, 1e-9);
        assertFalse(reading.readAgain() != null, "there is no character to look at");
    }

    @Test
    public void aRecheckOutsideTheReadingIsRefused() {
        for (int position : new int[] {0, 7, -1}) {
            TagQuery query = new TagQuery("TH7820", null, null, Set.of(), List.of(new Recheck(position, '8')), 5);
            assertThrows(IllegalArgumentException.class, () -> reader.read(query));
        }
        assertThrows(IllegalArgumentException.class, () -> TagQuery.of("TH7820", 0));
    }

    @Test
    public void aModelTakenOutOfTheCatalogIsGivenToItsOwnPlatform() {
        List<Model> models = new ArrayList<>();
        Random random = new Random(3);
        String[][] lines = {{"TH78", "Skerry"}, {"TH61", "Dunlin"}, {"TG78", "Skerry Gas"}, {"DE78", "Skerry"}};
        for (String[] line : lines) {
            for (int i = 0; i < 8; i++) {
                models.add(ofPlatform(line[0], 10 + i * 9 + random.nextInt(9), line[1]));
            }
        }
        int right = 0;
        for (Model out : models) {
            List<Model> left = models.stream().filter(m -> m != out).toList();
            TagIndex index = TagIndex.of(left::forEach, Model::popularity);
            PlatformNamingModel naming =
                    new PlatformNamingModel(index, new NamingModel(index), EditCosts.of(Samples.CONFUSION));
            List<PlatformGuess> guesses = naming.weigh(
                            out.number().key(), TagQuery.of("", 5), Double.POSITIVE_INFINITY, 4)
                    .platforms();
            double sum =
                    guesses.stream().mapToDouble(p -> p.probability().value()).sum();
            assertTrue(sum <= 1 + 1e-9, "the rest is elsewhere");
            right += guesses.get(0).platform().equals(out.platform()) ? 1 : 0;
        }
        assertTrue(right >= 0.95 * models.size(), right + " of " + models.size());
    }

    private static Model ofPlatform(String prefix, int number, String platform) {
        Model made = model(prefix + number + "-W", "B", Appliance.DRYER, null, 1);
        String brand = prefix.substring(0, 2);
        return new Model(made.number(), brand, made.appliance(), null, made.volts(), platform, made.built(), 1, "");
    }
}
