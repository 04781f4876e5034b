package synopta.core.knowledge;

import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.function.BiConsumer;

/** Finds what does not hold together in what tells machines and parts of a pack apart. */
final class IdentificationCheck {
    private final Pack pack;
    private final BiConsumer<String, String> say;

    /** Tells each fault with its path within the pack. */
    IdentificationCheck(Pack pack, BiConsumer<String, String> say) {
        this.pack = pack;
        this.say = say;
    }

    void check() {
        List<Identification.Aspect> aspects = pack.identification().aspects();
        for (int i = 0; i < aspects.size(); i++) {
            aspect("aspects[%d]".formatted(i), aspects.get(i));
        }
        List<Identification.PartMeasures> measures = pack.identification().measures();
        for (int i = 0; i < measures.size(); i++) {
            String type = measures.get(i).partType();
            if (pack.partType(type).isEmpty()) {
                say.accept("measures[%d].partType".formatted(i), "there is no part type %s.".formatted(type));
            }
        }
    }

    private void aspect(String path, Identification.Aspect aspect) {
        if (aspect.answers().size() < 2) {
            say.accept(path + ".answers", "an aspect needs two answers or more to tell layouts apart.");
        }
        Set<String> met = new HashSet<>();
        for (int i = 0; i < aspect.answers().size(); i++) {
            String at = "%s.answers[%d].layouts".formatted(path, i);
            for (String layout : aspect.answers().get(i).layouts()) {
                if (pack.layout(layout).isEmpty()) {
                    say.accept(at, "there is no layout %s.".formatted(layout));
                } else if (!met.add(layout)) {
                    say.accept(at, "layout %s is under another answer already.".formatted(layout));
                }
            }
        }
    }
}
