package synopta.language;

import java.util.Collection;
import java.util.Locale;
import java.util.Map;
import java.util.TreeMap;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import synopta.core.quantity.EnglishWords;
import synopta.core.quantity.Slips;

/** Mends words that are not English into the word that callers use and that is one slip away, if there is but one. */
final class Spelling {
    private static final Pattern WORD = Pattern.compile("[\\p{L}][\\p{L}'’]*");

    /** Shorter words have too many neighbors. */
    private static final int SHORTEST = 4;

    /** A word that sayings hold less often is not what is meant by another. */
    private static final int OFTEN = 2;

    private final Map<String, Integer> used = new TreeMap<>();

    /** Knows the words of these texts. */
    Spelling(Collection<String> texts) {
        for (String text : texts) {
            Matcher matcher = WORD.matcher(text.toLowerCase(Locale.ROOT));
            while (matcher.find()) {
                used.merge(matcher.group(), 1, Integer::sum);
            }
        }
    }

    /** The text, mended. */
    String mended(String text) {
        return WORD.matcher(text).replaceAll(match -> Matcher.quoteReplacement(word(match.group())));
    }

    private String word(String word) {
        String plain = word.toLowerCase(Locale.ROOT);
        return used.containsKey(plain) || word.length() < SHORTEST || EnglishWords.knows(plain) ? word : nearest(plain);
    }

    private String nearest(String plain) {
        String best = plain;
        int most = OFTEN - 1;
        for (Map.Entry<String, Integer> entry : used.entrySet()) {
            if (entry.getValue() > most && isOneSlip(entry.getKey(), plain)) {
                most = entry.getValue();
                best = entry.getKey();
            }
        }
        return best;
    }

    /** The first letter is seldom wrong. */
    private static boolean isOneSlip(String word, String plain) {
        return Math.abs(word.length() - plain.length()) <= 1
                && word.charAt(0) == plain.charAt(0)
                && Slips.between(word, plain) == 1;
    }
}
