package synopta.core.tag;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * The cheapest way in which a model's number can have become a reading: weighted edit distance with substitution,
 * insertion, deletion, transposition of neighbors that is not edited again (optimal string alignment; Wagner and
 * Fischer 1974, Damerau 1964, Boytsov 2011) and a worn end of up to {@value EditCosts#WORN_AT_MOST} characters.
 *
 * <p>Shapes: n observed characters, m of the model. Cost O(n m) time and memory; costs are in nats.
 */
final class Alignment {
    private final EditCosts weights;
    private final ConfusionTable.Costs costs;
    private final List<ObservedCharacter> read;
    private final String model;
    private final double[][] best;
    private final int reached;

    Alignment(EditCosts weights, List<ObservedCharacter> read, String model) {
        this.weights = weights;
        costs = weights.costs();
        this.read = read;
        this.model = model;
        best = new double[read.size() + 1][model.length() + 1];
        for (int i = 0; i <= read.size(); i++) {
            for (int j = 0; j <= model.length(); j++) {
                best[i][j] = i == 0 && j == 0
                        ? 0
                        : Math.min(Math.min(kept(i, j), dropped(i, j)), Math.min(extra(i, j), swapped(i, j)));
            }
        }
        int end = model.length();
        for (int j = end - 1; j >= Math.max(0, model.length() - EditCosts.WORN_AT_MOST); j--) {
            if (best[read.size()][j] + worn(j) < best[read.size()][end] + worn(end)) {
                end = j;
            }
        }
        reached = end;
    }

    /** Cost of the whole reading, nats. */
    double cost() {
        return best[read.size()][reached] + worn(reached);
    }

    /** How many characters of the model are taken to be worn off. */
    int worn() {
        return model.length() - reached;
    }

    private double worn(int from) {
        int lost = model.length() - from;
        return lost == 0 ? 0 : costs.wornEnd() + lost * costs.wornCharacter();
    }

    private double kept(int i, int j) {
        if (i == 0 || j == 0) {
            return Double.POSITIVE_INFINITY;
        }
        ObservedCharacter seen = read.get(i - 1);
        char shown = model.charAt(j - 1);
        double cost = weights.substitution(seen.character(), shown);
        return best[i - 1][j - 1] + (seen.readAgain() && cost > 0 ? costs.readAgain() + cost : cost);
    }

    private double dropped(int i, int j) {
        if (j == 0) {
            return Double.POSITIVE_INFINITY;
        }
        boolean twin = j > 1 && model.charAt(j - 1) == model.charAt(j - 2);
        return best[i][j - 1] + (twin ? costs.doubled() : costs.dropped());
    }

    private double extra(int i, int j) {
        if (i == 0) {
            return Double.POSITIVE_INFINITY;
        }
        ObservedCharacter seen = read.get(i - 1);
        boolean twin = i > 1 && seen.character() == read.get(i - 2).character();
        double cost = twin ? costs.doubled() : costs.extra();
        return best[i - 1][j] + (seen.readAgain() ? costs.readAgain() + cost : cost);
    }

    private double swapped(int i, int j) {
        boolean crossed = i > 1
                && j > 1
                && read.get(i - 1).character() == model.charAt(j - 2)
                && read.get(i - 2).character() == model.charAt(j - 1)
                && model.charAt(j - 1) != model.charAt(j - 2)
                && !read.get(i - 1).readAgain()
                && !read.get(i - 2).readAgain();
        return crossed ? best[i - 2][j - 2] + costs.swapped() : Double.POSITIVE_INFINITY;
    }

    /**
     * What the model has at every observed character, in order of the reading: empty where the reading has one too many,
     * and a difference of its own for every character the reading lacks (a worn end included).
     */
    List<Difference> places() {
        List<Difference> places = new ArrayList<>();
        int after = read.isEmpty() ? 1 : read.get(read.size() - 1).position() + 1;
        for (int j = model.length(); j > reached; j--) {
            places.add(0, new Difference(after, null, model.charAt(j - 1)));
        }
        int i = read.size();
        int j = reached;
        while (i > 0 || j > 0) {
            double here = best[i][j];
            if (here == swapped(i, j)) {
                places.add(0, place(i, model.charAt(j - 1)));
                places.add(0, place(i - 1, model.charAt(j - 2)));
                i -= 2;
                j -= 2;
            } else if (here == kept(i, j)) {
                places.add(0, place(i, model.charAt(j - 1)));
                i--;
                j--;
            } else if (here == extra(i, j)) {
                places.add(0, place(i, null));
                i--;
            } else {
                int before = i < read.size() ? read.get(i).position() : after;
                places.add(0, new Difference(before, null, model.charAt(j - 1)));
                j--;
            }
        }
        return places;
    }

    private Difference place(int i, @Nullable Character shown) {
        ObservedCharacter seen = read.get(i - 1);
        return new Difference(seen.position(), seen.character(), shown);
    }
}
