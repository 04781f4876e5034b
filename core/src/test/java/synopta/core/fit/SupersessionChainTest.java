package synopta.core.fit;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;
import static synopta.core.Samples.part;

import java.util.Collection;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.TreeSet;
import org.jgrapht.Graph;
import org.jgrapht.alg.cycle.CycleDetector;
import org.jgrapht.alg.shortestpath.DijkstraShortestPath;
import org.jgrapht.graph.DefaultWeightedEdge;
import org.jgrapht.graph.EdgeReversedGraph;
import org.jgrapht.graph.SimpleDirectedWeightedGraph;
import org.jgrapht.traverse.BreadthFirstIterator;
import org.testng.annotations.Test;
import synopta.core.Shelf;
import synopta.core.catalog.CycleFinder;
import synopta.core.catalog.Part;
import synopta.core.catalog.PartNumber;
import synopta.core.catalog.Supersession;

/** Graphs of supersessions against JGraphT 1.5.2. */
public class SupersessionChainTest {
    private final Random random = new Random(77);

    private static Graph<String, DefaultWeightedEdge> graph(int parts) {
        Graph<String, DefaultWeightedEdge> graph = new SimpleDirectedWeightedGraph<>(DefaultWeightedEdge.class);
        for (int i = 0; i < parts; i++) {
            graph.addVertex("P" + i);
        }
        return graph;
    }

    private static Set<String> reached(Graph<String, DefaultWeightedEdge> graph, String from) {
        Set<String> reached = new TreeSet<>();
        new BreadthFirstIterator<>(graph, from).forEachRemaining(reached::add);
        reached.remove(from);
        return reached;
    }

    private static Set<String> written(Collection<PartNumber> parts) {
        Set<String> written = new TreeSet<>();
        parts.forEach(p -> written.add(p.written()));
        return written;
    }

    @Test
    public void aLineageHoldsWhatAGraphLibraryReachesAndGoesByTheFewestChanges() {
        for (int round = 0; round < 100; round++) {
            int parts = 5 + random.nextInt(40);
            Graph<String, DefaultWeightedEdge> graph = graph(parts);
            Shelf shelf = new Shelf();
            graph.vertexSet().forEach(p -> shelf.part(p, 100));
            for (int i = 0; i < 2 * parts; i++) {
                int old = random.nextInt(parts - 1);
                int by = old + 1 + random.nextInt(parts - old - 1);
                boolean dropIn = random.nextInt(3) > 0;
                if (graph.addEdge("P" + old, "P" + by) != null) {
                    graph.setEdgeWeight("P" + old, "P" + by, dropIn ? 1e-6 : 1);
                    shelf.replaced("P" + old, i, "P" + by, 1, dropIn ? "" : "trim it");
                }
            }
            String asked = "P" + random.nextInt(parts);
            SupersessionChain chain = SupersessionChain.of(shelf.catalog(), part(asked));
            assertEquals(written(chain.successors()), reached(graph, asked));
            assertEquals(written(chain.predecessors()), reached(new EdgeReversedGraph<>(graph), asked));
            for (PartNumber predecessor : chain.predecessors()) {
                List<Supersession> way = chain.since(predecessor).orElseThrow();
                double changes =
                        way.stream().mapToDouble(s -> s.isDropIn() ? 1e-6 : 1).sum();
                double fewest = new DijkstraShortestPath<>(graph).getPathWeight(predecessor.written(), asked);
                assertEquals(changes, fewest, 1e-9, predecessor + " to " + asked);
            }
        }
    }

    @Test
    public void cyclesAreFoundWhereAGraphLibraryFindsThemAndAreCycles() {
        int with = 0;
        for (int round = 0; round < 300; round++) {
            int parts = 3 + random.nextInt(12);
            Graph<String, DefaultWeightedEdge> graph = graph(parts);
            Map<PartNumber, Collection<PartNumber>> steps = new LinkedHashMap<>();
            for (int i = 0; i < parts; i++) {
                String old = "P" + random.nextInt(parts);
                String by = "P" + random.nextInt(parts);
                if (!old.equals(by) && graph.addEdge(old, by) != null) {
                    steps.computeIfAbsent(part(old), p -> new LinkedHashSet<>()).add(part(by));
                }
            }
            CycleDetector<String, DefaultWeightedEdge> detector = new CycleDetector<>(graph);
            List<List<PartNumber>> cycles = CycleFinder.of(steps);
            assertEquals(!cycles.isEmpty(), detector.detectCycles());
            for (List<PartNumber> cycle : cycles) {
                assertEquals(cycle.get(0), cycle.get(cycle.size() - 1));
                for (int i = 0; i + 1 < cycle.size(); i++) {
                    assertTrue(steps.get(cycle.get(i)).contains(cycle.get(i + 1)), cycle.toString());
                }
            }
            with += cycles.isEmpty() ? 0 : 1;
        }
        assertTrue(with > 50 && with < 250, "both kinds were met: " + with);
    }

    @Test
    public void deadEndsAreTheLeavesOfTheGraphThatCannotBeBought() {
        for (int round = 0; round < 50; round++) {
            int parts = 4 + random.nextInt(12);
            Graph<String, DefaultWeightedEdge> graph = graph(parts);
            Shelf shelf = new Shelf();
            Set<String> gone = new HashSet<>();
            Set<String> superseded = new HashSet<>();
            for (String p : graph.vertexSet()) {
                int status = random.nextInt(3);
                shelf.part(p, 100, "t", true, Part.Status.values()[status], 1);
                (status == 1 ? superseded : status == 2 ? gone : new HashSet<String>()).add(p);
            }
            superseded(graph, shelf, parts);
            Set<String> expected = new TreeSet<>();
            graph.vertexSet().stream()
                    .filter(p -> graph.outDegreeOf(p) == 0)
                    .filter(p -> superseded.contains(p) || (gone.contains(p) && graph.inDegreeOf(p) > 0))
                    .forEach(expected::add);
            Set<String> said = new TreeSet<>();
            CatalogCheck.of(shelf.catalog()).stream()
                    .filter(warning -> warning.kind() == CatalogWarning.Kind.DEAD_END)
                    .forEach(warning -> said.add(warning.subject()));
            assertEquals(said, expected);
        }
    }

    private void superseded(Graph<String, DefaultWeightedEdge> graph, Shelf shelf, int parts) {
        for (int i = 0; i < parts; i++) {
            int old = random.nextInt(parts - 1);
            int by = old + 1 + random.nextInt(parts - old - 1);
            if (graph.addEdge("P" + old, "P" + by) != null) {
                shelf.replaced("P" + old, 1, "P" + by, 1, "");
            }
        }
    }
}
