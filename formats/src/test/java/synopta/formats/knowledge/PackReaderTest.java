package synopta.formats.knowledge;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;
import static org.testng.Assert.expectThrows;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.Stream;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import synopta.core.catalog.Appliance;
import synopta.core.knowledge.Fault;
import synopta.core.knowledge.Pack;
import synopta.core.knowledge.PackFault;

public class PackReaderTest {
    private static final Path KNOWLEDGE = Path.of(System.getProperty("synopta.root"), "knowledge");
    private final String dryer;

    public PackReaderTest() throws IOException {
        dryer = Files.readString(KNOWLEDGE.resolve("dryer.json"));
    }

    @Test
    public void thePacksThatShipAreSoundAndEveryLinkHasABasis() throws IOException {
        PackReader.Loaded loaded = PackReader.folder(KNOWLEDGE);
        assertEquals(loaded.refused(), List.of());
        assertEquals(
                loaded.packs().stream().map(Pack::appliance).toList(),
                List.of(Appliance.DISHWASHER, Appliance.DRYER, Appliance.MICROWAVE, Appliance.RANGE));
        for (Pack pack : loaded.packs()) {
            for (Fault fault : pack.faults()) {
                assertTrue(pack.links(fault).size() > 1, fault.id() + " shows nothing");
                pack.links(fault)
                        .forEach(link -> assertFalse(link.basis().source().isBlank()));
            }
        }
    }

    @DataProvider
    Object[][] broken() {
        return new Object[][] {
            {"a strength of 1.2", "\"strength\": 0.98", "\"strength\": 1.2", "faults[0].shows[0]", "Strength (1.2)"},
            {"a missing target", "\"finding\": \"drum-turns\"", "\"finding\": \"drum-tuns\"", ".finding", "drum-tuns"},
            {"a misspelt field", "\"prior\":", "\"prier\":", "faults[0]", "lacks prior"},
            {"an unknown field", "\"format\": 1,", "\"format\": 1, \"color\": \"red\",", "color", "is not known"},
            {
                "a text for a number",
                "\"leak\": 0.02",
                "\"leak\": \"low\"",
                "findings[4].answers[1].leak",
                "must be a number"
            },
            {"a half quantity", "\"quantity\": 2", "\"quantity\": 1.5", ".quantity", "must be a whole number"},
            {"an unknown unit of hazard", "\"hazard\": \"mains\"", "\"hazard\": \"main\"", ".hazard", "must be one of"},
            {"an unknown unit", "\"unit\": \"Ω\"", "\"unit\": \"furlong\"", "tests[0].unit", "must be one of Ω"},
            {
                "a cycle of causes",
                "\"fault\": \"vent-blocked\"",
                "\"fault\": \"motor-hot\"",
                "causedBy[0].fault",
                "motor-hot would be its own cause"
            },
            {"an unknown fuel", "\"electric\": 0.77", "\"steam\": 0.77", "fuelShares.steam", "is not known"},
            {"shares that do not add up", "\"electric\": 0.77", "\"electric\": 0.81", "fuelShares", "add up to 1.04"},
            {"a doubled id", "\"id\": \"belt-frayed\"", "\"id\": \"belt-broken\"", "faults[1]", "listed twice"},
        };
    }

    @DataProvider
    Object[][] brokenTexts() {
        return new Object[][] {
            {
                "a job of a stranger",
                "\"power-cord\", \"ifListed\": true, \"why\": \"It must",
                "\"power-card\", \"ifListed\": true, \"why\": \"It must",
                "needs[0].partType",
                "power-card"
            },
            {"no basis", "\"basis\": \"common-practice\"", "\"basis\": \" \"", "basis", "must be a text"},
            {
                "an empty text",
                "\"question\": \"Is there no sound at all",
                "\"question\": \"\", \"q\": \"Is there",
                "question",
                "must be a text"
            },
            {"another format", "\"format\": 1", "\"format\": 2", "format", "must be 1, not 2"},
            {"broken JSON", "\"format\": 1,", "\"format\": 1", "line 3", "is not JSON"},
            {"a field twice", "\"format\": 1,", "\"format\": 1, \"format\": 1,", "line 2", "is not JSON"},
        };
    }

    @DataProvider(name = "broken drawings")
    Object[][] brokenDrawings() {
        return new Object[][] {
            {
                "a place outside the drawing",
                "box 368 10 16 12",
                "box 3500 10 16 12",
                "drawing.spots",
                "outside the drawing"
            },
            {"a figure of no kind", "box 368 10 16 12", "blob 350 10 16 12", "figures[0]", "is not a figure"},
            {"a number left out", "box 368 10 16 12 1", "box 368 10 16 12", "figures[0]", "box takes 5 numbers, not 4"},
            {"a belt that cannot run", "\"diameterMm\": 64", "\"diameterMm\": 640", "layouts[0].belt", "overlap"},
        };
    }

    @Test(dataProvider = "brokenTexts")
    public void aFileThatIsNoPackIsRefusedToo(String what, String sound, String wrong, String path, String words) {
        aBrokenPackIsRefusedWithFilePathAndRemedy(what, sound, wrong, path, words);
    }

    @Test(dataProvider = "broken drawings")
    public void aBrokenDrawingIsRefusedToo(String what, String sound, String wrong, String path, String words) {
        aBrokenPackIsRefusedWithFilePathAndRemedy(what, sound, wrong, path, words);
    }

    @Test(dataProvider = "broken")
    public void aBrokenPackIsRefusedWithFilePathAndRemedy(
            String what, String sound, String wrong, String path, String words) {
        assertTrue(dryer.contains(sound), "the pack no longer has " + sound);
        String json = dryer.substring(0, dryer.indexOf(sound))
                + wrong
                + dryer.substring(dryer.indexOf(sound) + sound.length());
        PackRejectedException refused =
                expectThrows(PackRejectedException.class, () -> PackReader.read("dryer.json", json));
        assertTrue(refused.getMessage().startsWith("dryer.json, "), refused.getMessage());
        Stream<PackFault> faults = refused.faults().stream();
        assertTrue(faults.anyMatch(f -> f.path().contains(path) && f.message().contains(words)), refused.getMessage());
    }

    @Test
    public void allFaultsOfAPackAreToldAtOnce() {
        String json = dryer.replace("\"strength\": 0.98", "\"strength\": 1.2").replace("\"leak\": 0.02", "\"leak\": 2");
        PackRejectedException refused =
                expectThrows(PackRejectedException.class, () -> PackReader.read("dryer.json", json));
        assertTrue(refused.faults().size() > 5, refused.getMessage());
    }

    @Test
    public void aBrokenPackLeavesTheSoundOnesUsable() throws IOException {
        Path folder = Files.createTempDirectory("packs");
        Files.writeString(folder.resolve("a.json"), "[]");
        Files.copy(KNOWLEDGE.resolve("microwave.json"), folder.resolve("b.json"));
        Files.writeString(folder.resolve("notes.txt"), "not a pack");
        PackReader.Loaded loaded = PackReader.folder(folder);
        assertEquals(loaded.packs().size(), 1);
        assertEquals(loaded.refused(), List.of("a.json, (top): must be an object in braces."));
    }
}
