package synopta.demo;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertNotEquals;
import static org.testng.Assert.assertTrue;

import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import synopta.core.catalog.Fuel;
import synopta.core.knowledge.Fault;
import synopta.core.knowledge.Finding;
import synopta.core.knowledge.Layout;
import synopta.core.knowledge.Pack;
import synopta.core.outcome.ConfirmedCase;
import synopta.core.outcome.ParameterKind;
import synopta.core.outcome.ParameterLearner;
import synopta.core.outcome.Proposal;
import synopta.formats.knowledge.PackReader;

/** Cases drawn from a truth that differs from the packs, and what they teach of it. */
public class GroundTruthTest {
    private static final int CASES = 1_500;
    private final List<Pack> packs;

    public GroundTruthTest() throws IOException {
        packs = PackReader.folder(Path.of(System.getProperty("synopta.root"), "knowledge"))
                .packs();
    }

    @DataProvider
    Object[][] packs() {
        return packs.stream().map(pack -> new Object[] {pack}).toArray(Object[][]::new);
    }

    private static Fuel fuel(Pack pack, Layout layout, Random random) {
        List<Fuel> fuels = layout.fuels().stream()
                .filter(fuel -> pack.fuelShares().getOrDefault(fuel, 0.0) > 0)
                .sorted()
                .toList();
        return fuels.get(random.nextInt(fuels.size()));
    }

    private static ConfirmedCase confirmedCase(Pack pack, GroundTruth truth, Random random) {
        Layout layout = pack.layouts().get(random.nextInt(pack.layouts().size()));
        Fuel fuel = fuel(pack, layout, random);
        GroundTruth.Drawn drawn = truth.draw(random, layout, fuel);
        assertTrue(layout.allows(drawn.fault(), fuel), drawn.fault().id() + " in a machine that cannot have it");
        List<ConfirmedCase.Answer> answers = new ArrayList<>();
        for (Map.Entry<String, String> answer : drawn.answers().entrySet()) {
            if (random.nextInt(3) == 0) {
                answers.add(new ConfirmedCase.Answer(answer.getKey(), answer.getValue(), true));
            }
        }
        return new ConfirmedCase(
                1,
                pack.appliance(),
                EnumSet.of(fuel),
                layout.id(),
                drawn.ageYears(),
                answers,
                drawn.fault().id(),
                null);
    }

    /** How often the truth shows an answer where a fault is alone. */
    private static double shown(Pack truth, Fault fault, Finding finding, int level) {
        double upTo = 1;
        double below = 1;
        for (double[] chances : List.of(leaks(finding), effects(truth, fault, finding))) {
            double above = 0;
            double at = 0;
            for (int i = level; i < chances.length; i++) {
                above += i > level ? chances[i] : 0;
                at += chances[i];
            }
            upTo *= 1 - above;
            below *= 1 - at;
        }
        return upTo - below;
    }

    private static double[] leaks(Finding finding) {
        return finding.answers().stream().mapToDouble(Finding.Answer::leak).toArray();
    }

    private static double[] effects(Pack pack, Fault fault, Finding finding) {
        double[] effects = new double[finding.answers().size()];
        pack.links(pack.fault(fault.id()).orElseThrow()).stream()
                .filter(link -> link.finding().equals(finding.id()))
                .forEach(link -> effects[link.level(finding)] += link.strength());
        return effects;
    }

    @Test(dataProvider = "packs")
    public void whatCasesTeachComesNearerToWhatTheyWereDrawnFrom(Pack pack) {
        GroundTruth hidden = GroundTruth.of(pack, 7);
        Pack truth = hidden.pack();
        Random random = new Random(17);
        List<ConfirmedCase> confirmedCases = new ArrayList<>();
        for (int i = 0; i < CASES; i++) {
            confirmedCases.add(confirmedCase(pack, hidden, random));
        }
        double off = 0;
        double offBefore = 0;
        int links = 0;
        for (Proposal proposal : new ParameterLearner(pack, confirmedCases).proposals()) {
            if (proposal.kind() == ParameterKind.LINK) {
                String[] subject = proposal.subject().split("\\|");
                Finding finding = truth.finding(subject[1]).orElseThrow();
                double is = shown(truth, pack.fault(subject[0]).orElseThrow(), finding, finding.level(subject[2]));
                off += Math.abs(proposal.after() - is);
                offBefore += Math.abs(proposal.before() - is);
                links++;
            }
        }
        assertTrue(links > 20, links + " links were learnt of");
        assertTrue(off < 0.9 * offBefore, "%s: off by %.2f, before %.2f".formatted(pack.appliance(), off, offBefore));
    }

    @Test(dataProvider = "packs")
    public void theSameSeedGivesTheSameTruthAndAnotherOneAnother(Pack pack) {
        assertEquals(GroundTruth.of(pack, 7).pack(), GroundTruth.of(pack, 7).pack());
        assertNotEquals(GroundTruth.of(pack, 7).pack(), GroundTruth.of(pack, 8).pack());
        Set<String> ids = Set.copyOf(pack.faults().stream().map(Fault::id).toList());
        assertEquals(
                Set.copyOf(GroundTruth.of(pack, 7).pack().faults().stream()
                        .map(Fault::id)
                        .toList()),
                ids,
                "the same faults, with other figures");
    }
}
