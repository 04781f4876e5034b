package synopta.core.diagnosis;

import java.util.List;

/** What was heard in a complaint, in its order, and the words that meant nothing to us. */
public record Hearing(List<Heard> heard, List<Unheard> unheard) {
    /** Copies. */
    public Hearing {
        heard = List.copyOf(heard);
        unheard = List.copyOf(unheard);
    }

    /** How many characters of the complaint were understood: tells which appliance is meant when nobody said. */
    public int understood() {
        return heard.stream().mapToInt(h -> h.phrase().length()).sum();
    }

    /**
     * A finding heard unasked.
     *
     * @param phrase the caller's words
     * @param from first character of the phrase in the complaint
     * @param to after its last
     */
    public record Heard(Evidence evidence, String phrase, int from, int to) {}

    /** Words that were not understood, with their place in the complaint. */
    public record Unheard(String phrase, int from, int to) {}
}
