package synopta.bench;

import java.io.IOException;
import java.nio.file.Path;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import synopta.core.catalog.Fuel;
import synopta.core.diagnosis.Diagnoser;
import synopta.core.diagnosis.Diagnosis;
import synopta.core.diagnosis.Evidence;
import synopta.core.diagnosis.Machine;
import synopta.core.knowledge.Fault;
import synopta.core.knowledge.Pack;
import synopta.formats.knowledge.PackReader;

/**
 * The whole dryer pack with four signs: posteriors, reasons, all questions and the advice. The baseline sums the same
 * signs over every combination of the first 16 faults only, which is the definition of a posterior, and asks nothing.
 */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
public class DiagnosisBench {
    private static final int FAULTS = 16;
    private static final List<String> SIGNS = List.of("thumps", "heats", "squeals", "long-drying");
    private Pack pack;
    private Diagnoser diagnoser;
    private final Machine machine = new Machine(EnumSet.of(Fuel.ELECTRIC), Optional.of("A"), OptionalDouble.of(8));

    /** Reads the pack from the folder named in the property `knowledge`. */
    @Setup
    public void pack() throws IOException {
        pack = PackReader.folder(Path.of(System.getProperty("knowledge")))
                .packs()
                .get(0);
        diagnoser = new Diagnoser(pack);
    }

    /** The diagnosis. */
    @Benchmark
    public Diagnosis measured() {
        return diagnoser.diagnose(
                machine, SIGNS.stream().map(s -> new Evidence(s, true)).toList(), Set.of());
    }

    /** Every combination of faults. */
    @Benchmark
    public double baseline() {
        List<Fault> faults = pack.faults().subList(0, FAULTS);
        double[][] absent = new double[SIGNS.size()][FAULTS];
        for (int s = 0; s < SIGNS.size(); s++) {
            for (int f = 0; f < FAULTS; f++) {
                String sign = SIGNS.get(s);
                absent[s][f] = 1
                        - faults.get(f).shows().stream()
                                .filter(l -> l.finding().equals(sign))
                                .mapToDouble(Fault.Link::strength)
                                .sum();
            }
        }
        double evidence = 0;
        for (int set = 0; set < 1 << FAULTS; set++) {
            double p = 1;
            for (int f = 0; f < FAULTS; f++) {
                double prior = faults.get(f).prior();
                p *= (set >> f & 1) == 1 ? prior : 1 - prior;
            }
            for (int s = 0; s < SIGNS.size(); s++) {
                double none = 1 - pack.finding(SIGNS.get(s)).orElseThrow().leak();
                for (int f = 0; f < FAULTS; f++) {
                    none *= (set >> f & 1) == 1 ? absent[s][f] : 1;
                }
                p *= 1 - none;
            }
            evidence += p;
        }
        return evidence;
    }
}
