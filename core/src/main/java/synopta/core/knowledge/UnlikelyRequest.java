package synopta.core.knowledge;

import synopta.core.quantity.Slugged;

/** What a house does with a part that is asked for by name and that the symptoms speak against. */
public enum UnlikelyRequest implements Slugged {
    /** Into the bag, and nothing is said. */
    SOLD,
    /** Into the bag, and what the symptoms say stands on its line. */
    NOTED,
    /** Not into the bag until the specialist puts it in. */
    ASKED_FIRST;

    /** The choice of a slug. */
    public static UnlikelyRequest of(String slug) {
        return Slugged.of(UnlikelyRequest.class, "Practice", slug);
    }
}
