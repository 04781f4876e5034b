package synopta.demo;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.time.LocalDate;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import synopta.core.casefile.CaseInput;
import synopta.core.casefile.KnownFact;
import synopta.core.counter.Counter;
import synopta.core.identify.MachineFacts;
import synopta.core.knowledge.HouseSettings;

/** An age against the years in which the machine was built. */
public class MachineAgeTest {
    private final Counter counter = new DemoCounter(() -> HouseSettings.USUAL).counter;

    /** TH-7820-W was built from 2009 to 2014: what is said, on which day, and whether the tag speaks against it. */
    @DataProvider
    Object[][] ages() {
        return new Object[][] {
            {"th7820w thumps, 8 yrs", "2026-11-30", true},
            {"th7820w thumps, 9 yrs", "2026-11-30", false},
            {"th7820w thumps, 14 yrs", "2026-11-30", false},
            {"th7820w thumps, 18 yrs", "2026-11-30", false},
            {"th7820w thumps, 20 yrs", "2026-11-30", true},
            {"th7820w thumps, 8 yrs", "2018-06-01", false},
            {"th7820w thumps, 1 yr old", "2014-06-01", false},
            {"electric dryer thumps, 40 yrs", "2026-11-30", false},
        };
    }

    @Test(dataProvider = "ages")
    public void anAgeThatTheTagSpeaksAgainstIsSaid(String line, String today, boolean isDoubted) {
        CaseInput input = CaseInput.of(line);
        KnownFact age = new MachineFacts(input, counter.work(input).identified(), LocalDate.parse(today))
                .known().stream()
                        .filter(known -> known.key().equals("age"))
                        .findFirst()
                        .orElseThrow();
        assertEquals(!age.sure(), isDoubted, age.source());
        assertTrue(age.source().startsWith("caller"), age.source());
        assertEquals(age.source().contains("built 2009 to 2014"), isDoubted, age.source());
    }
}
