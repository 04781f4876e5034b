package synopta.demo;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertNull;
import static org.testng.Assert.assertTrue;

import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import org.testng.annotations.Test;
import synopta.core.casefile.CaseInput;
import synopta.core.casefile.Shopping;
import synopta.core.catalog.Appliance;
import synopta.core.catalog.Fuel;
import synopta.core.catalog.PartNumber;
import synopta.core.counter.CaseAssessment;
import synopta.core.counter.Counter;
import synopta.core.identify.IdentifiedModel;
import synopta.core.knowledge.Caution;
import synopta.core.knowledge.Hazard;
import synopta.core.knowledge.HouseSettings;
import synopta.core.knowledge.RepairPractices;
import synopta.core.knowledge.UnlikelyRequest;
import synopta.core.sale.JobPlan;
import synopta.core.sale.LikelyNumber;
import synopta.core.sale.OptionalPart;
import synopta.core.sale.RequestOutcome;

/** Callers who ask for whole jobs, for prices, or without a model. */
public class JobCallersTest {
    private final Counter counter = new DemoCounter(() -> HouseSettings.USUAL).counter;

    @Test
    public void aJobSaysWhatToAskAndWhoMayDoItAndItsCautionsAreShown() {
        CaseAssessment view = counter.work(CaseInput.of("HG-4416-B convert it to propane"));
        JobPlan job = view.sale().jobs().get(0);
        assertEquals(job.name(), "Convert natural gas to LP");
        assertTrue(job.licensed());
        assertEquals(job.ask(), "By the catalog this model burns LP already: ask which gas it is set for today.");
        assertTrue(
                job.notes().stream().anyMatch(note -> note.contains("leak test")),
                job.notes().toString());
        assertTrue(view.cautions().stream().map(Caution::hazard).toList().contains(Hazard.GAS));
        assertEquals(
                counter.work(CaseInput.of("TH-7820-W conversion kit to propane"))
                        .sale()
                        .jobs()
                        .get(0)
                        .ask(),
                "The machine burns no gas: check the model number, and ask which machine it is for.");
        assertTrue(counter.work(CaseInput.of("TH-7820-W annual service")).sale().wants().stream()
                .map(OptionalPart::partType)
                .toList()
                .containsAll(List.of("lint-filter", "vent-duct", "drum-seal", "drum-belt")));
    }

    @Test
    public void theGasAMachineIsConvertedToIsNotTheGasItBurns() {
        IdentifiedModel unlisted =
                counter.work(CaseInput.of("range, from propane to natural gas")).identified();
        assertEquals(unlisted.fuels(), Set.of(Fuel.LP));
        CaseAssessment said = counter.work(CaseInput.of("range, convert it to propane"));
        assertEquals(said.identified().fuels().size(), Fuel.values().length, "it is not said what it burns");
        assertEquals(said.sale().jobs().get(0).job(), "convert-to-lp");
    }

    /** Against counting the models of the catalog one by one. */
    @Test
    public void withoutAModelTheLikelyNumbersAreThoseOfThePopularityOfTheModelsThatTakeThem() {
        Map<String, Double> counted = new TreeMap<>();
        double[] all = {0};
        DemoCounter.CATALOG.eachModel(model -> {
            if (model.appliance() == Appliance.DRYER && model.fuel() == Fuel.ELECTRIC) {
                all[0] += model.popularity();
                DemoCounter.CATALOG.fits(model.number()).stream()
                        .map(fit -> DemoCounter.CATALOG.part(fit.part()).orElseThrow())
                        .filter(part -> part.partType().equals("drum-roller"))
                        .map(part -> part.number().written())
                        .distinct()
                        .forEach(number -> counted.merge(number, model.popularity(), Double::sum));
            }
        });
        List<LikelyNumber> likely = counter.work(CaseInput.of("electric dryer, drum rollers please"))
                .sale()
                .likely();
        assertEquals(likely.size(), 2);
        for (LikelyNumber number : likely) {
            assertEquals(
                    number.probability().value(),
                    counted.get(number.part().written()) / all[0],
                    0.01,
                    number.toString());
        }
        assertTrue(counter.work(CaseInput.of("TH-7820-W drum rollers"))
                .sale()
                .likely()
                .isEmpty());
    }

    @Test
    public void theHouseMaySellAnUnlikelyRequestWithoutAWordOrAskFirst() {
        CaseInput said = CaseInput.of("TH-7820-W does not heat, need a belt");
        CaseAssessment sold = of(UnlikelyRequest.SOLD).work(said);
        assertEquals(sold.sale().bag().size(), 1);
        assertNull(sold.sale().requests().get(0).symptoms());
        CaseAssessment asked = of(UnlikelyRequest.ASKED_FIRST).work(said);
        assertEquals(asked.sale().bag(), List.of());
        assertEquals(asked.sale().requests().get(0).status(), RequestOutcome.Status.WHICH_ONE);
        CaseInput allTheSame = said.but()
                .shopping(new Shopping(
                        List.of(new Shopping.Adjusted(new PartNumber("QV-1183"), null, null, true)), null, null))
                .input();
        assertEquals(
                of(UnlikelyRequest.ASKED_FIRST).work(allTheSame).sale().bag().size(), 1);
    }

    private static Counter of(UnlikelyRequest practice) {
        RepairPractices usual = RepairPractices.USUAL;
        return new DemoCounter(() -> HouseSettings.USUAL.with(new RepairPractices(
                        usual.genuineOnly(),
                        usual.replaceAll(),
                        usual.replaceRings(),
                        usual.oilShafts(),
                        usual.testFirst(),
                        usual.licensedToCustomers(),
                        practice)))
                .counter;
    }

    @Test
    public void whoAsksOnlyForAPriceIsToldFromWhoTellsASymptom() {
        assertTrue(
                counter.work(CaseInput.of("TH-7820-W how much is a drum belt")).isPriceOnly());
        assertTrue(
                counter.work(CaseInput.of("QV-1183, do you have two in stock")).isPriceOnly());
        assertFalse(counter.work(CaseInput.of("TH-7820-W thumps, how much is a drum belt"))
                .isPriceOnly());
        assertFalse(counter.work(CaseInput.of("TH-7820-W drum belt")).isPriceOnly());
    }
}
