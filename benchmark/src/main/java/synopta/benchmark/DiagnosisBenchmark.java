package synopta.benchmark;

import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import synopta.core.catalog.Appliance;
import synopta.core.catalog.Fuel;
import synopta.core.diagnosis.Diagnoser;
import synopta.core.diagnosis.DiagnosisQuery;
import synopta.core.diagnosis.Evidence;
import synopta.core.diagnosis.Machine;
import synopta.core.drawing.Drawing;
import synopta.core.drawing.Picture;
import synopta.core.knowledge.Basis;
import synopta.core.knowledge.Fault;
import synopta.core.knowledge.Finding;
import synopta.core.knowledge.Identification;
import synopta.core.knowledge.Installation;
import synopta.core.knowledge.Layout;
import synopta.core.knowledge.LifeCurve;
import synopta.core.knowledge.Pack;
import synopta.core.knowledge.PartType;
import synopta.core.knowledge.SellingRule;
import synopta.formats.knowledge.PackReader;

/**
 * A made-up pack of 60 faults and 80 findings with 10 of them present: the posteriors, and the whole diagnosis with
 * reasons and all questions. The baseline sums the same signs over every combination of the first 16 faults only, which
 * is the definition of a posterior. Then the reading of the packs that ship.
 */
final class DiagnosisBenchmark {
    private static final int FAULTS = 60;
    private static final int FINDINGS = 80;
    private static final int PRESENT = 10;
    private static final int SUMMED = 16;
    private static final int CASES = 60;
    private static final int ROUNDS = 3;
    private static final Basis MADE_UP = new Basis("authored");
    private static final Machine MACHINE = new Machine(EnumSet.of(Fuel.ELECTRIC), "A", 8.0);

    private DiagnosisBenchmark() {}

