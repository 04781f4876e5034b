package synopta.language;

import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.regex.Pattern;
import synopta.core.diagnosis.ParsedComplaint;

/** Phrases of the pack that are typed one after another without a comma: "dryer thumps no heat". */
final class TypedPhrases {
    /** What may stand beside them; any other word makes it a sentence, in which they may mean something else. */
    private static final Pattern BESIDE = Pattern.compile(
            "(?:\\W|\\b(?:my|the|an?|it|its|is|has|gas|electric|oven|" + ClauseEncoder.MACHINES + ")\\b)*",
            Pattern.CASE_INSENSITIVE);

    private TypedPhrases() {}

    /** The characters at which phrases begin that follow at once on one of another finding. */
    static Set<Integer> begun(String text, ParsedComplaint byWords) {
        List<ParsedComplaint.Heard> phrases = byWords.heard().stream()
                .sorted(Comparator.comparingInt(ParsedComplaint.Heard::from))
                .toList();
        Set<Integer> begun = new HashSet<>();
        for (Clauses.Span clause : Clauses.parts(text)) {
            List<ParsedComplaint.Heard> within = phrases.stream()
                    .filter(p -> clause.from() <= p.from() && p.to() <= clause.to())
                    .toList();
            if (isTyped(text, clause, within)) {
                for (int i = 1; i < within.size(); i++) {
                    if (isAnother(within.get(i - 1), within.get(i))) {
                        begun.add(within.get(i).from());
                    }
                }
            }
        }
        return begun;
    }

    private static boolean isAnother(ParsedComplaint.Heard before, ParsedComplaint.Heard next) {
        return before.to() <= next.from()
                && !before.evidence().finding().equals(next.evidence().finding());
    }

    /** Whether a clause is hardly more than these phrases. */
    private static boolean isTyped(String text, Clauses.Span clause, List<ParsedComplaint.Heard> within) {
        StringBuilder beside = new StringBuilder();
        int at = clause.from();
        for (ParsedComplaint.Heard phrase : within) {
            beside.append(text, at, Math.max(at, phrase.from())).append(' ');
            at = Math.max(at, phrase.to());
        }
        return BESIDE.matcher(beside.append(text, at, clause.to())).matches();
    }
}
