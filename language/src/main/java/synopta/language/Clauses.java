package synopta.language;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.SortedSet;
import java.util.TreeSet;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Splits what is said into clauses, and offers neighbors together, for what is said in two. */
final class Clauses {
    private static final Pattern BREAK = Pattern.compile(
            "\\s*(?:[,.;:!?—–()]|\\s-\\s|\\s(?:but|although|though|however|except|yet|because|cause|'cause|cuz|so|only"
                    + "|and|&|also|plus|as well as|then|while|when|if|or)\\s)\\s*",
            Pattern.CASE_INSENSITIVE);

    /** These begin the clause behind them and are part of what it means. */
    private static final Set<String> KEPT = Set.of("when", "while", "if", "only", "because", "then", "or", "but");

    private static final Pattern WORD = Pattern.compile("[\\p{L}\\p{N}']+");

    private Clauses() {}

    /**
     * A stretch of the text.
     *
     * @param from first character
     * @param to after its last
     * @param text the words
     */
    record Span(int from, int to, String text) {
        int words() {
            return Clauses.words(text);
        }
    }

    /** Longer pairs and wholes say too much at once to mean one thing, and take long to look at. */
    private static final int LONGEST_PAIR = 20;

    private static final int LONGEST_WHOLE = 24;

    /** Every clause, every two neighbors, and the whole where there are more; each once, but what is too long. */
    static List<Span> of(String text) {
        return of(text, Set.of());
    }

    /** Every clause by itself, in the order of the text. */
    static List<Span> parts(String text) {
        return clauses(text, new TreeSet<>()).stream()
                .map(c -> new Span(c[0], c[1], text.substring(c[0], c[1])))
                .toList();
    }

    /** These, where clauses are known to begin at these characters too. */
    static List<Span> of(String text, Set<Integer> begun) {
        List<int[]> clauses = clauses(text, new TreeSet<>(begun));
        Set<List<Integer>> spans = new LinkedHashSet<>();
        clauses.forEach(c -> spans.add(List.of(c[0], c[1])));
        for (int i = 0; i + 1 < clauses.size(); i++) {
            if (words(text.substring(clauses.get(i)[0], clauses.get(i + 1)[1])) <= LONGEST_PAIR) {
                spans.add(List.of(clauses.get(i)[0], clauses.get(i + 1)[1]));
            }
        }
        if (clauses.size() > 2 && words(text) <= LONGEST_WHOLE) {
            spans.add(List.of(clauses.get(0)[0], clauses.get(clauses.size() - 1)[1]));
        }
        return spans.stream()
                .map(s -> new Span(s.get(0), s.get(1), text.substring(s.get(0), s.get(1))))
                .toList();
    }

    static int words(String text) {
        return (int) WORD.matcher(text).results().count();
    }

    private static List<int[]> clauses(String text, SortedSet<Integer> begun) {
        List<int[]> pieces = new ArrayList<>();
        int start = 0;
        Matcher matcher = BREAK.matcher(text);
        while (matcher.find()) {
            add(pieces, text, start, begun, matcher.start());
            String word = matcher.group().strip();
            boolean isKept = KEPT.contains(word.toLowerCase(Locale.ROOT));
            start = isKept ? matcher.start() + matcher.group().indexOf(word) : matcher.end();
        }
        add(pieces, text, start, begun, text.length());
        return pieces;
    }

    /** Adds what lies between two characters, in pieces where another begins within. */
    private static void add(List<int[]> pieces, String text, int from, SortedSet<Integer> begun, int to) {
        int start = from;
        for (int next : begun.subSet(from, Math.max(from, to))) {
            add(pieces, text, start, next);
            start = next;
        }
        add(pieces, text, start, to);
    }

    private static void add(List<int[]> pieces, String text, int from, int to) {
        if (from < to && words(text.substring(from, to)) > 0) {
            pieces.add(new int[] {from, to});
        }
    }
}
