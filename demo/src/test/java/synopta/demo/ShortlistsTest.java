package synopta.demo;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import synopta.core.casefile.CaseInput;
import synopta.core.counter.CaseAssessment;
import synopta.core.counter.Counter;
import synopta.core.diagnosis.Advice;
import synopta.core.diagnosis.Diagnosis;
import synopta.core.diagnosis.Question;
import synopta.core.knowledge.Finding;
import synopta.core.knowledge.HouseSettings;

/**
 * The shortlists of the trade and the questions that split them.
 */
public class ShortlistsTest {
    private final Counter counter = new DemoCounter(() -> HouseSettings.USUAL).counter;

    private static Object[][] dryers() {
        return new Object[][] {
            {
                "dryer dead on start",
                "belt-broken door-switch-failed supply-dead thermal-fuse-open",
                "panel-lit drum-by-hand"
            },
            {"electric dryer, motor is heard but the drum sits still", "belt-broken idler-off", "drum-by-hand"},
            {
                "electric dryer no heat",
                "thermal-fuse-open heater-open supply-half thermal-cutoff-open",
                "half-supply fuse-again"
            },
            {"mains gas dryer no heat", "igniter-open thermal-fuse-open flame-sensor-stuck coils-weak", "burner"},
            {"dryer too hot", "vent-blocked thermostat-stuck blower-sensor-drifted", "vent-not-cleaned since-repair"},
            {"dryer takes forever", "vent-blocked", "vent-not-cleaned"},
            {"dryer thumps", "rear-roller-worn front-roller-worn belt-seam", "thump-once-a-turn thump-empty"},
            {"dryer squeals", "idler-seized rear-roller-worn front-roller-worn", "squeal-when noise-place"},
            {"dryer scrapes at the front, marks on clothes", "glide-worn seal-worn", "front-support"},
            {"dryer grinds at the back", "rear-roller-worn rear-bearing-worn", "rear-wheels"},
            {"hv4415 grinds at the back", "rear-bearing-worn", ""},
            {"th7820w grinds at the back", "rear-roller-worn", ""},
            {"dryer broke the belt again within a year", "idler-seized belt-wrong-way", "idler-checked"},
            {"dryer slapping inside, black strings", "belt-frayed", "lift-felt"},
            {"dryer door drops", "door-spring-broken door-catch-worn", "door-wont-latch"},
            {"dryer door won't latch", "door-catch-worn", ""},
            {"gas dryer heats then stops", "coils-weak", ""},
        };
    }

    private static Object[][] others() {
        return new Object[][] {
            {"electric oven: fan runs, oven cold", "fan-element-open", "bake-heats broil-heats"},
            {"oven, broil dead, bake fine", "broil-open", "selector-loose broil-ohms element-split"},
            {"electric oven never reaches the set heat", "bake-open", "oven-heats bake-heats off-by-50"},
            {"oven always at full", "sensor-drifted", ""},
            {"electric oven, no click at the dial", "stat-open stat-full stat-low", "oven-heats"},
            {"gas oven lights then dies", "thermocouple-weak gas-valve-failed", "hold-knob"},
            {"gas oven won't stay lit", "thermocouple-weak gas-valve-failed", "hold-knob"},
            {"gas oven never lights", "oven-igniter-weak oven-igniter-open gas-supply-off", "oven-flame"},
            {"dishwasher leaves water in the bottom, hums", "filter-blocked hose-kinked", "filter-clean"},
            {"dishwasher leaves it full of water, hums", "pump-jammed filter-blocked", "filter-clean"},
            {"dishwasher soap lid stays shut", "dispenser-stuck dish-blocks-lid", "dish-before-lid"},
            {"dishwasher rack runs off its rails", "rail-broken rack-wheel-broken", "rail-broken"},
            {"dishwasher, dirty dishes", "filter-blocked", "arms-turn"},
            {
                "microwave completely dead",
                "line-fuse-blown interlock-failed cutout-open supply-dead",
                "when-died fuse-again"
            },
            {"microwave dead, second fuse within months", "line-fuse-blown interlock-failed", "when-died"},
            {
                "microwave fuse blew when I pulled the door open while running",
                "line-fuse-blown interlock-failed",
                "fuse-again"
            },
            {"microwave runs, no heat", "magnetron-failed diode-shorted interlock-open", ""},
            {"microwave sags, its bolt turns and turns", "nut-pulled", "bolt-thread"},
        };
    }

    /**
     * Common practice of the trade, no published source: what is said, the faults that must lead the list, and the
     * questions of which one must be among the three in sight, the advised one first.
     */
    @DataProvider(name = "complaints, shortlists and the question that splits them, common practice")
    Object[][] complaints() {
        return Stream.of(dryers(), others()).flatMap(Stream::of).toArray(Object[][]::new);
    }

    @Test(dataProvider = "complaints, shortlists and the question that splits them, common practice")
    public void theShortlistOfTheTradeLeadsAndItsQuestionIsAskedEarly(String line, String shortlist, String questions) {
        Diagnosis diagnosis = counter.work(CaseInput.of(line)).diagnosis();
        Set<String> listed = Set.of(shortlist.split(" "));
        Set<String> leading = diagnosis.suspects().stream()
                .limit(listed.size())
                .map(s -> s.fault().id())
                .collect(Collectors.toSet());
        assertEquals(leading, listed);
        List<String> asked =
                diagnosis.next().stream().limit(3).map(q -> q.finding().id()).toList();
        assertTrue(
                questions.isEmpty() || asked.stream().anyMatch(Set.of(questions.split(" "))::contains),
                "asked " + asked);
    }

    @DataProvider
    Object[][] lines() {
        return Stream.of(complaints()).map(row -> new Object[] {row[0]}).toArray(Object[][]::new);
    }

    @Test(dataProvider = "lines")
    public void whatIsAdvisedIsAskedFirstAndNothingIsTakenForGranted(String line) {
        CaseAssessment view = counter.work(CaseInput.of(line));
        Diagnosis diagnosis = view.diagnosis();
        Advice.Option best = diagnosis.advice().options().get(0);
        if (diagnosis.advice().action() != Advice.Action.SELL && best.finding() != null) {
            assertEquals(diagnosis.next().get(0).finding().id(), best.finding());
        }
        Set<Finding.Implied> known = view.evidence().stream()
                .map(e -> new Finding.Implied(e.finding(), e.answer()))
                .collect(Collectors.toSet());
        for (Question question : diagnosis.next()) {
            List<Finding.Implied> after = question.finding().after();
            assertTrue(
                    after.isEmpty() || after.stream().anyMatch(known::contains),
                    question.finding().question() + " of " + line);
        }
    }
}
