package synopta.core.counter;

import java.util.Optional;

/**
 * Who a case is for; both may be left out. It is kept beside the revisions of a case, so that it can be erased from all of
 * them at once.
 */
public record Customer(Optional<String> name, Optional<String> phone) {
    /** Nobody that is known. */
    public static final Customer NONE = new Customer(Optional.empty(), Optional.empty());

    private static final int LONGEST = 120;

    /** Refuses more than a name or a number. */
    public Customer {
        limited("The customer's name", name);
        limited("The telephone number", phone);
    }

    private static void limited(String what, Optional<String> words) {
        if (words.map(String::length).orElse(0) > LONGEST) {
            throw new IllegalArgumentException("%s has %d characters; at most %d are kept. Shorten it."
                    .formatted(what, words.get().length(), LONGEST));
        }
    }

    /** Whether nothing is known of them. */
    public boolean isNobody() {
        return name.isEmpty() && phone.isEmpty();
    }
}
