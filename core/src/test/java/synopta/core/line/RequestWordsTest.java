package synopta.core.line;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertNull;
import static org.testng.Assert.assertTrue;

import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import synopta.core.Samples;
import synopta.core.Shelf;
import synopta.core.catalog.Appliance;
import synopta.core.catalog.Fuel;
import synopta.core.catalog.InMemoryCatalog;

/** Words by which callers ask for what they want: the gas, another machine, a number with a slip, a price. */
public class RequestWordsTest {
    private static final int PARTS = 300;
    private static final String CHARACTERS = "ABCDEFGHJKLMNPQRSTUVWXYZ0123456789";

    private final InMemoryCatalog catalog = catalog();
    private final LineReader reader = LineReader.of(catalog);

    private static InMemoryCatalog catalog() {
        Shelf shelf = new Shelf()
                .model(Samples.model("TH-7820-W", "Thistlemoor", Appliance.DRYER, Fuel.ELECTRIC, 1))
                .model(Samples.model("QV-7001-W", "Thistlemoor", Appliance.DRYER, Fuel.ELECTRIC, 1));
        Random random = new Random(5);
        for (int i = 0; i < PARTS; i++) {
            shelf.part("QV-" + (10_000 + random.nextInt(90_000)) + i, 900);
        }
        return shelf.catalog();
    }

    /** The line, and what the machine burns today. */
    @DataProvider
    Object[][] fuels() {
        return new Object[][] {
            {"from propane to natural gas", Set.of(Fuel.LP)},
            {"from natural gas to propane", Set.of(Fuel.NATURAL_GAS)},
            {"propane over to natural, need the jets", Set.of(Fuel.LP)},
            {"convert it to propane", Set.of()},
            {"we are switching over to natural gas", Set.of()},
            {"set up for LP", Set.of()},
            {"need a propane conversion kit", Set.of()},
            {"natural gas conversion", Set.of()},
            {"it runs on propane", Set.of(Fuel.LP)},
            {"natural gas dryer, no heat", Set.of(Fuel.NATURAL_GAS)},
            {"gas dryer", Set.of(Fuel.NATURAL_GAS, Fuel.LP)},
            {"electric dryer", Set.of(Fuel.ELECTRIC)},
            {"no heat", Set.of()},
        };
    }

    @Test(dataProvider = "fuels")
    public void theGasThatAMachineIsConvertedToIsNotTheOneItBurns(String line, Set<Fuel> today) {
        assertEquals(reader.read(line).fuels(), today);
    }

    /** The line of a dryer; what is said of another machine, and which it is. */
    @DataProvider
    Object[][] others() {
        return new Object[][] {
            {"rollers, and a filter for my dishwasher", "a filter for my dishwasher", Appliance.DISHWASHER},
            {"thumps, also the door spring on the oven", "the door spring on the oven", Appliance.RANGE},
            {"a belt plus a bulb for the microwave", "a bulb for the microwave", Appliance.MICROWAVE},
            {
                "a belt and a wash arm for my dishwasher TD-4614-B",
                "a wash arm for my dishwasher TD-4614-B",
                Appliance.DISHWASHER
            },
            {
                "a belt and a wash arm for the other dishwasher",
                "a wash arm for the other dishwasher",
                Appliance.DISHWASHER
            },
            {"th7820w rear rollers for two dryers", "th7820w rear rollers", Appliance.DRYER},
            {"th7820w belt for both dryers, please", "th7820w belt", Appliance.DRYER},
        };
    }

    @Test(dataProvider = "others")
    public void whatIsSaidOfAnotherMachineIsCutOut(String line, String text, Appliance appliance) {
        OtherMachine other = OtherMachine.in(line, Appliance.DRYER).orElseThrow();
        assertEquals(other.text(), text);
        assertEquals(other.appliance(), appliance);
        ParsedLine rest = reader.read(line).without(other);
        assertEquals(rest.complaint().length(), line.length(), "places stay");
        assertTrue(rest.complaint().substring(other.from(), other.to()).isBlank());
    }

