package synopta.benchmark;

import java.nio.file.Path;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** Runs the benchmarks and says each as a ratio to its baseline in the same run. */
public final class Benchmarks {
    private static final Map<String, Bench> BENCHES = new LinkedHashMap<>();

    static {
        BENCHES.put("tag", TagBenchmark::run);
        BENCHES.put("import", knowledge -> ImportBenchmark.run());
        BENCHES.put("fit", knowledge -> FitBenchmark.run());
        BENCHES.put("diagnosis", DiagnosisBenchmark::run);
        BENCHES.put("basket", knowledge -> BasketBenchmark.run());
        BENCHES.put("learning", LearningBenchmark::run);
        BENCHES.put("daybook", knowledge -> CaseBenchmark.run());
    }

    private Benchmarks() {}

    @FunctionalInterface
    private interface Bench {
        void run(Path knowledge) throws Exception;
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
            BENCHES.get(name).run(Path.of(arguments[0]));
        }
    }
}
