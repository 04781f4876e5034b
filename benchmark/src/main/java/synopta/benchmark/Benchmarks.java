package synopta.benchmark;

import java.nio.file.Path;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** Runs the benchmarks and prints each as a ratio to its baseline in the same run. */
public final class Benchmarks {
    private static final Map<String, Bench> BENCHES = new LinkedHashMap<>();

    static {
        BENCHES.put("tag", TagBenchmark::run);
        BENCHES.put("import", (knowledge, scale) -> ImportBenchmark.run(scale));
        BENCHES.put("fit", (knowledge, scale) -> FitBenchmark.run(scale));
        BENCHES.put("diagnosis", DiagnosisBenchmark::run);
        BENCHES.put("basket", (knowledge, scale) -> BasketBenchmark.run(scale));
        BENCHES.put("learning", LearningBenchmark::run);
        BENCHES.put("hearing", HearingBenchmark::run);
        BENCHES.put("cases", (knowledge, scale) -> CaseBenchmark.run(scale));
        BENCHES.put("counter", CounterBenchmark::run);
    }

    private Benchmarks() {}

    /** The names of all benchmarks. */
    static Collection<String> names() {
        return BENCHES.keySet();
    }

    /** Runs one of them. */
    static void run(String name, Path knowledge, Scale scale) throws Exception {
        BENCHES.get(name).run(knowledge, scale);
    }

    @FunctionalInterface
    private interface Bench {
        void run(Path knowledge, Scale scale) throws Exception;
    }

    /** First the folder of the packs, then, if wanted, the name of one benchmark. */
    public static void main(String... arguments) throws Exception {
        Collection<String> wanted = arguments.length > 1 ? List.of(arguments[1]) : BENCHES.keySet();
        for (String name : wanted) {
            if (!BENCHES.containsKey(name)) {
                System.err.printf(
                        "There is no benchmark %s; there are %s.%n", name, String.join(", ", BENCHES.keySet()));
                System.exit(2);
            }
        }
        for (String name : wanted) {
            run(name, Path.of(arguments[0]), Scale.FULL);
        }
    }
}
