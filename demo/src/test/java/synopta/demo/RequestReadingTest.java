package synopta.demo;

import static org.testng.Assert.assertEquals;

import java.util.Arrays;
import java.util.Iterator;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import synopta.core.casefile.CaseInput;
import synopta.core.casefile.PartRequest;
import synopta.core.counter.CaseAssessment;
import synopta.core.counter.Counter;
import synopta.core.knowledge.HouseSettings;
import synopta.core.line.PartRequestReader;
import synopta.core.quantity.Slugged;

/** How a part is asked for: how many, which of several, why, and on whose word. */
public class RequestReadingTest {
    private final Counter counter = new DemoCounter(() -> HouseSettings.USUAL).counter;

    /** What is said of a dryer or a range; pieces; places; why; whose word. */
    private static final String REQUESTS = """
            TH-7820-W rear rollers | - | rear | - | caller
            TH-7820-W two rear rollers, worn | 2 | rear | worn | caller
            TH-7820-W the left front roller | 1 | front left | - | caller
            TH-7820-W both door hinges | 2 | - | - | caller
            TH-7820-W a pair of rollers | 2 | - | - | caller
            TH-7820-W lost a knob | - | - | lost | caller
            TH-7820-W spare belt, just in case | - | - | preventive | caller
            TH-7820-W install a new vent hose | - | - | installation | caller
            TH-7820-W the technician said belt | - | - | - | technician
            TH-7820-W my neighbor says it needs a belt | - | - | - | somebody-else
            TH-7820-W a video told me belt | - | - | - | somebody-else
            TH-7820-W my husband is out. I need a belt | - | - | - | caller
            RE1524W knobs, two small and three large | 5 | - | - | caller
            RE1524W 8 years old, need a knob | - | - | - | caller
            """;

    @DataProvider
    Iterator<Object[]> requests() {
        return REQUESTS.lines()
                .map(line -> Arrays.stream(line.split("\\|")).map(String::strip).toArray())
                .iterator();
    }

    private static String slugs(Set<? extends Slugged> slugs) {
        return slugs.isEmpty()
                ? "-"
                : String.join(" ", slugs.stream().map(Slugged::slug).collect(Collectors.toCollection(TreeSet::new)));
    }

    @Test(dataProvider = "requests")
    public void theWordsBesideANameSayHowItIsAskedFor(
            String said, String pieces, String places, String reason, String by) {
        CaseAssessment view = counter.work(CaseInput.of(said));
        List<PartRequest> requests =
                PartRequestReader.of(view.identified().line().complaint(), view.parsed());
        assertEquals(requests.size(), 1, requests.toString());
        PartRequest request = requests.get(0);
        assertEquals(request.pieces() == null ? "-" : request.pieces().toString(), pieces);
        assertEquals(slugs(request.places()), places);
        assertEquals(request.reason() == null ? "-" : request.reason().slug(), reason);
        assertEquals(request.by().slug(), by);
    }
}