    static void run(Path knowledge, Scale scale) throws IOException {
        int count = scale.of(CASES);
        int rounds = scale.of(ROUNDS);
        Random random = new Random(3);
        Pack pack = pack(random);
        Diagnoser diagnoser = new Diagnoser(pack);
        List<List<Evidence>> cases = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            cases.add(signs(random));
        }
        double[] posterior = new double[count * rounds];
        double[] asked = new double[count * rounds];
        for (int round = -1; round < rounds; round++) {
            for (int i = 0; i < count; i++) {
                DiagnosisQuery inquiry = DiagnosisQuery.of(MACHINE, cases.get(i));
                double quick = millis(() -> diagnoser.diagnose(inquiry.withoutQuestions()));
                double whole = millis(() -> diagnoser.diagnose(inquiry));
                if (round >= 0) {
                    posterior[round * count + i] = quick;
                    asked[round * count + i] = whole;
                }
            }
        }
        say("posterior, 60 faults, 80 findings, 10 present", posterior);
        say("next question, the whole diagnosis", asked);
        compare(pack, cases.get(0), rounds, at(posterior, 0.5));
        load(knowledge);
    }

    private static void compare(Pack pack, List<Evidence> signs, int rounds, double posterior) throws IOException {
        double[] baseline = new double[rounds];
        for (int round = 0; round < rounds; round++) {
            baseline[round] = millis(() -> summed(pack, signs));
        }
        System.out.printf(
                Locale.ROOT,
                "diagnosis: baseline over %d faults %.1f ms, ratio of the posterior %.3f%n",
                SUMMED,
                at(baseline, 0.5),
                posterior / at(baseline, 0.5));
    }

    private static void load(Path knowledge) throws IOException {
        double first = millis(() -> PackReader.folder(knowledge));
        double[] loads = new double[20];
        for (int i = 0; i < loads.length; i++) {
            loads[i] = millis(() -> PackReader.folder(knowledge));
        }
        say("loading of all packs", loads);
        System.out.printf(Locale.ROOT, "diagnosis: the first loading, classes and all: %.0f ms%n", first);
    }

    private static void say(String what, double[] millis) {
        System.out.printf(
                Locale.ROOT, "diagnosis: %s: median %.2f ms, 99th %.2f ms%n", what, at(millis, 0.5), at(millis, 0.99));
    }

    private static double at(double[] values, double share) {
        double[] sorted = values.clone();
        Arrays.sort(sorted);
        return sorted[Math.min(sorted.length - 1, (int) (share * sorted.length))];
    }

    /** What is timed; it may read files. */
    private interface Work {
        Object done() throws IOException;
    }

    private static double millis(Work work) throws IOException {
        long start = System.nanoTime();
        if (work.done() == null) {
            throw new IllegalStateException("Nothing was computed.");
        }
        return (System.nanoTime() - start) / 1e6;
    }

    private static List<Evidence> signs(Random random) {
        Set<Integer> present = new HashSet<>();
        while (present.size() < PRESENT) {
            present.add(random.nextInt(FINDINGS));
        }
        return present.stream().map(f -> Evidence.of("f" + f, "yes")).toList();
    }

    /** About six findings a fault, each fault of a part type of its own. */
    private static Pack pack(Random random) {
        List<PartType> types = new ArrayList<>();
        List<Fault> faults = new ArrayList<>();
        List<Layout.Place> places = new ArrayList<>();
        for (int i = 0; i < FAULTS; i++) {
            String id = "d" + i;
            types.add(partType(id));
            places.add(new Layout.Place(id, id, id, 1, "inside", EnumSet.allOf(Fuel.class), null, Map.of(), null));
            faults.add(fault(id, random));
        }
        return new Pack(
                Appliance.DRYER,
                Map.of(Fuel.ELECTRIC, 1.0),
                types,
                faults,
                findings(random),
                List.of(),
                List.of(),
                List.of(),
                List.of(),
                List.of(),
                List.of(layout(places)),
                null,
                Identification.NONE,
                List.of());
    }

    private static Fault fault(String id, Random random) {
        List<Fault.Link> links = new ArrayList<>();
        for (int f = 0; f < FINDINGS; f++) {
            if (random.nextInt(FINDINGS) < 6) {
                links.add(new Fault.Link("f" + f, null, 0.1 + 0.85 * random.nextDouble(), MADE_UP));
            }
        }
        double prior = 0.01 + 0.1 * random.nextDouble();
        Set<Fuel> any = EnumSet.allOf(Fuel.class);
        return new Fault(id, id, "failed", id, null, any, prior, MADE_UP, null, links, List.of());
    }

    private static PartType partType(String id) {
        Picture none = new Picture("", List.of(), List.of());
        LifeCurve life = new LifeCurve(2, 12, MADE_UP);
        return new PartType(
                id,
                id,
                life,
                SellingRule.SINGLY,
                List.of(),
                List.of(),
                none,
                false,
                false,
                List.of(),
                null,
                Installation.PLAIN,
                List.of());
    }

    private static Layout layout(List<Layout.Place> places) {
        Drawing bare = new Drawing(10, 10, "", List.of(), List.of(), List.of());
        return new Layout("A", "A", 1, "", EnumSet.allOf(Fuel.class), Map.of(), places, List.of(), bare, null);
    }

    private static List<Finding> findings(Random random) {
        List<Finding> findings = new ArrayList<>();
        for (int f = 0; f < FINDINGS; f++) {
            findings.add(new Finding(
                    "f" + f,
                    "f" + f,
                    null,
                    List.of(
                            Finding.Answer.plain("no", "no", 0),
                            Finding.Answer.plain("yes", "yes", 0.01 + 0.05 * random.nextDouble())),
                    1,
                    Finding.Who.CUSTOMER,
                    null,
                    Set.of(),
                    MADE_UP,
                    List.of()));
        }
        return findings;
    }

    /** Every combination of the first faults. */
    private static double summed(Pack pack, List<Evidence> signs) {
        List<Fault> faults = pack.faults().subList(0, SUMMED);
        double[][] absent = new double[signs.size()][SUMMED];
        double[] leakless = new double[signs.size()];
        for (int f = 0; f < signs.size(); f++) {
            String finding = signs.get(f).finding();
            leakless[f] =
                    1 - pack.finding(finding).orElseThrow().answers().get(1).leak();
            for (int i = 0; i < SUMMED; i++) {
                absent[f][i] = 1 - strength(faults.get(i), finding);
            }
        }
        double all = 0;
        for (int set = 0; set < 1 << SUMMED; set++) {
            double p = 1;
            for (int i = 0; i < SUMMED; i++) {
                double prior = faults.get(i).prior();
                p *= (set >> i & 1) == 1 ? prior : 1 - prior;
            }
            for (int f = 0; f < signs.size(); f++) {
                double none = leakless[f];
                for (int i = 0; i < SUMMED; i++) {
                    none *= (set >> i & 1) == 1 ? absent[f][i] : 1;
                }
                p *= 1 - none;
            }
            all += p;
        }
        return all;
    }

    private static double strength(Fault fault, String finding) {
        return fault.shows().stream()
                .filter(l -> l.finding().equals(finding))
                .mapToDouble(Fault.Link::strength)
                .sum();
    }
}
