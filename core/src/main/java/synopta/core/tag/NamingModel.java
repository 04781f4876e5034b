package synopta.core.tag;

/**
 * How model numbers of this trade are spelt: the chance of each character after the one before it, learned from the
 * catalog with one added to every count (Laplace). It says how likely a reading is when its machine is in no
 * catalog row. Cost O(1) a character; costs are in nats.
 */
final class NamingModel {
    private final double[][] nats = new double[Alphabet.COUNT + 1][Alphabet.COUNT];

    NamingModel(TagIndex index) {
        double[][] counts = new double[Alphabet.COUNT + 1][Alphabet.COUNT];
        for (int model = 0; model < index.size(); model++) {
            int before = Alphabet.COUNT;
            for (int place = 0; place < index.length(model); place++) {
                int sign = Alphabet.of(index.character(model, place));
                counts[before][sign]++;
                before = sign;
            }
        }
        for (int before = 0; before <= Alphabet.COUNT; before++) {
            double total = Alphabet.COUNT;
            for (double count : counts[before]) {
                total += count;
            }
            for (int sign = 0; sign < Alphabet.COUNT; sign++) {
                nats[before][sign] = -Math.log((counts[before][sign] + 1) / total);
            }
        }
    }

    /** The chance of a sign after another; {@link Alphabet#COUNT} stands for the beginning. */
    double chance(int before, int sign) {
        return Math.exp(-nats[before][sign]);
    }

    double cost(String normalized) {
        double cost = 0;
        int before = Alphabet.COUNT;
        for (char c : normalized.toCharArray()) {
            cost += nats[before][Alphabet.of(c)];
            before = Alphabet.of(c);
        }
        return cost;
    }
}
