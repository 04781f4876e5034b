package synopta.core.tag;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import synopta.core.catalog.Appliance;
import synopta.core.catalog.Fuel;
import synopta.core.quantity.Probability;

/**
 * How often each platform is met, by the popularity of its models: what is known of a machine of which no model number is.
 *
 * <p>Shapes: M models, G groups of a brand and a platform. Made once in O(M); O(G) a question.
 */
final class PlatformShares {
    private final List<TagIndex.Group> groups;
    private final Appliance[] appliances;
    private final double[][] popularity;

    PlatformShares(TagIndex index) {
        groups = index.groups();
        appliances = new Appliance[groups.size()];
        popularity = new double[groups.size()][Fuel.values().length + 1];
        for (int model = 0; model < index.size(); model++) {
            int group = index.group(model);
            appliances[group] = index.appliance(model);
            int fuel = index.fuel(model).map(Fuel::ordinal).orElse(Fuel.values().length);
            popularity[group][fuel] += Math.exp(-index.prior(model));
        }
    }

    /** The likeliest platforms of an appliance, of a brand and of some fuels where they are known. */
    List<PlatformGuess> met(Appliance appliance, Set<Fuel> fuels, @Nullable String brand, int most) {
        double[] shares = new double[groups.size()];
        double sum = 0;
        for (int group = 0; group < shares.length; group++) {
            boolean isMeant = appliances[group] == appliance
                    && (brand == null
                            || brand.strip().equalsIgnoreCase(groups.get(group).brand()));
            shares[group] = isMeant ? share(group, fuels) : 0;
            sum += shares[group];
        }
        List<PlatformGuess> guesses = new ArrayList<>();
        for (int group = 0; group < shares.length; group++) {
            if (shares[group] > 0) {
                guesses.add(new PlatformGuess(
                        groups.get(group).platform(),
                        groups.get(group).brand(),
                        Probability.rounded(shares[group] / sum)));
            }
        }
        guesses.sort(PlatformGuess.LIKELIEST_FIRST);
        return List.copyOf(guesses.subList(0, Math.min(most, guesses.size())));
    }

    private double share(int group, Set<Fuel> fuels) {
        double share = popularity[group][Fuel.values().length];
        for (Fuel fuel : fuels.isEmpty() ? EnumSet.allOf(Fuel.class) : fuels) {
            share += popularity[group][fuel.ordinal()];
        }
        return share;
    }
}