    @DataProvider
    Object[][] ofOne() {
        return new Object[][] {
            {"rollers and a belt for my dryer"},
            {"it stands next to the dishwasher and thumps"},
            {"the dryer over the oven thumps"},
            {"a belt and an idler"},
            {"not the dishwasher, the dryer thumps"},
            {"need two rollers"},
        };
    }

    @Test(dataProvider = "ofOne")
    public void aLineOfOneMachineIsNotCut(String line) {
        assertEquals(OtherMachine.in(line, Appliance.DRYER), Optional.empty());
        assertEquals(
                OtherMachine.in(line + ", and a filter for my oven", null), Optional.empty(), "not known of which");
    }

    @Test
    public void aNumberWithOneSlipIsAskedAboutAndItsPartIsAmongTheClosest() {
        Random random = new Random(11);
        List<String> numbers = catalog.partsFrom("QV", PARTS).stream()
                .map(part -> part.number().key())
                .toList();
        int asked = 0;
        for (String number : numbers) {
            String slipped = slipped(number, random);
            boolean isNumber = numbers.contains(slipped);
            ParsedLine parsed = reader.read("need " + slipped);
            assertEquals(parsed.parts().isEmpty(), !isNumber, slipped);
            if (!isNumber) {
                assertEquals(parsed.misread().size(), 1, slipped);
                assertNull(parsed.model(), slipped + " is no model");
                assertTrue(
                        parsed.misread().get(0).closest().stream()
                                .anyMatch(part -> part.number().key().equals(number)),
                        slipped + " of " + number);
                asked++;
            }
        }
        assertTrue(asked > PARTS - 20, asked + " slips");
    }

    /** One character wrong, missing or too many, or two swapped; the letters in front and the first digit stay. */
    private static String slipped(String number, Random random) {
        int at = 3 + random.nextInt(number.length() - 4);
        char other = CHARACTERS.charAt(random.nextInt(CHARACTERS.length()));
        String rest = number.substring(at + 1);
        return switch (random.nextInt(4)) {
            case 0 -> number.substring(0, at) + other + rest;
            case 1 -> number.substring(0, at) + rest;
            case 2 -> number.substring(0, at) + other + number.charAt(at) + rest;
            default -> number.substring(0, at) + rest.charAt(0) + number.charAt(at) + rest.substring(1);
        };
    }

    @Test
    public void aModelWithASlipIsNoPartNumberAndAStrangeNumberHasNoClosest() {
        assertTrue(reader.read("QV-7O01-W belt").misread().isEmpty(), "one slip from a model");
        assertTrue(reader.read("th782Ow belt").misread().isEmpty(), "no part begins so");
        assertTrue(reader.read("QV-7001-W thumps").misread().isEmpty());
        assertTrue(reader.read("need 2 rollers, 8 yrs").misread().isEmpty());
    }

    @DataProvider
    Object[][] prices() {
        return new Object[][] {
            {"how much is a belt", true},
            {"what's the price on QV-1183", true},
            {"what does a motor cost", true},
            {"do you have a lint filter", true},
            {"is the belt in stock", true},
            {"y'all got any rollers? have you got any", true},
            {"how many belts do you have", true},
            {"need a belt", false},
            {"it costs me nerves, no it thumps", true},
            {"thumps, need rollers", false},
            {"how do I change the belt", false},
        };
    }

    @Test(dataProvider = "prices")
    public void aQuestionForAPriceOrForStockIsKnown(String complaint, boolean asks) {
        assertEquals(PriceInquiry.isIn(complaint), asks, complaint);
    }

    @Test
    public void aMisreadNumberIsNotHeardAsAComplaint() {
        String number = catalog.partsFrom("QV", 1).get(0).number().key();
        String slipped = number.substring(0, number.length() - 1) + "E";
        ParsedLine parsed = reader.read("thumps " + slipped);
        assertFalse(parsed.complaint().contains(slipped), parsed.complaint());
        assertEquals(
                parsed.pieces().stream()
                        .filter(piece -> piece.kind() == LineToken.Kind.PART_NUMBER)
                        .map(LineToken::text)
                        .toList(),
                List.of(slipped));
    }
}
