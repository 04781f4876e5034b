package synopta.core.quantity;

import org.apache.commons.text.similarity.LevenshteinDistance;

/** How far a word that somebody wrote is from the one that is meant. */
public final class Slips {
    private Slips() {}

    /** How many letters are too many, missing or other (Levenshtein 1966); two neighbors that are swapped are one slip. */
    public static int between(String a, String b) {
        if (a.length() == b.length()) {
            for (int i = 0; i + 1 < a.length(); i++) {
                String swapped = a.substring(0, i) + a.charAt(i + 1) + a.charAt(i) + a.substring(i + 2);
                if (swapped.equals(b)) {
                    return 1;
                }
            }
        }
        return LevenshteinDistance.getDefaultInstance().apply(a, b);
    }
}
