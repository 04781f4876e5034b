package synopta.demo;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import synopta.core.catalog.ModelNumber;
import synopta.core.knowledge.Hazard;
import synopta.core.knowledge.HouseSettings;
import synopta.core.knowledge.OpeningStep;
import synopta.core.knowledge.WorkStep;
import synopta.core.sale.TeardownService;
import synopta.core.teardown.Work;

/** What it takes to reach a place, and what may be renewed while it is open. */
public class OpeningTest {
    private final DemoCounter demo = new DemoCounter(() -> HouseSettings.USUAL);
    private final TeardownService opening = new TeardownService(
            DemoCounter.CATALOG, demo.packs, demo.finder, () -> HouseSettings.USUAL, () -> DemoCatalog.CURRENCY);

    private Work work(String model, String... slots) {
        return opening.open(new ModelNumber(model), null, List.of(slots), 8.0).work();
    }

    /** A model, a place, and whether a step is among those that reach it. */
    @DataProvider
    Object[][] places() {
        return new Object[][] {
            {"TH-7820-W", "front-roller", "drum", false},
            {"TH-7820-W", "rear-roller", "drum", true},
            {"TH-7820-W", "rear-roller", "bulkhead", true},
            {"DW8202W", "fill-tank", "out", true},
            {"DW8202W", "fill-tank", "tip", false},
            {"DW8202W", "drain-pump", "tip", true},
            {"DW8202W", "rail", "out", false},
            {"TM-2205-B", "magnetron", "discharge", true},
            {"TM-2205-B", "tray", "cover", false},
        };
    }

    @Test
    public void twoPlacesShareTheirStepsAndTheInsideOfAMicrowaveIsForAQualifiedPerson() {
        Work both = work("TH-7820-W", "front-roller", "rear-roller");
        double front = work("TH-7820-W", "front-roller").minutes();
        double rear = work("TH-7820-W", "rear-roller").minutes();
        assertTrue(both.minutes() < front + rear && both.minutes() > rear, both.minutes() + " minutes");
        assertEquals(both.steps().get(0).id(), "safe", "made safe first");
        assertEquals(both.effort(), Optional.of("drum"));
        Work inside = work("TM-2205-B", "hv-capacitor");
        assertTrue(inside.hazards().contains(Hazard.STORED_CHARGE));
        assertEquals(inside.effort(), Optional.of("inside, licensed technician only"));
        assertEquals(work("DW8202W", "drain-pump").persons(), 2, "it is tipped by two");
    }

    @Test
    public void smallPartsThatComeWithAPieceAreItsHardwareAndLoseNoMinutes() {
        Work rear = work("TH-7820-W", "rear-roller", "roller-rings");
        assertEquals(replaced(rear), Map.of("rear-roller", 2, "roller-rings", 4), "two of eight rings for each roller");
        double minutes =
                rear.replacements().stream().mapToDouble(Work.Exchange::minutes).sum();
        assertEquals(minutes, 2 * 4 + 8 * 1, 1e-9);
        Work all = work("TH-7820-W", "rear-roller", "front-roller", "roller-rings");
        assertEquals(replaced(all), Map.of("rear-roller", 2, "front-roller", 2));
        Work unnamed = work("DE6107S", "rear-roller", "roller-rings");
        assertEquals(
                unnamed.replacements().get(0).hardware(),
                List.of(new WorkStep.Hardware("rings and washers", 4, WorkStep.Fate.REPLACED)),
                "where the roller's own words do not name them");
    }

    private static Map<String, Integer> replaced(Work work) {
        return work.replacements().stream().collect(Collectors.toMap(Work.Exchange::slot, Work.Exchange::pieces));
    }

    @Test
    public void whileItIsOpenNoIsSaidAsReadilyAsYes() {
        TeardownService.Opened opened =
                opening.open(new ModelNumber("TH-7820-W"), null, List.of("rear-roller", "front-roller"), 8.0);
        assertTrue(opened.whileOpen().stream().anyMatch(TeardownService.OpenPart::isAdvised));
        assertTrue(opened.whileOpen().stream().anyMatch(p -> !p.isAdvised()));
        for (TeardownService.OpenPart part : opened.whileOpen()) {
            assertFalse(part.slots().contains("rear-roller"), "what is renewed anyway is not offered");
            assertEquals(part.savings().size(), TeardownService.LONGEST_HORIZON);
            assertEquals(part.savings().get(HouseSettings.USUAL.horizonYears() - 1), part.saving());
        }
    }

    @Test(dataProvider = "places")
    public void aPlaceIsReachedByWhatTheTradeTakesApartAndNothingMore(
            String model, String slot, String step, boolean among) {
        List<String> steps =
                work(model, slot).steps().stream().map(OpeningStep::id).toList();
        assertEquals(steps.contains(step), among, steps.toString());
    }
}
