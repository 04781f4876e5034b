package synopta.core.tag;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.ToDoubleFunction;
import org.jspecify.annotations.Nullable;
import synopta.core.catalog.Appliance;
import synopta.core.catalog.Fuel;
import synopta.core.catalog.Model;

/**
 * The numbers of all models as a tree of their characters (a trie; Fredkin 1960), with what a search has to know of
 * everything below a node: the least prior cost, the share of popularity, the shortest and the longest number. A branch
 * with one number left is not spelt out, it refers to the number.
 *
 * <p>Shapes: M models of c characters on average. Memory about M (c + 50) bytes in flat arrays, no object a model;
 * building costs O(M c log M). Node 0 is the root; the children of a node lie side by side, by character.
 */
final class TagIndex {
    private static final int NO_CHILD = -1;

    private final byte[] text;
    private final int[] start;
    private final float[] popularity;
    private final int[] group;
    private final byte[] kind;
    private final List<Group> groups;
    private final double totalPopularity;

    private int nodes;
    private byte[] label = new byte[1024];
    private int[] firstChild = new int[1024];
    private byte[] children = new byte[1024];
    private int[] firstKey = new int[1024];
    private float[] leastPrior = new float[1024];
    private float[] share = new float[1024];
    private byte[] shortest = new byte[1024];
    private byte[] longest = new byte[1024];

    /** The models of one brand on one platform. */
    record Group(String platform, String brand) {}

    /** What is kept of a model while the tree is built. */
    private record Row(String key, float popularity, int group, byte kind) {}

    private TagIndex(List<Row> rows, List<Group> groups) {
        this.groups = groups;
        int size = rows.size();
        start = new int[size + 1];
        popularity = new float[size];
        group = new int[size];
        kind = new byte[size];
        text = new byte[rows.stream().mapToInt(r -> r.key.length()).sum()];
        double total = 0;
        for (int i = 0; i < size; i++) {
            Row row = rows.get(i);
            start[i + 1] = start[i] + row.key.length();
            for (int place = 0; place < row.key.length(); place++) {
                text[start[i] + place] = (byte) row.key.charAt(place);
            }
            popularity[i] = row.popularity;
            group[i] = row.group;
            kind[i] = row.kind;
            total += row.popularity;
        }
        totalPopularity = total;
        grow(size);
    }

    /** Indexes every model that the source hands over, with its popularity. */
    static TagIndex of(Consumer<Consumer<Model>> source, ToDoubleFunction<Model> popularity) {
        List<Row> rows = new ArrayList<>();
        Map<Group, Integer> groups = new LinkedHashMap<>();
        source.accept(model -> {
            Group group = new Group(model.platform(), model.brand());
            int number = groups.computeIfAbsent(group, g -> groups.size());
            rows.add(new Row(
                    model.number().key(),
                    (float) popularity.applyAsDouble(model),
                    number,
                    kind(model.appliance(), model.fuel())));
        });
        rows.sort((a, b) -> a.key.compareTo(b.key));
        return new TagIndex(rows, List.copyOf(groups.keySet()));
    }

    private static byte kind(Appliance appliance, @Nullable Fuel fuel) {
        return (byte) (appliance.ordinal() * 4 + (fuel == null ? 0 : fuel.ordinal() + 1));
    }

    int size() {
        return popularity.length;
    }

    /** Minus the logarithm of a model's share of the popularity, nats. */
    double prior(int model) {
        return -Math.log(popularity[model] / totalPopularity);
    }

    List<Group> groups() {
        return groups;
    }

    /** Which of the groups a model is in. */
    int group(int model) {
        return group[model];
    }

    String brand(int model) {
        return groups.get(group[model]).brand();
    }

    Appliance appliance(int model) {
        return Appliance.values()[kind[model] / 4];
    }

    Optional<Fuel> fuel(int model) {
        int fuel = kind[model] % 4;
        return fuel == 0 ? Optional.empty() : Optional.of(Fuel.values()[fuel - 1]);
    }

    String key(int model) {
        StringBuilder key = new StringBuilder(length(model));
        for (int place = 0; place < length(model); place++) {
            key.append(character(model, place));
        }
        return key.toString();
    }

    int length(int model) {
        return start[model + 1] - start[model];
    }

    char character(int model, int place) {
        return (char) text[start[model] + place];
    }

    /** The character that leads to a node. */
    char label(int node) {
        return (char) label[node];
    }

    int firstChild(int node) {
        return firstChild[node];
    }

    int afterLastChild(int node) {
        return firstChild[node] + children[node];
    }

    /** Whether one number alone lies there, so that {@link #firstKey} spells the rest. */
    boolean isLeaf(int node) {
        return firstChild[node] == NO_CHILD;
    }

    /** The first model, by key, below a node. */
    int firstKey(int node) {
        return firstKey[node];
    }

    /** The prior of the most popular model below a node, nats; never more than that. */
    double leastPrior(int node) {
        return leastPrior[node];
    }

    double share(int node) {
        return share[node];
    }

    int shortest(int node) {
        return shortest[node];
    }

    int longest(int node) {
        return longest[node];
    }

    /** The first key after this one, and before another, that differs in the character at this depth. */
    private int next(int key, int to, int deep) {
        char c = character(key, deep);
        int next = key + 1;
        while (next < to && character(next, deep) == c) {
            next++;
        }
        return next;
    }

    /** Makes the nodes level by level, so that the children of each lie side by side. */
    private void grow(int size) {
        int[] after = {size};
        int[] depth = {0};
        node(0, 0, size, 0);
        for (int node = 0; node < nodes; node++) {
            int from = firstKey[node];
            int to = after[node];
            int deep = depth[node];
            if (to - from < 2) {
                firstChild[node] = NO_CHILD;
                continue;
            }
            int key = length(from) == deep ? from + 1 : from;
            firstChild[node] = nodes;
            while (key < to) {
                int next = next(key, to, deep);
                if (nodes == after.length) {
                    after = Arrays.copyOf(after, nodes * 2);
                    depth = Arrays.copyOf(depth, nodes * 2);
                }
                after[nodes] = next;
                depth[nodes] = deep + 1;
                node(character(key, deep), key, next, deep + 1);
                children[node]++;
                key = next;
            }
        }
        resize(nodes);
    }

    private void node(int character, int from, int to, int depth) {
        if (nodes == label.length) {
            resize(nodes + nodes / 2);
        }
        int least = Byte.MAX_VALUE;
        int most = 0;
        float best = 0;
        double sum = 0;
        for (int key = from; key < to; key++) {
            least = Math.min(least, length(key));
            most = Math.max(most, length(key));
            best = Math.max(best, popularity[key]);
            sum += popularity[key];
        }
        label[nodes] = (byte) character;
        firstKey[nodes] = from;
        leastPrior[nodes] = Math.nextDown((float) -Math.log(best / totalPopularity));
        share[nodes] = (float) (sum / totalPopularity);
        shortest[nodes] = (byte) (from == to ? 0 : least);
        longest[nodes] = (byte) most;
        nodes++;
    }

    private void resize(int capacity) {
        label = Arrays.copyOf(label, capacity);
        firstChild = Arrays.copyOf(firstChild, capacity);
        children = Arrays.copyOf(children, capacity);
        firstKey = Arrays.copyOf(firstKey, capacity);
        leastPrior = Arrays.copyOf(leastPrior, capacity);
        share = Arrays.copyOf(share, capacity);
        shortest = Arrays.copyOf(shortest, capacity);
        longest = Arrays.copyOf(longest, capacity);
    }
}
