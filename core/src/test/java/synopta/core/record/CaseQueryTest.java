package synopta.core.record;

import static org.testng.Assert.assertEquals;

import java.time.LocalDate;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Days among the words of a search, as they are shown and said. */
public class CaseQueryTest {
    private static final LocalDate TODAY = LocalDate.of(2026, 12, 1);

    @DataProvider
    Object[][] queries() {
        return new Object[][] {
            {"12/01/2026", false, "2026-12-01", ""},
            {"12/1/26 thumps", false, "2026-12-01", "thumps"},
            {"1/12/2026", true, "2026-12-01", ""},
            {"12/01/2026, 3:05 PM", false, "2026-12-01", ""},
            {"ann Dec 1, 2026", false, "2026-12-01", "ann"},
            {"1 Dec 2026, 15:05", true, "2026-12-01", ""},
            {"December 1st 2026", false, "2026-12-01", ""},
            {"2026-12-01", false, "2026-12-01", ""},
            {"yesterday dryer", false, "2026-11-30", "dryer"},
            {"TODAY", false, "2026-12-01", ""},
            {"13/45/2026", false, null, "13/45/2026"},
            {"5/16 nut", false, null, "5/16 nut"},
            {"QV-2026-12-01-7", false, null, "QV-2026-12-01-7"},
        };
    }

    @Test(dataProvider = "queries")
    public void aDayIsTakenOutOfTheWordsAsItIsShown(String typed, boolean isDayFirst, String day, String words) {
        CaseQuery query = CaseQuery.read(typed, TODAY, isDayFirst);
        assertEquals(query.day(), day == null ? null : LocalDate.parse(day));
        assertEquals(query.words(), words);
    }
}
