package synopta.core.diagnosis;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.function.BiConsumer;
import java.util.regex.Pattern;
import java.util.stream.IntStream;

/** One complaint while it is listened to: its words, and which of them have been understood. */
final class ComplaintParse {
    private static final Set<String> RENEWED = Set.of(
            "changed", "replaced", "fitted", "renewed", "swapped", "already", "installed", "put", "done", "bought");
    private static final Pattern NOT_SURE = Pattern.compile("not|dont|cant|no");
    private static final Set<String> SURE = Set.of("sure", "know", "certain", "idea", "tell");

    private final String text;
    private final List<ComplaintTokens.Word> words;
    private final ComplaintTokens vocabulary;
    private final boolean[] used;
    private final Set<Integer> negatedWords = new HashSet<>();
    private final Set<Integer> unsure = new HashSet<>();
    private final Set<Long> told = new HashSet<>();
    private final Set<Long> stretches = new HashSet<>();

    ComplaintParse(String text, ComplaintTokens vocabulary) {
        this.text = text;
        this.vocabulary = vocabulary;
        words = vocabulary.of(text);
        used = new boolean[words.size()];
        for (int i = 0; i + 1 < words.size(); i++) {
            boolean doubt = NOT_SURE.matcher(words.get(i).plain()).matches()
                    && SURE.contains(words.get(i + 1).plain());
            if (doubt) {
                unsure.add(words.get(i).clause());
                used[i] = true;
                used[i + 1] = true;
            }
        }
    }

    /**
     * Where and how something was said.
     *
     * @param told whether something else was heard beside it
     */
    record At(
            String phrase,
            int from,
            int to,
            int words,
            boolean negated,
            boolean hedged,
            boolean renewed,
            boolean told) {}

    String text() {
        return text;
    }

    private record Match<T>(ComplaintParser.Phrase<T> phrase, List<Integer> places) {
        int first() {
            return places.get(0);
        }

        int last() {
            return places.get(places.size() - 1);
        }

        /** Words that were said as they are written, not by another word for the same. */
        int literal(List<ComplaintTokens.Word> said) {
            return (int) IntStream.range(0, places.size())
                    .filter(i -> phrase.words()
                            .get(i)
                            .isWrittenAs(said.get(places.get(i)).plain()))
                    .count();
        }
    }

    /** Tells of each phrase that is said, those of most words and fewest between first, and takes them as understood. */
    <T> void each(List<ComplaintParser.Phrase<T>> phrases, BiConsumer<T, At> heard) {
        find(phrases, heard);
        stretches.forEach(told::add);
        stretches.clear();
    }

    /** The same, where the words beside a phrase stay what they are: "the other gas, need the orifice". */
    <T> void aside(List<ComplaintParser.Phrase<T>> phrases, BiConsumer<T, At> heard) {
        find(phrases, heard);
        stretches.clear();
    }

    private <T> void find(List<ComplaintParser.Phrase<T>> phrases, BiConsumer<T, At> heard) {
        List<Match<T>> matches = new ArrayList<>();
        for (ComplaintParser.Phrase<T> phrase : phrases) {
            for (int start = 0; start < words.size(); start++) {
                phrase.places(words, used, start, vocabulary)
                        .ifPresent(places -> matches.add(new Match<>(phrase, places)));
            }
        }
        matches.sort(Comparator.comparingInt((Match<T> m) -> -m.places.size())
                .thenComparingInt(m -> m.last() - m.first())
                .thenComparingInt((Match<T> m) -> -m.literal(words))
                .thenComparingInt(Match::first));
        for (Match<T> match : matches) {
            if (match.places.stream().noneMatch(i -> used[i])) {
                heard.accept(match.phrase.meaning(), at(match.phrase, match.places));
            }
        }
    }

    /** Takes note that the words beside a stretch of the text are of what it tells. */
    void tell(int from, int to) {
        words.stream().filter(w -> w.from() < to && from < w.to()).forEach(w -> told.add(stretch(w)));
    }

