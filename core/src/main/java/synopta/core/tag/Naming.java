package synopta.core.tag;

import java.util.Collection;

/**
 * How model numbers of this trade are spelt: the chance of each character after the one before it, learnt from the
 * catalogue with one added to every count (Laplace). It says how likely a reading is when its machine is in no
 * catalogue row. Cost O(1) a character; costs are in nats.
 */
final class Naming {
    /** The digits and the capital letters. */
    static final int SIGNS = 36;

    private final double[][] nats = new double[SIGNS + 1][SIGNS];

    Naming(Collection<String> keys) {
        double[][] counts = new double[SIGNS + 1][SIGNS];
        for (String key : keys) {
            int before = SIGNS;
            for (char c : key.toCharArray()) {
                counts[before][sign(c)]++;
                before = sign(c);
            }
        }
        for (int before = 0; before <= SIGNS; before++) {
            double total = SIGNS;
            for (double count : counts[before]) {
                total += count;
            }
            for (int sign = 0; sign < SIGNS; sign++) {
                nats[before][sign] = -Math.log((counts[before][sign] + 1) / total);
            }
        }
    }

    static char character(int sign) {
        return (char) (sign < 10 ? '0' + sign : 'A' + sign - 10);
    }

    double cost(String normalized) {
        double cost = 0;
        int before = SIGNS;
        for (char c : normalized.toCharArray()) {
            cost += nats[before][sign(c)];
            before = sign(c);
        }
        return cost;
    }

    /** The place of a digit or capital letter among the signs. */
    static int sign(char c) {
        return c <= '9' ? c - '0' : c - 'A' + 10;
    }
}
