package synopta.core.tag;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import synopta.core.catalog.Fuel;
import synopta.core.quantity.Probability;

/**
 * How likely a reading is when its machine is in no catalog row, and on which platform it is then: for each brand's
 * models on a platform P(group) times the chance that the next one is numbered so, and for all else the chance of
 * {@link NamingModel}. P(group) is its share of the models. A character's chance backs off from those at its place in the
 * group's numbers, seen through the reader's confusions, to those after the one before it in the group's numbers, to
 * those after it in all numbers; each step gives up n / (n + d) of the chance, n characters seen there, d of them
 * different (Witten and Bell 1991, method C). That the platform is one the catalog does not know has the share
 * {@value #ELSEWHERE}, and its numbers are spelt like all others or, as likely, anyhow; both our judgment.
 *
 * <p>Shapes: G groups, n characters. Memory 4 kB a group, cost O(G n) a reading, less for groups that are soon too dear.
 */
final class PlatformNamingModel {
    static final double ELSEWHERE = 0.15;

    /** Confusions rarer than this are not looked through. */
    private static final double SEEN_THROUGH = 1e-3;

    /** Less likely platforms are not named. */
    private static final double LEAST = 0.005;

    private static final int PLACES = 16;
    private static final double[] CERTAIN = {1};
    private static final CharacterCounts.Context NOWHERE = CharacterCounts.Context.NOWHERE;

    private final TagIndex index;
    private final NamingModel naming;
    private final EditCosts weights;
    private final int[] sizes;
    private final int[] firsts;
    private final int[][] fuels;
    private final double[] shares;
    private final CharacterCounts places;
    private final CharacterCounts pairs;

    private void count(int model) {
        int group = index.group(model);
        int before = Alphabet.COUNT;
        for (int place = 0; place < index.length(model); place++) {
            int sign = Alphabet.of(index.character(model, place));
            if (place < PLACES) {
                places.count(group, place, sign);
            }
            if (place > 0) {
                pairs.count(group, before, sign);
            }
            before = sign;
        }
    }

    PlatformNamingModel(TagIndex index, NamingModel naming, EditCosts weights) {
        this.index = index;
        this.naming = naming;
        this.weights = weights;
        int groups = index.groups().size();
        places = new CharacterCounts(PLACES, groups);
        pairs = new CharacterCounts(Alphabet.COUNT, groups);
        sizes = new int[groups];
        firsts = new int[groups];
        fuels = new int[groups][Fuel.values().length];
        for (int model = index.size() - 1; model >= 0; model--) {
            int group = index.group(model);
            sizes[group]++;
            firsts[group] = model;
            index.fuel(model).ifPresent(fuel -> fuels[group][fuel.ordinal()]++);
            count(model);
        }
        places.counted();
        pairs.counted();
        shares = new double[groups];
        for (int group = 0; group < groups; group++) {
            shares[group] = (1 - ELSEWHERE) * sizes[group] / index.size();
        }
    }

    /** The cost of being unlisted, nats, and the likeliest platforms then. */
    record Unlisted(double cost, List<PlatformGuess> platforms) {}

    /** Weighs a reading; what costs more than the limit counts for nothing. */
    Unlisted weigh(String reading, TagQuery query, double limit, int mostGuesses) {
        double base = weights.costs().unlisted();
        double elsewhere = Math.exp(-base - elsewhere(reading));
        double[] odds = odds(new Seen(reading), base, query, Math.exp(-limit));
        double sum = elsewhere;
        for (double of : odds) {
            sum += of;
        }
        List<PlatformGuess> guesses = new ArrayList<>();
        for (int g = 0; g < odds.length; g++) {
            TagIndex.Group group = index.groups().get(g);
            if (odds[g] / sum >= LEAST) {
                guesses.add(new PlatformGuess(group.platform(), group.brand(), Probability.rounded(odds[g] / sum)));
            }
        }
        guesses.sort(PlatformGuess.LIKELIEST_FIRST);
        return new Unlisted(-Math.log(sum), List.copyOf(guesses.subList(0, Math.min(mostGuesses, guesses.size()))));
    }

