package synopta.core.reading;

import java.util.List;
import java.util.regex.Pattern;
import synopta.core.quantity.Slugged;

/** The state a part is in while it is measured, with the words by which people say it. */
public enum PartState implements Slugged {
    COLD("cold|cool(?:ed)?|room temperature"),
    HOT("hot|warm(?:ed)?"),
    /** A switch held as the closed door, the belt or a cam holds it. */
    PRESSED("pressed|pushed|held in|actuated|door (?:is )?(?:shut|closed)|when closed"),
    RELEASED("released|let go|not pressed|unpressed|door (?:is )?open"),
    GLOWING("glow(?:s|ing)?|pulls|draws"),
    IN_FLAME("in (?:the )?flame|flame on|lit"),
    WET("wet|damp|bridged"),
    DRY("dry"),
    TURNED_UP("turned (?:up|on)"),
    POWERED("powered|live|with power|power on|under load");

    private final Pattern words;

    PartState(String words) {
        this.words = Pattern.compile("\\b(?:" + words + ")\\b", Pattern.CASE_INSENSITIVE);
    }

    /** Whether some words say it. */
    public boolean isSaidIn(String text) {
        return words.matcher(text).find();
    }

    /** The states that some words say; the more exact one where its words hold another's. */
    public static List<PartState> saidIn(String text) {
        boolean released = RELEASED.isSaidIn(text);
        return List.of(values()).stream()
                .filter(state -> state.isSaidIn(text) && !(state == PRESSED && released))
                .toList();
    }
}
