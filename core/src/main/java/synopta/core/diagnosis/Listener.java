package synopta.core.diagnosis;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import synopta.core.knowledge.Finding;
import synopta.core.knowledge.Pack;

/**
 * Hears findings in the caller's own words. A phrase of the pack is heard when its words, stemmed, stand in one clause
 * in their order with at most {@value #GAP} others between two of them; phrases of more words are heard first, and a
 * word serves once. A negation in between or within {@value #GAP} words before turns the answer round. Cost
 * O(phrases x words).
 */
final class Listener {
    /** The longest complaint that is listened to, in characters. */
    static final int LONGEST = 20_000;

    private static final int GAP = 2;

    private record Phrase(String finding, boolean telling, List<Words.Word> words) {}

    private record Match(Phrase phrase, List<Integer> at, boolean negated) {}

    private final List<Phrase> phrases = new ArrayList<>();

    /** Listens for the phrases of this pack. */
    Listener(Pack pack) {
        for (Finding finding : pack.findings()) {
            finding.said().forEach(said -> phrases.add(new Phrase(finding.id(), true, Words.of(said))));
            finding.clearSaid().forEach(said -> phrases.add(new Phrase(finding.id(), false, Words.of(said))));
        }
        phrases.sort(Comparator.comparingInt((Phrase p) -> -p.words().size()).thenComparing(Phrase::finding));
    }

    /** What the complaint says; what stands after the first {@value #LONGEST} characters is not listened to. */
    Hearing hear(String complaint) {
        String text = complaint.substring(0, Math.min(complaint.length(), LONGEST));
        List<Words.Word> words = Words.of(text);
        boolean[] used = new boolean[words.size()];
        List<Hearing.Heard> heard = new ArrayList<>();
        for (Phrase phrase : phrases) {
            for (int start = 0; start < words.size(); start++) {
                match(phrase, words, used, start).ifPresent(match -> {
                    int first = match.at().get(0);
                    int last = match.at().get(match.at().size() - 1);
                    for (int i = first; i <= last; i++) {
                        used[i] = true;
                    }
                    int from = words.get(first).from();
                    int to = words.get(last).to();
                    heard.add(new Hearing.Heard(
                            new Evidence(phrase.finding(), phrase.telling() != match.negated()),
                            text.substring(from, to),
                            from,
                            to));
                });
            }
        }
        heard.sort(Comparator.comparingInt(Hearing.Heard::from));
        return new Hearing(heard, unheard(text, words, used));
    }

    private static Optional<Match> match(Phrase phrase, List<Words.Word> words, boolean[] used, int start) {
        List<Integer> at = new ArrayList<>();
        boolean negated = negatedBefore(words, used, start);
        int i = start;
        for (Words.Word wanted : phrase.words()) {
            int limit = at.isEmpty() ? start : Math.min(words.size() - 1, i + GAP);
            while (i <= limit && (used[i] || !words.get(i).stem().equals(wanted.stem()))) {
                if (at.isEmpty() || used[i]) {
                    return Optional.empty();
                }
                negated ^= words.get(i).negates();
                i++;
            }
            if (i > limit || words.get(i).clause() != words.get(start).clause()) {
                return Optional.empty();
            }
            at.add(i++);
        }
        return Optional.of(new Match(phrase, at, negated));
    }

    private static boolean negatedBefore(List<Words.Word> words, boolean[] used, int start) {
        for (int i = start - 1; i >= Math.max(0, start - GAP); i--) {
            if (words.get(i).clause() != words.get(start).clause() || used[i]) {
                return false;
            }
            if (words.get(i).negates()) {
                return true;
            }
        }
        return false;
    }

    private static List<Hearing.Unheard> unheard(String text, List<Words.Word> words, boolean[] used) {
        List<Hearing.Unheard> unheard = new ArrayList<>();
        int i = 0;
        while (i < words.size()) {
            if (used[i] || words.get(i).isLight()) {
                i++;
                continue;
            }
            int first = i;
            int last = i;
            while (i < words.size()
                    && !used[i]
                    && words.get(i).clause() == words.get(first).clause()) {
                last = words.get(i).isLight() ? last : i;
                i++;
            }
            int from = words.get(first).from();
            int to = words.get(last).to();
            unheard.add(new Hearing.Unheard(text.substring(from, to), from, to));
        }
        return unheard;
    }
}
