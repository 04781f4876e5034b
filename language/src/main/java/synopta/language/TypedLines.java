package synopta.language;

import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import synopta.core.knowledge.Pack;
import synopta.core.knowledge.Saying;

/**
 * Lines as a specialist types them, a phrase of the pack alone or two with a comma between: labelled sentences are as
 * callers speak, and the model must know both.
 */
final class TypedLines {
    /** One phrase in so many makes a line, so that these do not outnumber what callers say. */
    private static final int ONE_IN = 12;

    private TypedLines() {}

    /** Lines of a pack's phrases; the same for the same pack. */
    static List<LabelledSentence> of(Pack pack) {
        Map<String, Set<String>> meanings = new TreeMap<>();
        Saying.of(pack).stream()
                .filter(s -> s.meaning().contains("="))
                .forEach(s ->
                        meanings.computeIfAbsent(s.text(), t -> new TreeSet<>()).add(s.meaning()));
        List<String> phrases = new ArrayList<>(meanings.keySet());
        Collections.shuffle(phrases, new Random(phrases.size()));
        List<LabelledSentence> lines = new ArrayList<>();
        for (int i = 0; i + 1 < phrases.size(); i += ONE_IN) {
            String one = phrases.get(i);
            String other = phrases.get(i + 1);
            Set<String> both = new LinkedHashSet<>(meanings.get(one));
            both.addAll(meanings.get(other));
            lines.add(line(pack, i, one, meanings.get(one)));
            lines.add(line(pack, i + 1, one + ", " + other, both));
        }
        return lines;
    }

    private static LabelledSentence line(Pack pack, int number, String text, Set<String> signs) {
        String id = "%s-typed-%d".formatted(pack.appliance().slug(), number);
        return new LabelledSentence(id, pack.appliance(), text, signs, Set.of(), Set.of());
    }
}
