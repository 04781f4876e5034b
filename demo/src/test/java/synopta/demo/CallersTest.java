package synopta.demo;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.io.IOException;
import java.nio.file.Path;
import java.time.Clock;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import synopta.core.casefile.CaseInput;
import synopta.core.casefile.Shopping;
import synopta.core.catalog.Appliance;
import synopta.core.catalog.Catalog;
import synopta.core.catalog.InMemoryCatalog;
import synopta.core.counter.CaseAssessment;
import synopta.core.counter.Counter;
import synopta.core.diagnosis.Diagnosis;
import synopta.core.diagnosis.Suspect;
import synopta.core.fit.FitFinder;
import synopta.core.fit.Specifications;
import synopta.core.knowledge.CurrentPacks;
import synopta.core.knowledge.Finding;
import synopta.core.knowledge.Hazard;
import synopta.core.knowledge.HouseSettings;
import synopta.core.knowledge.Pack;
import synopta.core.tag.EditCosts;
import synopta.core.tag.TagReader;
import synopta.formats.knowledge.EditCostsReader;
import synopta.formats.knowledge.PackReader;
import synopta.formats.knowledge.PackRejectedException;

/** Callers at the counter, with the packs and the demo catalog as they ship. */
public class CallersTest {
    private final Catalog catalog = new InMemoryCatalog(DemoCatalog.of(7, DemoCatalog.MODELS));
    private final List<Pack> packs;
    private final Counter counter;

    public CallersTest() throws IOException, PackRejectedException {
        Path knowledge = Path.of(System.getProperty("synopta.root"), "knowledge");
        PackReader.Loaded loaded = PackReader.folder(knowledge);
        assertEquals(loaded.refused(), List.of());
        packs = loaded.packs();
        TagReader reader = new TagReader(catalog, EditCosts.of(EditCostsReader.folder(knowledge)));
        FitFinder finder = new FitFinder(
                catalog, new Specifications(new CurrentPacks(packs)), () -> HouseSettings.USUAL, Clock.systemUTC());
        counter = new Counter(
                catalog,
                () -> reader,
                new CurrentPacks(packs),
                finder,
                () -> HouseSettings.USUAL,
                () -> DemoCatalog.CURRENCY,
                Clock.systemUTC());
    }

    /**
     * Common practice of the trade, no published source: what is said, the faults that must lead the list, and the
     * questions of which one must be among the first two asked.
     */
    @DataProvider(name = "complaints, shortlists and the question that splits them, common practice")
    Object[][] complaints() {
        return Stream.of(dryers(), others()).flatMap(Stream::of).toArray(Object[][]::new);
    }

    private static Object[][] dryers() {
        return new Object[][] {
            {
                "dryer dead on start",
                "belt-broken belt-switch-failed door-switch-failed supply-dead thermal-fuse-open start-switch-failed board-failed",
                "drum-by-hand door-lean-helps panel-lit"
            },
            {"electric dryer, motor is heard but the drum sits still", "belt-broken idler-off", "drum-by-hand"},
            {
                "electric dryer no heat",
                "thermal-fuse-open heater-open supply-half high-limit-open",
                "half-supply fuse-again"
            },
            {"mains gas dryer no heat", "igniter-open thermal-fuse-open flame-sensor-stuck coils-weak", "burner"},
            {"dryer too hot", "vent-blocked thermostat-stuck blower-sensor-drifted", "vent-not-cleaned since-repair"},
            {"dryer takes forever", "vent-blocked", "vent-long"},
            {"dryer thumps", "rear-roller-worn front-roller-worn belt-seam", "thump-once-a-turn thump-empty"},
            {"dryer squeals", "idler-seized rear-roller-worn front-roller-worn", "squeal-when noise-place"},
            {"dryer scrapes at the front, marks on clothes", "glide-worn seal-worn", "felt-folded gap-at-rim"},
            {"dryer grinds at the back", "rear-roller-worn rear-bearing-worn", "rear-wheels"},
            {"hv4415 grinds at the back", "rear-bearing-worn", ""},
            {"th7820w grinds at the back", "rear-roller-worn", ""},
            {"dryer broke the belt again within a year", "idler-seized twin-idler-seized", "idler-checked"},
            {"dryer slapping inside, black strings", "belt-frayed", "lift-felt"},
            {"dryer door drops", "door-spring-broken door-catch-worn", "door-wont-latch"},
            {"dryer door won't latch", "door-catch-worn", ""},
            {"gas dryer heats then stops", "coils-weak", ""},
        };
    }

