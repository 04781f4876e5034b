package synopta.bench;

import java.nio.file.Path;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** Runs the benchmarks and says each as a ratio to its baseline in the same run. */
public final class Benches {
    private static final Map<String, Class<?>> NAMES = new LinkedHashMap<>();

    static {
        NAMES.put("tag", TagBench.class);
        NAMES.put("import", ImportBench.class);
        NAMES.put("fit", FitBench.class);
        NAMES.put("diagnosis", DiagnosisBench.class);
        NAMES.put("basket", BasketBench.class);
    }

    private Benches() {}

    /** First the folder of the packs, then, if wanted, the name of one benchmark. */
    public static void main(String... arguments) throws Exception {
        Collection<String> wanted = arguments.length > 1 ? List.of(arguments[1]) : NAMES.keySet();
        for (String name : wanted) {
            if (!NAMES.containsKey(name)) {
                System.err.printf("There is no benchmark %s; there are %s.%n", name, String.join(", ", NAMES.keySet()));
                System.exit(2);
            }
        }
        for (String name : wanted) {
            if (name.equals("tag")) {
                TagBench.run(Path.of(arguments[0]));
            } else if (name.equals("import")) {
                ImportBench.run();
            } else if (name.equals("fit")) {
                FitBench.run();
            } else if (name.equals("diagnosis")) {
                DiagnosisBench.run(Path.of(arguments[0]));
            } else {
                BasketBench.run();
            }
        }
    }
}
