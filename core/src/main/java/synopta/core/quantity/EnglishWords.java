package synopta.core.quantity;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.text.ParseException;
import java.util.Locale;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import org.apache.lucene.analysis.hunspell.Dictionary;
import org.apache.lucene.analysis.hunspell.Hunspell;
import org.apache.lucene.store.ByteBuffersDirectory;

/**
 * Which words are English: the American word list of SCOWL (Atkinson; as the Hunspell dictionary en_US of 2020-12-07),
 * with its rules of inflection. A word that it knows is never taken for a slip of another.
 */
public final class EnglishWords {
    private static final Hunspell LIST = load();

    /** Words that were asked for lately; there are only so many that callers use. */
    private static final Map<String, Boolean> KNOWN = new ConcurrentHashMap<>();

    private static final int KEPT = 20_000;

    private EnglishWords() {}

    /** Whether it is an English word or name, however it is capitalized. */
    public static boolean knows(String word) {
        if (KNOWN.size() > KEPT) {
            KNOWN.clear();
        }
        return KNOWN.computeIfAbsent(word.toLowerCase(Locale.ROOT).replace('’', '\''), EnglishWords::isListed);
    }

    private static boolean isListed(String plain) {
        return !plain.isEmpty()
                && (LIST.spell(plain)
                        || LIST.spell(Character.toUpperCase(plain.charAt(0)) + plain.substring(1))
                        || LIST.spell(plain.toUpperCase(Locale.ROOT)));
    }

    private static Hunspell load() {
        try (InputStream affixes = EnglishWords.class.getResourceAsStream("en_US.aff");
                InputStream words = EnglishWords.class.getResourceAsStream("en_US.dic");
                ByteBuffersDirectory scratch = new ByteBuffersDirectory()) {
            return new Hunspell(new Dictionary(scratch, "words", affixes, words));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } catch (ParseException e) {
            throw new IllegalStateException("The English word list is damaged: build again.", e);
        }
    }
}