    /** As far as a negation reaches, and within a clause. */
    private static long stretch(ComplaintTokens.Word word) {
        return ((long) word.clause() << Integer.SIZE) + word.scope();
    }

    private At at(ComplaintParser.Phrase<?> phrase, List<Integer> places) {
        int first = places.get(0);
        int last = places.get(places.size() - 1);
        boolean negated = negatedBefore(first);
        for (int i = first; i <= last; i++) {
            negated ^= words.get(i).negates() && !places.contains(i);
        }
        boolean phraseNegates = phrase.words().stream().anyMatch(ComplaintTokens.Word::negates);
        boolean hedged = hedged(words.get(first).clause());
        boolean renewed = renewed(first, last);
        for (int i = first; i <= last; i++) {
            used[i] |= places.contains(i) || !vocabulary.isOfTrade(words.get(i));
            if (negated || phraseNegates) {
                negatedWords.add(i);
            }
        }
        int from = words.get(first).from();
        int to = words.get(last).to();
        stretches.add(stretch(words.get(first)));
        boolean beside = told.contains(stretch(words.get(first)));
        return new At(text.substring(from, to), from, to, places.size(), negated, hedged, renewed, beside);
    }

    private boolean negatedBefore(int start) {
        ComplaintTokens.Word begin = words.get(start);
        for (int i = start - 1; i >= Math.max(0, start - ComplaintParser.Phrase.GAP); i--) {
            ComplaintTokens.Word word = words.get(i);
            if (word.clause() != begin.clause()) {
                return false;
            }
            if (word.continues()) {
                return i > 0 && carried(i - 1, begin.clause());
            }
            if (used[i] || word.scope() != begin.scope() || vocabulary.isOfTrade(word)) {
                return false;
            }
            if (word.negates()) {
                return true;
            }
        }
        return false;
    }

    /** Whether what stands before an "or" is negated. */
    private boolean carried(int before, int clause) {
        for (int i = before; i >= 0 && words.get(i).clause() == clause; i--) {
            if (negatedWords.contains(i) || words.get(i).negates()) {
                return true;
            }
            if (used[i]) {
                return false;
            }
        }
        return false;
    }

    /** Whether the clause says "I think", or the next consists of that. */
    private boolean hedged(int clause) {
        boolean after = words.stream().anyMatch(w -> w.clause() == clause + 1 && w.hedges())
                && words.stream().filter(w -> w.clause() == clause + 1).allMatch(ComplaintTokens.Word::isLight);
        return after || unsure.contains(clause) || words.stream().anyMatch(w -> w.clause() == clause && w.hedges());
    }

    private boolean renewed(int first, int last) {
        int clause = words.get(first).clause();
        for (int i = Math.max(0, first - 4); i <= Math.min(words.size() - 1, last + 4); i++) {
            if (words.get(i).clause() == clause && RENEWED.contains(words.get(i).plain())) {
                return true;
            }
        }
        return false;
    }

    /** Takes the words of a stretch of the text as understood. */
    void understood(int from, int to) {
        for (int i = 0; i < words.size(); i++) {
            used[i] |= words.get(i).from() < to && from < words.get(i).to();
        }
    }

    List<ParsedComplaint.Unheard> unheard() {
        List<ParsedComplaint.Unheard> unheard = new ArrayList<>();
        int i = 0;
        while (i < words.size()) {
            if (passed(i)) {
                i++;
                continue;
            }
            int first = i;
            int last = i;
            while (i < words.size()
                    && !used[i]
                    && words.get(i).clause() == words.get(first).clause()) {
                last = passed(i) ? last : i;
                i++;
            }
            int from = words.get(first).from();
            int to = words.get(last).to();
            unheard.add(new ParsedComplaint.Unheard(text.substring(from, to), from, to));
        }
        return unheard;
    }

    private boolean passed(int i) {
        return used[i]
                || words.get(i).isLight()
                || RENEWED.contains(words.get(i).plain());
    }
}
