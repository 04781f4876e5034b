package synopta.benchmark;

import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Random;
import java.util.stream.Stream;
import synopta.core.catalog.Fuel;
import synopta.core.diagnosis.Diagnoser;
import synopta.core.diagnosis.DiagnosisQuery;
import synopta.core.diagnosis.Evidence;
import synopta.core.diagnosis.Machine;
import synopta.core.diagnosis.Suspect;
import synopta.core.knowledge.Finding;
import synopta.core.knowledge.Layout;
import synopta.core.knowledge.Pack;
import synopta.core.outcome.ConfirmedCase;
import synopta.core.outcome.ParameterLearner;
import synopta.core.outcome.ParameterOverrides;
import synopta.core.outcome.Proposal;
import synopta.demo.GroundTruth;
import synopta.formats.knowledge.PackReader;

/**
 * Whether cases move a pack towards the truth they were drawn from: the log loss of the suspects on cases that nothing was
 * learned from, with the pack as it ships and with what so many cases taught, all proposals accepted. The loss of a case is
 * -ln of the share that the fault that was had among all suspects; the baseline is the pack that learned nothing.
 */
final class LearningBenchmark {
    private static final int HELD_OUT = 400;
    private static final int[] SIZES = {20, 100, 400, 1600};
    private static final int ASKED = 4;
    private static final double DEVIATE = 1.96;

    private LearningBenchmark() {}

    private record Case(Machine machine, List<Evidence> told, List<Evidence> asked, String fault) {
        ConfirmedCase confirmedCase(Pack pack) {
            return new ConfirmedCase(
                    0,
                    pack.appliance(),
                    machine.fuels(),
                    machine.layout(),
                    machine.ageYears(),
                    Stream.concat(
                                    told.stream().map(e -> new ConfirmedCase.Answer(e.finding(), e.answer(), false)),
                                    asked.stream().map(e -> new ConfirmedCase.Answer(e.finding(), e.answer(), true)))
                            .toList(),
                    fault,
                    null);
        }
    }

    static void run(Path knowledge, Scale scale) throws IOException {
        int heldOut = scale.of(HELD_OUT);
        for (Pack pack : PackReader.folder(knowledge).packs()) {
            GroundTruth truth = GroundTruth.of(pack, 7);
            Random random = new Random(5);
            List<Case> cases = new ArrayList<>();
            while (cases.size() < heldOut + scale.of(SIZES[SIZES.length - 1])) {
                cases.add(drawn(pack, truth, random));
            }
            List<Case> held = cases.subList(0, heldOut);
            double[] before = losses(pack, held);
            double least = mean(losses(truth.pack(), held));
            for (int full : SIZES) {
                int size = scale.of(full);
                List<ConfirmedCase> confirmedCases = cases.subList(heldOut, heldOut + size).stream()
                        .map(c -> c.confirmedCase(pack))
                        .toList();
                long start = System.nanoTime();
                List<Proposal> proposals = new ParameterLearner(pack, confirmedCases).proposals();
                double millis = (System.nanoTime() - start) / 1e6;
                Pack learned = new ParameterOverrides(
                                proposals.stream().map(Proposal::learned).toList())
                        .over(pack);
                say(pack, size, before, losses(learned, held), least);
                System.out.printf(Locale.ROOT, "learning: %d proposals in %.0f ms%n", proposals.size(), millis);
            }
        }
    }

    private static void say(Pack pack, int size, double[] before, double[] after, double least) {
        double[] fell = new double[before.length];
        for (int i = 0; i < fell.length; i++) {
            fell[i] = before[i] - after[i];
        }
        double mean = mean(fell);
        double spread = Math.sqrt(
                mean(Arrays.stream(fell).map(f -> (f - mean) * (f - mean)).toArray()) / fell.length);
        System.out.printf(
                Locale.ROOT,
                "learning: %s, %d cases: log loss %.3f -> %.3f, ratio %.3f, fell by %.3f (%.3f to %.3f); the truth's own %.3f%n",
                pack.appliance().slug(),
                size,
                mean(before),
                mean(after),
                mean(after) / mean(before),
                mean,
                mean - DEVIATE * spread,
                mean + DEVIATE * spread,
                least);
    }

    private static double mean(double[] values) {
        return Arrays.stream(values).average().orElseThrow();
    }

    private static Case drawn(Pack pack, GroundTruth truth, Random random) {
        Layout layout = pack.layouts().get(random.nextInt(pack.layouts().size()));
        List<Fuel> fuels = layout.fuels().stream()
                .filter(fuel -> pack.fuelShares().getOrDefault(fuel, 0.0) > 0)
                .sorted()
                .toList();
        Fuel fuel = fuels.get(random.nextInt(fuels.size()));
        GroundTruth.Drawn drawn = truth.draw(random, layout, fuel);
        List<Evidence> signs = new ArrayList<>();
        for (Map.Entry<String, String> answer : drawn.answers().entrySet()) {
            Finding finding = pack.finding(answer.getKey()).orElseThrow();
            if (finding.level(answer.getValue()) > 0 && finding.who() == Finding.Who.CUSTOMER) {
                signs.add(Evidence.of(answer.getKey(), answer.getValue()));
            }
        }
        List<Evidence> told = signs.isEmpty() ? List.of() : List.of(signs.get(random.nextInt(signs.size())));
        List<Finding> linked = new ArrayList<>(pack.questions().stream()
                .filter(finding -> !finding.isOfConstruction())
                .filter(finding -> told.stream().noneMatch(e -> e.finding().equals(finding.id())))
                .filter(finding -> near(pack, told, finding))
                .toList());
        List<Evidence> asked = new ArrayList<>();
        while (asked.size() < ASKED && !linked.isEmpty()) {
            Finding finding = linked.remove(random.nextInt(linked.size()));
            asked.add(Evidence.of(finding.id(), drawn.answers().get(finding.id())));
        }
        Machine machine = new Machine(EnumSet.of(fuel), layout.id(), Math.min(40, drawn.ageYears()));
        return new Case(machine, told, asked, drawn.fault().id());
    }

    /** Whether a fault that may be behind what was told bears on the finding. */
    private static boolean near(Pack pack, List<Evidence> told, Finding finding) {
        return pack.faults().stream()
                .filter(fault -> told.stream()
                        .allMatch(e -> pack.links(fault).stream()
                                .anyMatch(l -> l.finding().equals(e.finding()))))
                .anyMatch(fault ->
                        pack.links(fault).stream().anyMatch(l -> l.finding().equals(finding.id())));
    }

    private static double[] losses(Pack pack, List<Case> cases) {
        Diagnoser diagnoser = new Diagnoser(pack);
        return cases.stream().mapToDouble(c -> loss(diagnoser, c)).toArray();
    }

    private static double loss(Diagnoser diagnoser, Case c) {
        List<Evidence> evidence = new ArrayList<>(c.told);
        evidence.addAll(c.asked);
        double all = 0;
        double was = 0;
        for (Suspect suspect : diagnoser
                .diagnose(DiagnosisQuery.of(c.machine, evidence).withoutQuestions())
                .suspects()) {
            double p = suspect.probability().value();
            all += p;
            was += suspect.fault().id().equals(c.fault) ? p : 0;
        }
        return -Math.log(Math.max(1e-9, was) / all);
    }
}
