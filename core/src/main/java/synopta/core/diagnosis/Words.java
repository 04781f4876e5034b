package synopta.core.diagnosis;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.tartarus.snowball.ext.EnglishStemmer;

/** A text as stemmed words with their places; Porter's English stemmer in its Snowball form. */
final class Words {
    private static final Pattern WORD = Pattern.compile("[\\p{L}\\p{N}'’]+|[,.;:!?]");
    private static final Set<String> NEGATIONS = Set.of(
            "no", "not", "never", "without", "nothing", "doesnt", "dont", "isnt", "wont", "cant", "didnt", "wasnt",
            "aint", "cannot");
    private static final Set<String> LIGHT = Set.of(
            "model", "serial", "number", "the", "a", "an", "it", "its", "is", "are", "was", "does", "do", "and", "or",
            "but", "of", "to", "in", "on", "at", "my", "our", "just", "very", "really", "so", "then", "when", "with",
            "that", "this", "there", "has", "have", "had", "been", "be", "i", "we", "he", "she", "they", "you", "me",
            "please", "hello", "hi", "all", "for", "as", "if", "some", "any", "now", "again", "still", "only", "got",
            "get", "by", "up", "one", "think", "said", "says", "needs", "need", "want", "wants", "new", "old", "from",
            "which", "too");

    /**
     * A word.
     *
     * @param stem what it is compared by
     * @param from first character in the text
     * @param to after its last
     * @param clause running number of the clause it stands in
     */
    record Word(String plain, String stem, int from, int to, int clause) {
        boolean negates() {
            return NEGATIONS.contains(plain);
        }

        boolean isLight() {
            return LIGHT.contains(plain) || negates();
        }
    }

    private Words() {}

    static List<Word> of(String text) {
        List<Word> words = new ArrayList<>();
        EnglishStemmer stemmer = new EnglishStemmer();
        int clause = 0;
        Matcher matcher = WORD.matcher(text);
        while (matcher.find()) {
            String plain = matcher.group().toLowerCase(Locale.ROOT).replaceAll("['’]", "");
            if (plain.equals("but")) {
                clause++;
            }
            if (plain.isEmpty() || !Character.isLetterOrDigit(plain.codePointAt(0))) {
                clause++;
                continue;
            }
            stemmer.setCurrent(plain);
            stemmer.stem();
            words.add(new Word(plain, stemmer.getCurrent(), matcher.start(), matcher.end(), clause));
        }
        return words;
    }
}
