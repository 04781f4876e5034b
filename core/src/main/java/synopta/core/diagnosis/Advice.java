package synopta.core.diagnosis;

import java.util.Locale;

/** What to do now, and why, in a sentence. */
public record Advice(Action action, String why) {
    /** The four ways to go on. */
    public enum Action {
        SELL,
        ASK,
        TEST_FIRST,
        REFER;

        /** The word of the API. */
        public String slug() {
            return name().toLowerCase(Locale.ROOT).replace('_', '-');
        }
    }
}
