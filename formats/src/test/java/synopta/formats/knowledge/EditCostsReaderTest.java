package synopta.formats.knowledge;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;
import static org.testng.Assert.expectThrows;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import synopta.core.tag.ConfusionTable;

public class EditCostsReaderTest {
    private static final Path KNOWLEDGE = Path.of(System.getProperty("synopta.root"), "knowledge");

    @Test
    public void theFileThatShipsIsSoundAndEveryGroupHasItsBasis() throws Exception {
        ConfusionTable confusion = EditCostsReader.folder(KNOWLEDGE);
        assertTrue(confusion.groups().stream().noneMatch(g -> g.basis().isBlank()));
        assertTrue(confusion.groups().stream().anyMatch(g -> g.characters().contains("8B")));
        assertEquals(confusion.keyboard().size(), 4);
    }

    @DataProvider
    Object[][] broken() {
        return new Object[][] {
            {
                "\"characters\": \"8B\"",
                "\"characters\": \"8b\"",
                "groups[6]: Characters (8b) must be two or more capital"
            },
            {"\"nats\": 4.2", "\"nats\": -1", "costs: neighborKey (-1.0 nats) must be a number of at least"},
            {"\"nats\": 4.2", "\"nuts\": 4.2", "costs.neighborKey: lacks nats"},
            {"\"format\": 1", "\"format\": 2", "format (2) must be 1"},
            {"\"about\"", "about", "is not JSON"},
        };
    }

    @Test(dataProvider = "broken")
    public void aBrokenFileIsRefusedWithPathAndRemedy(String what, String instead, String expected) throws IOException {
        String json = Files.readString(KNOWLEDGE.resolve(EditCostsReader.FILE)).replaceFirst(what, instead);
        PackRejectedException refused = expectThrows(PackRejectedException.class, () -> EditCostsReader.read(json));
        assertTrue(refused.getMessage().contains(expected), refused.getMessage());
    }
}
