package synopta.core.counter;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import synopta.core.Samples;
import synopta.core.Shelf;
import synopta.core.casefile.CaseInput;
import synopta.core.casefile.Inputs;
import synopta.core.casefile.KnownFact;
import synopta.core.catalog.Appliance;
import synopta.core.catalog.BuildRange;
import synopta.core.catalog.Fuel;
import synopta.core.catalog.InMemoryCatalog;
import synopta.core.catalog.Part;
import synopta.core.catalog.SerialScheme;

/** What a serial in the line, or beside it, does to the parts. */
public class SerialNumberTest {
    private static final LocalDate TURN = LocalDate.of(2016, 7, 1);
    private static final SerialScheme MONTHS = new SerialScheme(
            "months",
            "YPNNNN",
            Map.of("0", 2000, "6", 2016, "7", 2017),
            20,
            SerialScheme.Period.MONTH,
            List.of("ABCDEFGHJKLM".split("")));
    private static final InMemoryCatalog CATALOG = new Shelf()
            .brand("Orrinvale", MONTHS)
            .model(Samples.model("OR-7820-W", "Orrinvale", Appliance.DRYER, Fuel.ELECTRIC, 10))
            .part("EARLY", 840, "roller", true, Part.Status.CURRENT, 1)
            .part("LATE", 940, "roller", true, Part.Status.CURRENT, 1)
            .fit("OR-7820-W", "rear", "EARLY", 2, new BuildRange(null, TURN.minusDays(1)))
            .fit("OR-7820-W", "rear", "LATE", 2, new BuildRange(TURN, null))
            .catalog();
    private static final Counter COUNTER = CounterTest.counter(CATALOG);

    /** What is handed over, and what is asked where that is open. */
    private static String supplied(CaseAssessment view) {
        return view.needs().stream()
                .map(need -> Optional.ofNullable(need.supplied())
                        .map(Object::toString)
                        .orElse(need.verdict()
                                .fold(f -> "", depends -> "ask " + depends.ask().slug(), not -> "not", unknown -> "?")))
                .distinct()
                .sorted()
                .reduce((a, b) -> a + ", " + b)
                .orElse("nothing");
    }

    @DataProvider
    Object[][] lines() {
        return new Object[][] {
            {"no serial: the build date is asked for", "or7820w thumps", null, "ask built"},
            {"built before the turn", "or7820w thumps s/n 6F-1111", null, "EARLY, not"},
            {"built after it", "or7820w thumps s/n 6G-1111", null, "LATE, not"},
            {"beside the line, which it overrules", "or7820w thumps s/n 6F-1111", "7a2222", "LATE, not"},
            {"two decades on both sides leave it open", "or7820w thumps serial no. 0A1111", null, "ask built"},
            {"unreadable: as without", "or7820w thumps s/n 9F-1111", null, "ask built"},
        };
    }

    @Test(dataProvider = "lines")
    public void theSerialChoosesBetweenEarlyAndLate(String what, String line, String serial, String expected) {
        assertEquals(supplied(COUNTER.work(Inputs.withSerial(line, serial, Set.of()))), expected);
    }

    @Test
    public void aSerialThatWasStruckOutIsForgotten() {
        CaseAssessment excluded = COUNTER.work(Inputs.withSerial("or7820w thumps s/n 6F-1111", null, Set.of("serial")));
        assertEquals(supplied(excluded), "ask built");
        assertTrue(excluded.known().stream().noneMatch(k -> k.key().equals("serial")));
    }

    @DataProvider
    Object[][] words() {
        return new Object[][] {
            {"or7820w thumps s/n 0G-1111", "Built in July 2020, or July 2000", false},
            {"or7820w thumps s/n 7A2222", "Built in January 2017", true},
            {"or7820w thumps s/n 9F-1111", "9 is not a year code (0 6 7). Check character 1.", false},
            {"thumps s/n 7A2222", "Ask for the brand: each brand encodes the build date differently.", false},
            {"Orrinvale dryer thumps s/n 7A2222", "Built in January 2017", true},
        };
    }

    @Test(dataProvider = "words")
    public void whatItTellsStandsAmongTheEvidence(String line, String words, boolean sure) {
        KnownFact known = COUNTER.work(CaseInput.of(line)).known().stream()
                .filter(k -> k.key().equals("serial"))
                .findFirst()
                .orElseThrow();
        assertEquals(known.words(), words);
        assertEquals(known.sure(), sure);
    }
}
