package synopta.core.tag;

/**
 * How model numbers of this trade are spelt: the chance of each character after the one before it, learnt from the
 * catalogue with one added to every count (Laplace). It says how likely a reading is when its machine is in no
 * catalogue row. Cost O(1) a character; costs are in nats.
 */
final class Naming {
    private final double[][] nats = new double[Signs.COUNT + 1][Signs.COUNT];

    Naming(TagIndex index) {
        double[][] counts = new double[Signs.COUNT + 1][Signs.COUNT];
        for (int model = 0; model < index.size(); model++) {
            int before = Signs.COUNT;
            for (int place = 0; place < index.length(model); place++) {
                int sign = Signs.of(index.character(model, place));
                counts[before][sign]++;
                before = sign;
            }
        }
        for (int before = 0; before <= Signs.COUNT; before++) {
            double total = Signs.COUNT;
            for (double count : counts[before]) {
                total += count;
            }
            for (int sign = 0; sign < Signs.COUNT; sign++) {
                nats[before][sign] = -Math.log((counts[before][sign] + 1) / total);
            }
        }
    }

    /** The chance of a sign after another; {@link Signs#COUNT} stands for the beginning. */
    double chance(int before, int sign) {
        return Math.exp(-nats[before][sign]);
    }

    double cost(String normalized) {
        double cost = 0;
        int before = Signs.COUNT;
        for (char c : normalized.toCharArray()) {
            cost += nats[before][Signs.of(c)];
            before = Signs.of(c);
        }
        return cost;
    }
}
