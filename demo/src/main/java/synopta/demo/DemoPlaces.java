package synopta.demo;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.function.Consumer;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import synopta.core.catalog.Appliance;
import synopta.core.catalog.Fuel;

/** What belongs in which construction, in machines of which kinds, and about what it costs. */
final class DemoPlaces {
    /** Added to the share of every kind, so that the demo has a machine of each. */
    private static final double LEAST_SHARE = 0.1;

    private static final Map<String, List<Place>> PLACES = new HashMap<>();
    private static final Map<String, Map<String, Map<String, Double>>> KINDS = new HashMap<>();

    /**
     * A place of a construction.
     *
     * @param fuels in which machines it is
     * @param fork the finding of construction it depends on; empty where all machines have it
     * @param kinds answers to it of the machines that have the place
     * @param cents price of one piece
     */
    record Place(
            String slot, String partType, int quantity, Set<Fuel> fuels, String fork, Set<String> kinds, int cents) {
        /** A small part that all machines of a construction have. */
        Place(String slot, String partType, int quantity, int cents) {
            this(slot, partType, quantity, Set.of(Fuel.values()), "", Set.of(), cents);
        }

        boolean isIn(@Nullable Fuel fuel, Map<String, String> machine) {
            return (fuel == null || fuels.contains(fuel)) && (fork.isEmpty() || kinds.contains(machine.get(fork)));
        }
    }

    static {
        Map<String, Integer> cents = new HashMap<>();
        read("prices.csv", row -> cents.put(row[0] + " " + row[1], Integer.parseInt(row[2])));
        read(
                "places.csv",
                row -> PLACES.computeIfAbsent(row[0] + " " + row[1], k -> new ArrayList<>())
                        .add(new Place(
                                row[2],
                                row[3],
                                Integer.parseInt(row[4]),
                                row[5].isEmpty()
                                        ? Set.of(Fuel.values())
                                        : Stream.of(row[5].split(";"))
                                                .map(Fuel::of)
                                                .collect(Collectors.toSet()),
                                row[6],
                                Set.of(row[7].split(";")),
                                cents.get(row[0] + " " + row[3]))));
        read(
                "kinds.csv",
                row -> KINDS.computeIfAbsent(row[0] + " " + row[1], k -> new LinkedHashMap<>())
                        .computeIfAbsent(row[2], f -> new LinkedHashMap<>())
                        .put(row[3], Double.parseDouble(row[4])));
    }

    private DemoPlaces() {}

    private static void read(String file, Consumer<String[]> row) {
        try (BufferedReader in = new BufferedReader(new InputStreamReader(
                DemoPlaces.class.getResourceAsStream("/synopta/demo/" + file), StandardCharsets.UTF_8))) {
            in.lines().skip(1).map(line -> line.split(",", -1)).forEach(row);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** Those of a construction in machines that burn one of these fuels; of all machines where none is named. */
    static List<Place> of(Appliance appliance, String layout, List<Fuel> fuels) {
        return PLACES.get(appliance.slug() + " " + layout).stream()
                .filter(place -> fuels.isEmpty() || fuels.stream().anyMatch(place.fuels::contains))
                .toList();
    }

    /** The kind met most of each fork of a construction. */
    static Map<String, String> usualKinds(Appliance appliance, String layout) {
        Map<String, String> kinds = new HashMap<>();
        forks(appliance, layout)
                .forEach((fork, shares) -> kinds.put(
                        fork,
                        shares.entrySet().stream()
                                .reduce((most, next) -> next.getValue() > most.getValue() ? next : most)
                                .orElseThrow()
                                .getKey()));
        return kinds;
    }

    /**
     * A kind of each fork: the first models of a platform have each in turn, the others by chance, seldom ones oftener
     * than they are met.
     *
     * @param made how many models the platform has already
     */
    static Map<String, String> anyKinds(Appliance appliance, String layout, int made, Random random) {
        Map<String, String> kinds = new HashMap<>();
        forks(appliance, layout).forEach((fork, shares) -> {
            double drawn = random.nextDouble() * (1 + LEAST_SHARE * shares.size());
            if (made < shares.size()) {
                kinds.put(fork, List.copyOf(shares.keySet()).get(made));
                return;
            }
            for (Map.Entry<String, Double> kind : shares.entrySet()) {
                drawn -= kind.getValue() + LEAST_SHARE;
                if (drawn <= 0) {
                    kinds.put(fork, kind.getKey());
                    return;
                }
            }
        });
        return kinds;
    }

    private static Map<String, Map<String, Double>> forks(Appliance appliance, String layout) {
        return KINDS.getOrDefault(appliance.slug() + " " + layout, Map.of());
    }
}