    /** The weight of each group, character by character over all groups that are not yet too dear. */
    private double[] odds(Seen seen, double base, TagQuery query, double least) {
        double[] odds = new double[sizes.length];
        int[] alive = new int[sizes.length];
        int left = 0;
        double start = Math.exp(-base);
        boolean narrowed = query.isNarrowed();
        for (int g = 0; g < sizes.length; g++) {
            odds[g] = start * shares[g] * (narrowed ? Math.exp(-disagreeing(g, query)) : 1);
            alive[left++] = g;
        }
        double[] rest = mostAfter(seen);
        for (int i = 0; i < seen.typed.length; i++) {
            double otherwise = naming.chance(i == 0 ? Alphabet.COUNT : seen.typed[i - 1], seen.typed[i]);
            CharacterCounts.Context pair = i == 0 ? NOWHERE : pairs.in(seen.typed[i - 1], seen.itself[i], CERTAIN);
            CharacterCounts.Context place = i < PLACES ? places.in(i, seen.signs[i], seen.chances[i]) : NOWHERE;
            int kept = 0;
            for (int a = 0; a < left; a++) {
                int g = alive[a];
                odds[g] *= place.chance(g, pair.chance(g, otherwise));
                if (odds[g] * rest[i] >= least) {
                    alive[kept++] = g;
                } else {
                    odds[g] = 0;
                }
            }
            left = kept;
        }
        return odds;
    }

    /** The cost of such a number on a platform that the catalog does not know, nats. */
    double elsewhere(String reading) {
        double alike = Math.exp(-naming.cost(reading));
        double anyhow = Math.pow(Alphabet.COUNT, -reading.length());
        return -Math.log(ELSEWHERE * (alike + anyhow) / 2);
    }

    /** A reading with the signs that each of its characters may stand for. */
    private final class Seen {
        private final int[] typed;
        private final int[][] signs;
        private final int[][] itself;
        private final double[][] chances;

        Seen(String reading) {
            typed = reading.chars().map(c -> Alphabet.of((char) c)).toArray();
            signs = new int[typed.length][];
            itself = new int[typed.length][];
            chances = new double[typed.length][];
            for (int i = 0; i < typed.length; i++) {
                itself[i] = new int[] {typed[i]};
                double[] costs = weights.shown(reading.charAt(i));
                signs[i] = IntStream.range(0, Alphabet.COUNT)
                        .filter(sign -> Math.exp(-costs[sign]) >= SEEN_THROUGH)
                        .toArray();
                chances[i] = IntStream.of(signs[i])
                        .mapToDouble(sign -> Math.exp(-costs[sign]))
                        .toArray();
            }
        }
    }

    /** No group's remaining characters have a greater chance than this, after each character. */
    private double[] mostAfter(Seen seen) {
        double[] rest = new double[seen.typed.length];
        double most = 1;
        for (int i = seen.typed.length - 1; i >= 0; i--) {
            rest[i] = most;
            double chance = naming.chance(i == 0 ? Alphabet.COUNT : seen.typed[i - 1], seen.typed[i]);
            if (i > 0) {
                chance = pairs.most(seen.typed[i - 1], seen.itself[i], CERTAIN, chance);
            }
            most *= i < PLACES ? places.most(i, seen.signs[i], seen.chances[i], chance) : chance;
        }
        return rest;
    }

    private double disagreeing(int group, TagQuery query) {
        double cost = 0;
        double disagrees = weights.costs().disagrees();
        if (query.brand() != null && !query.brand().strip().equalsIgnoreCase(index.brand(firsts[group]))) {
            cost += disagrees;
        }
        if (query.appliance() != null && query.appliance() != index.appliance(firsts[group])) {
            cost += disagrees;
        }
        int fuelled = IntStream.of(fuels[group]).sum();
        if (!query.fuels().isEmpty() && fuelled > 0) {
            double agreeing = query.fuels().stream()
                    .mapToInt(f -> fuels[group][f.ordinal()])
                    .sum();
            cost -= Math.log((agreeing + (fuelled - agreeing) * Math.exp(-disagrees)) / fuelled);
        }
        return cost;
    }
}
