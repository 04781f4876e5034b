package synopta.demo;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.stream.Collectors;
import org.testng.annotations.Test;
import synopta.core.casefile.CaseInput;
import synopta.core.catalog.Appliance;
import synopta.core.catalog.Fit;
import synopta.core.catalog.Fuel;
import synopta.core.catalog.Model;
import synopta.core.catalog.PartNumber;
import synopta.core.counter.CaseAssessment;
import synopta.core.counter.Counter;
import synopta.core.knowledge.HouseSettings;
import synopta.core.knowledge.Job;
import synopta.core.knowledge.LifeCurve;
import synopta.core.knowledge.Pack;
import synopta.core.sale.BagPiece;
import synopta.core.sale.RequestOutcome;

/** The jobs of the packs on every machine of the demo, against the pages of its catalog and the lives of its parts. */
public class JobsOfEveryMachineTest {
    private static final Set<String> NATURAL = Set.of("natural-gas-orifice", "natural-gas-limiter");
    private static final Set<String> LP = Set.of("propane-orifice", "propane-blocking-pin");

    private final Counter counter = new DemoCounter(() -> HouseSettings.USUAL).counter;

    private static List<Model> models(Appliance appliance) {
        List<Model> models = new ArrayList<>();
        DemoCounter.CATALOG.eachModel(model -> {
            if (model.appliance() == appliance) {
                models.add(model);
            }
        });
        return models;
    }

    private static String typeOf(PartNumber part) {
        return DemoCounter.CATALOG.part(part).orElseThrow().partType();
    }

    /** Pieces of each part type that a model's page lists, one number of several at a place. */
    private static Map<String, Integer> fitted(Model model) {
        Map<String, Map<String, Integer>> bySlot = new TreeMap<>();
        for (Fit fit : DemoCounter.CATALOG.fits(model.number())) {
            bySlot.computeIfAbsent(typeOf(fit.part()), t -> new TreeMap<>())
                    .merge(fit.slot(), fit.quantity(), Math::max);
        }
        Map<String, Integer> fitted = new TreeMap<>();
        bySlot.forEach((type, slots) -> fitted.put(
                type, slots.values().stream().mapToInt(Integer::intValue).sum()));
        return fitted;
    }

    @Test
    public void aConversionOfAnyGasMachineTakesThePiecesOfItsPageForThatGasAndNoneOfTheOther() {
        int converted = 0;
        for (Appliance appliance : List.of(Appliance.DRYER, Appliance.RANGE)) {
            for (Model model : models(appliance)) {
                if (model.fuel() != Fuel.NATURAL_GAS && model.fuel() != Fuel.LP) {
                    continue;
                }
                boolean isToLp = model.fuel() == Fuel.NATURAL_GAS;
                CaseAssessment view =
                        counter.withoutQuestions(CaseInput.of(model.number().written()
                                + (isToLp ? " convert it to propane" : " from propane to natural gas")));
                Map<String, Integer> fitted = fitted(model);
                Map<String, Integer> expected = new TreeMap<>();
                (isToLp ? LP : NATURAL)
                        .stream().filter(fitted::containsKey).forEach(type -> expected.put(type, fitted.get(type)));
                Map<String, Integer> bag = view.sale().bag().stream()
                        .collect(Collectors.toMap(BagPiece::partType, BagPiece::quantity, Integer::sum, TreeMap::new));
                assertEquals(bag, expected, model.number().written());
                assertTrue(view.sale().jobs().get(0).licensed());
                assertEquals(view.sale().jobs().get(0).ask(), null, "nothing speaks against it");
                converted++;
            }
        }
        assertTrue(converted > 30, converted + " machines");
    }

    @Test
    public void anElectricMachineIsNotConverted() {
        for (Model model : models(Appliance.DRYER)) {
            if (model.fuel() == Fuel.ELECTRIC) {
                CaseAssessment view =
                        counter.withoutQuestions(CaseInput.of(model.number().written() + " conversion kit to propane"));
                assertEquals(view.sale().bag(), List.of(), model.number().written());
                assertTrue(view.sale().jobs().get(0).ask().startsWith("The machine burns no gas"));
            }
        }
    }

    /** Share that fails within the horizon among those that have worked to an age, by Weibull's survival function itself. */
    private static double failing(LifeCurve life, double age, double years) {
        return 1
                - Math.exp(-Math.pow((age + years) / life.scaleYears(), life.shape()))
                        / Math.exp(-Math.pow(age / life.scaleYears(), life.shape()));
    }

    private CaseAssessment aged(Model model, double years) {
        CaseInput said = CaseInput.of(model.number().written() + " everything that wears");
        return counter.withoutQuestions(said.but().ageYears(years).input());
    }

    @Test
    public void ofEverythingThatWearsThatIsSoldWhichIsLikelyToFailWithinTheHorizon() {
        int left = 0;
        for (Appliance appliance : Appliance.values()) {
            Pack pack = counter.pack(appliance).orElseThrow();
            Job job = pack.jobs().stream().filter(Job::byAge).findFirst().orElseThrow();
            for (Model model : models(appliance).subList(0, 12)) {
                for (double age : new double[] {0.5, 3, 9}) {
                    CaseAssessment view = aged(model, age);
                    Set<String> due = new TreeSet<>();
                    for (Job.Piece piece : job.needs()) {
                        LifeCurve life =
                                pack.partType(piece.partType()).orElseThrow().life();
                        boolean isDue = failing(life, age, HouseSettings.USUAL.horizonYears()) > 0.1;
                        if (isDue && fitted(model).containsKey(piece.partType())) {
                            due.add(piece.partType());
                        }
                        left += isDue ? 0 : 1;
                    }
                    Set<String> requested = view.sale().requests().stream()
                            .map(RequestOutcome::partType)
                            .collect(Collectors.toCollection(TreeSet::new));
                    assertEquals(requested, due, model.number().written() + " at " + age);
                }
            }
        }
        assertTrue(left > 8, left + " parts are young enough to stay");
    }

    @Test
    public void everyPhraseOfEveryJobAsksForThatJob() {
        for (Appliance appliance : Appliance.values()) {
            Pack pack = counter.pack(appliance).orElseThrow();
            for (Job job : pack.jobs()) {
                for (String said : job.said()) {
                    CaseAssessment view = counter.withoutQuestions(CaseInput.of(appliance.slug() + ", " + said)
                            .but()
                            .appliance(appliance)
                            .input());
                    List<String> asked =
                            view.sale().jobs().stream().map(plan -> plan.job()).toList();
                    assertTrue(asked.contains(job.id()), "%s: “%s” asks for %s".formatted(appliance, said, asked));
                    assertFalse(
                            job.notes().isEmpty()
                                    && job.ask() == null
                                    && job.needs().isEmpty(),
                            job.id());
                }
            }
        }
    }
}
