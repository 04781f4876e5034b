package synopta.core.diagnosis;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;
import static synopta.core.Samples.fault;
import static synopta.core.Samples.finding;
import static synopta.core.Samples.pack;

import java.util.List;
import java.util.Map;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import synopta.core.knowledge.Finding;

public class ComplaintParserTest {
    private static final Finding.Who CALLER = Finding.Who.CUSTOMER;
    private static final Diagnoser LISTENER = new Diagnoser(pack(
            List.of(fault("belt", 0.1, Map.of("still", 0.9, "cold", 0.1, "thumps", 0.2, "squeals", 0.2))),
            List.of(
                    finding("still", 0.1, CALLER, List.of("drum sits still", "won't turn"), List.of("drum turns")),
                    finding("cold", 0.1, CALLER, List.of("no heat", "not heating", "cold"), List.of("still heats")),
                    finding("thumps", 0.1, CALLER, List.of("thumps", "thumping noise"), List.of()),
                    finding("squeals", 0.1, CALLER, List.of("squeals", "squeaks"), List.of())),
            List.of()));

    @DataProvider
    Object[][] sentences() {
        return new Object[][] {
            {"it thumps", List.of("thumps")},
            {"THUMPING, and squeaking!", List.of("thumps", "squeals")},
            {"the drum just sits there still", List.of("still")},
            {"it won't turn", List.of("still")},
            {"it won’t turn", List.of("still")},
            {"the drum turns", List.of("-still")},
            {"the drum doesn't turn", List.of("still")},
            {"no heat", List.of("cold")},
            {"there's no heat", List.of("cold")},
            {"no thumping", List.of("-thumps")},
            {"doesn't thump or anything", List.of("-thumps")},
            {"never squeaks", List.of("-squeals")},
            {"it still heats", List.of("-cold")},
            {"not cold", List.of("-cold")},
            {"no, it thumps", List.of("thumps")},
            {"does not turn but squeals", List.of("still", "squeals")},
            {"thumps. No heat. Squeals", List.of("thumps", "cold", "squeals")},
            {"the drum, it turns", List.<String>of()},
            {"", List.<String>of()},
            {"?!?", List.<String>of()},
        };
    }

    @Test(dataProvider = "sentences")
    public void aComplaintIsHeardInItsOwnWords(String complaint, List<String> findings) {
        List<String> heard = LISTENER.hear(complaint).heard().stream()
                .map(h -> (h.evidence().answer().equals("yes") ? "" : "-")
                        + h.evidence().finding())
                .toList();
        assertEquals(heard, findings);
    }

    @Test
    public void phrasesAndWhatWasNotUnderstoodKeepTheirPlaces() {
        String complaint = "Hello, it thumps since the move and smells of lavender";
        ParsedComplaint hearing = LISTENER.hear(complaint);
        ParsedComplaint.Heard heard = hearing.heard().get(0);
        assertEquals(complaint.substring(heard.from(), heard.to()), "thumps");
        List<String> lost = hearing.unheard().stream()
                .map(u -> complaint.substring(u.from(), u.to()))
                .toList();
        assertEquals(lost, List.of("move and smells of lavender"));
    }

    @Test
    public void aVeryLongComplaintIsHeardUpToItsLimit() {
        ParsedComplaint hearing = LISTENER.hear("thumps and rattles ".repeat(2000));
        assertEquals(hearing.heard().size(), 1, "each finding once, as it was said last");
        ParsedComplaint.Heard last = hearing.heard().get(0);
        assertTrue(last.to() <= ComplaintParser.LONGEST && last.from() > ComplaintParser.LONGEST - 40, "" + last);
    }
}
