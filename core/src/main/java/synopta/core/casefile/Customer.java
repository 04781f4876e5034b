package synopta.core.casefile;

import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import synopta.core.quantity.Texts;

/**
 * Who a case is for; both may be left out. It is kept beside the revisions of a case, so that it can be erased from all of
 * them at once.
 *
 * @param name name; null when not named
 * @param phone phone number; null when not given
 */
public record Customer(@Nullable String name, @Nullable String phone) {
    /** Nobody that is known. */
    public static final Customer NONE = new Customer(null, null);

    private static final int LONGEST = 120;
    private static final String TAKEN_OUT = "…";
    /** Where a word begins or ends, so that a short name is not found within another word. */
    private static final String BEFORE = "(?<![\\p{L}\\p{N}])";

    private static final String AFTER = "(?![\\p{L}\\p{N}])";

    /** Refuses more than a name or a number. */
    public Customer {
        Texts.limited("The customer's name", name, LONGEST);
        Texts.limited("The phone number", phone, LONGEST);
    }

    /** A text with the name and the number taken out of it as whole words, however they were written. */
    public String takenOutOf(String text) {
        String left = phone == null ? text : PhoneNumbers.replaced(text, phone, TAKEN_OUT);
        for (String word :
                Stream.concat(Stream.ofNullable(name), Stream.ofNullable(phone)).toList()) {
            left = Pattern.compile(
                            BEFORE + Pattern.quote(word) + AFTER, Pattern.CASE_INSENSITIVE | Pattern.UNICODE_CASE)
                    .matcher(left)
                    .replaceAll(TAKEN_OUT);
        }
        return left;
    }

    /** Whether nothing is known of them. */
    public boolean isNobody() {
        return name == null && phone == null;
    }
}
