package synopta.core.quantity;

import static org.testng.Assert.assertEquals;

import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Which words are English: what is one is never taken for a slip of a word of the trade. */
public class EnglishWordsTest {
    @DataProvider
    Object[][] words() {
        return new Object[][] {
            {"lead", true},
            {"led", true},
            {"thumps", true},
            {"Saturday", true},
            {"saturday", true},
            {"DRYER", true},
            {"it's", true},
            {"it’s", true},
            {"squeel", false},
            {"heatr", false},
            {"belst", false},
            {"", false},
        };
    }

    @Test(dataProvider = "words")
    public void aWordIsKnownHoweverItIsCapitalized(String word, boolean known) {
        assertEquals(EnglishWords.knows(word), known, word);
        assertEquals(EnglishWords.knows(word), known, "asked again: " + word);
    }
}