    private static Object[][] others() {
        return new Object[][] {
            {"electric oven: fan runs, oven cold", "fan-element-open", "bake-heats broil-heats"},
            {"oven, broil dead, bake fine", "broil-open", "selector-loose broil-ohms"},
            {"electric oven never reaches the set heat", "stat-low", "oven-heats bake-heats"},
            {"oven always at full", "stat-full", ""},
            {"electric oven, no click at the dial", "stat-open stat-full stat-low", "oven-heats"},
            {"gas oven lights then dies", "thermocouple-weak gas-valve-failed", "hold-knob"},
            {"gas oven won't stay lit", "thermocouple-weak gas-valve-failed", "hold-knob"},
            {"gas oven never lights", "oven-igniter-weak oven-igniter-open gas-supply-off", "oven-flame"},
            {"dishwasher leaves water in the bottom, hums", "filter-blocked hose-kinked", "filter-clean"},
            {"dishwasher leaves it full of water, hums", "pump-jammed filter-blocked", "filter-clean"},
            {"dishwasher soap lid stays shut", "dispenser-stuck dish-blocks-lid", "dish-before-lid"},
            {"dishwasher rack runs off its rails", "rail-broken rail-clip-lost", "rail-broken"},
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
                diagnosis.next().stream().limit(2).map(q -> q.finding().id()).toList();
        assertTrue(
                questions.isEmpty() || asked.stream().anyMatch(Set.of(questions.split(" "))::contains),
                "asked " + asked);
    }

    @Test
    public void aWornTagWithTwoWrongCharactersAndAThumpSellsTheRollerKit() {
        CaseAssessment view = counter.work(CaseInput.of("th7B2O-w thumps once a turn, 8 yrs"));
        assertEquals(view.identified().model().number().written(), "TH-7820-W");
        assertEquals(view.plan().orElseThrow().best().lines().get(0).part().written(), "QV-4410-K");
        assertEquals(view.diagnosis().advice().action().slug(), "sell");
    }

    @Test
    public void aBrokenBeltIsSuspectedWhenADeadDryersDrumSpinsFreely() {
        CaseAssessment view = counter.work(CaseInput.of("th7820w dead, drum spins freely"));
        assertEquals(view.diagnosis().suspects().get(0).fault().id(), "belt-broken");
        assertEquals(view.needs().get(0).supplied().written(), "QV-1183", "two successions on");
    }

    @Test
    public void theHeaterBoxOfTodayFitsWithAChangeAndBringsItsFuse() {
        CaseAssessment view = counter.work(CaseInput.of("th7820w no heat, display is on, motor runs"));
        CaseInput both = new CaseInput(
                "th7820w no heat",
                null,
                null,
                null,
                null,
                List.of(),
                List.of(),
                List.of(),
                Set.of(),
                Set.of("heater-open", "thermal-fuse-open"),
                Set.of(),
                null,
                null,
                Set.of(),
                Finding.Who.TECHNICIAN,
                Shopping.AS_IT_COMES);
        List<String> bag = counter.work(both).sale().options().get(0).bag().stream()
                .map(b -> b.text())
                .toList();
        assertTrue(bag.stream().anyMatch(t -> t.contains("brings its own thermostat and fuse")), bag.toString());
        assertTrue(view.diagnosis().suspects().get(0).fault().id().startsWith("heater"));
    }

    @Test
    public void aSecondFuseBringsTheInterlockSwitchesAndTheGraveCautions() {
        CaseAssessment view = counter.work(CaseInput.of("tm2205b microwave dead, fuse blew twice"));
        assertEquals(
                view.needs().stream()
                        .map(n -> n.quantity() + " " + n.partType())
                        .collect(Collectors.toSet()),
                Set.of("1 line-fuse", "3 door-interlock-switch"));
        Set<Hazard> hazards = view.cautions().stream().map(c -> c.hazard()).collect(Collectors.toSet());
        assertTrue(hazards.containsAll(
                Set.of(Hazard.STORED_CHARGE, Hazard.MAINS, Hazard.MICROWAVE_LEAKAGE, Hazard.GLASS)));
    }

    @Test
    public void nobodyIsAskedToTestTheInsideOfAMicrowave() {
        for (String line : List.of("microwave dead", "microwave no heat", "microwave hums loudly, no heat")) {
            counter.work(CaseInput.of(line))
                    .diagnosis()
                    .next()
                    .forEach(question -> assertEquals(
                            question.finding().who(),
                            Finding.Who.CUSTOMER,
                            question.finding().id()));
        }
    }

    @Test
    public void thePacksHaveTheirDepth() {
        Map<Appliance, int[]> least = Map.of(
                Appliance.DRYER, new int[] {45, 60},
                Appliance.RANGE, new int[] {35, 45},
                Appliance.DISHWASHER, new int[] {35, 45},
                Appliance.MICROWAVE, new int[] {22, 30});
        assertEquals(packs.size(), least.size());
        for (Pack pack : packs) {
            int[] depth = least.get(pack.appliance());
            assertTrue(
                    pack.faults().size() >= depth[0] && pack.findings().size() >= depth[1],
                    pack.appliance() + ": " + pack.faults().size() + " faults, "
                            + pack.findings().size() + " findings");
        }
    }

    @Test
    public void aGoodReadingSellsNothingAndADoubtAboutARightPartIsAnswered() {
        CaseAssessment good =
                counter.work(CaseInput.of("electric oven, broil element dead, broil element reads 24 ohms"));
        assertTrue(
                good.known().stream().anyMatch(k -> k.words().equals("Broil element good")),
                good.known().toString());
        assertTrue(good.needs().stream().noneMatch(n -> n.partType().equals("broil-element")));
        assertEquals(good.diagnosis().advice().notToSell(), List.of("broil element: broil element good"));
        CaseAssessment doubt = counter.work(CaseInput.of("th7820w I have a wavy washer left over from the new roller"));
        assertTrue(doubt.parsed().doubts().get(0).answer().answer().startsWith("That is normal"));
        assertEquals(doubt.needs(), List.of());
    }

    @Test
    public void aPartAskedForByNameHidesNothing() {
        List<Suspect> suspects = counter.work(CaseInput.of("th7820w a new fan please, it blows cold"))
                .diagnosis()
                .suspects();
        assertEquals(suspects.get(0).fault().id(), "heater-open");
        assertTrue(suspects.get(0).probability().value()
                > 2
                        * suspects.stream()
                                .filter(s -> s.fault().id().equals("blower-loose"))
                                .findFirst()
                                .orElseThrow()
                                .probability()
                                .value());
    }

    @Test
    public void aWordOfTwoMeaningsKeepsBothUntilOneIsChosen() {
        CaseAssessment view = counter.work(CaseInput.of("electric dryer, needs a new bearing"));
        assertEquals(
                view.parsed().named().get(0).partTypes(), List.of("drum-glide", "drum-roller", "rear-drum-bearing"));
        assertTrue(view.known().stream()
                        .filter(k -> k.source().endsWith("which part?"))
                        .count()
                == 3);
        assertEquals(
                counter.work(CaseInput.of("electric dryer, he says the sensor"))
                        .parsed()
                        .named()
                        .get(0)
                        .partTypes(),
                List.of("blower-sensor", "heater-thermostat", "moisture-sensor", "thermal-fuse"),
                "the flame sensor of a gas dryer is not meant");
    }

    @Test
    public void aBlownFuseRaisesItsCauses() {
        double before = probability("th7820w", "vent-blocked");
        double after = probability("th7820w thermal fuse reads OL", "vent-blocked");
        assertTrue(after > 2 * before, before + " " + after);
        assertTrue(probability("th7820w thermal fuse reads OL", "thermostat-stuck")
                > 2 * probability("th7820w", "thermostat-stuck"));
    }

    private double probability(String line, String fault) {
        return counter.work(CaseInput.of(line)).diagnosis().suspects().stream()
                .filter(s -> s.fault().id().equals(fault))
                .mapToDouble(s -> s.probability().value())
                .findFirst()
                .orElseThrow();
    }
}
