package synopta.language;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;
import synopta.core.knowledge.Saying;

/** Where in a text the name of a part stands, so that the way it is spoken of can be looked at without it. */
final class PartNames {
    /** Stands for a part's name. */
    static final String ANY = "part";

    private static final Pattern WORD = Pattern.compile("[\\p{L}\\p{N}'’]+");

    /** From this share of its words on a name stands in a text, if they are not strewn over it. */
    private static final double MOST = 0.6;

    private static final int STREWN = 3;

    private final Map<String, List<List<String>>> names = new TreeMap<>();

    /** Knows the names that sayings give parts. */
    PartNames(List<Saying> sayings) {
        for (Saying saying : sayings) {
            List<String> stems = WordBag.telling(saying.text());
            if (saying.meaning().startsWith(Saying.PART) && !stems.isEmpty()) {
                names.computeIfAbsent(saying.meaning(), m -> new ArrayList<>()).add(stems);
            }
        }
    }

    private record Word(String stem, int from, int to) {}

    /** A text with its telling words, read once for all parts. */
    record Text(String text, List<Word> words) {
        static Text of(String text) {
            List<Word> words = new ArrayList<>();
            Matcher matcher = WORD.matcher(text);
            while (matcher.find()) {
                List<String> stems = WordBag.telling(matcher.group());
                if (stems.size() == 1) {
                    words.add(new Word(stems.get(0), matcher.start(), matcher.end()));
                }
            }
            return new Text(text, words);
        }
    }

    /** The text with the name of a part in it replaced; as it is where no name of the part stands in it. */
    String without(Text text, String part) {
        int[] place = null;
        for (List<String> name : names.getOrDefault(part, List.of())) {
            int[] found = place(text.words, name);
            if (found != null && (place == null || found[2] > place[2])) {
                place = found;
            }
        }
        return place == null ? text.text : text.text.substring(0, place[0]) + ANY + text.text.substring(place[1]);
    }

    /** From, to and how many words of the name; null when too few of them stand close enough together. */
    private static int @Nullable [] place(List<Word> words, List<String> name) {
        Set<String> wanted = new HashSet<>(name);
        int[] best = null;
        for (int first = 0; first < words.size(); first++) {
            Set<String> found = new HashSet<>();
            for (int last = first; last < Math.min(words.size(), first + name.size() + STREWN); last++) {
                if (wanted.contains(words.get(last).stem) && wanted.contains(words.get(first).stem)) {
                    found.add(words.get(last).stem);
                    if (found.size() >= MOST * wanted.size() && (best == null || found.size() > best[2])) {
                        best = new int[] {words.get(first).from, words.get(last).to, found.size()};
                    }
                }
            }
        }
        return best;
    }
}
