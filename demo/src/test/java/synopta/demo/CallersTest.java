package synopta.demo;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.io.IOException;
import java.nio.file.Path;
import java.time.Clock;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.stream.Collectors;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import synopta.core.catalog.Catalog;
import synopta.core.catalog.MemoryCatalog;
import synopta.core.counter.CaseDraft;
import synopta.core.counter.CaseView;
import synopta.core.counter.Counter;
import synopta.core.diagnosis.Suspect;
import synopta.core.knowledge.Finding;
import synopta.core.knowledge.Hazard;
import synopta.core.knowledge.Pack;
import synopta.core.tag.TagReader;
import synopta.core.tag.Weights;
import synopta.formats.knowledge.PackReader;
import synopta.formats.knowledge.PackRefused;
import synopta.formats.knowledge.WeightsReader;

/** Callers at the counter, with the packs and the demo catalogue as they ship. */
public class CallersTest {
    private final Catalog catalog = new MemoryCatalog(DemoCatalogue.of(7, DemoCatalogue.MODELS));
    private final List<Pack> packs;
    private final Counter counter;

    public CallersTest() throws IOException, PackRefused {
        Path knowledge = Path.of(System.getProperty("synopta.root"), "knowledge");
        PackReader.Loaded loaded = PackReader.folder(knowledge);
        assertEquals(loaded.refused(), List.of());
        packs = loaded.packs();
        TagReader reader = new TagReader(catalog, Weights.of(WeightsReader.folder(knowledge)));
        counter = new Counter(catalog, () -> reader, packs, DemoCatalogue.CURRENCY, Clock.systemUTC());
    }

    /**
     * Common practice of the trade, no published source: what is said, and the faults that must lead the list.
     */
    @DataProvider(name = "complaints and their shortlists, common practice")
    Object[][] complaints() {
        return new Object[][] {
            {"dryer dead", Set.of("door-switch-failed", "belt-broken", "thermal-fuse-open", "start-switch-failed")},
            {"dryer motor is heard but the drum sits still", Set.of("belt-broken")},
            {"electric dryer no heat", Set.of("heater-open", "thermal-fuse-open")},
            {"mains gas dryer no heat", Set.of("igniter-open", "thermal-fuse-open")},
            {"dryer too hot", Set.of("vent-blocked", "thermostat-stuck")},
            {"dryer takes forever to dry", Set.of("vent-blocked")},
            {"dryer thumps", Set.of("rear-roller-worn", "front-roller-worn")},
            {"dryer squeals", Set.of("idler-seized", "rear-roller-worn")},
            {"dryer scrapes at the front, marks on clothes", Set.of("glide-worn")},
            {"hv4415 grinds at the back", Set.of("rear-bearing-worn")},
            {"th7820w grinds at the back", Set.of("rear-roller-worn")},
            {"dryer broke the belt again within a year", Set.of("idler-seized")},
            {"dryer slapping, black strings", Set.of("belt-frayed")},
            {"gas dryer heats then stops", Set.of("coils-weak")},
            {"microwave completely dead", Set.of("line-fuse-blown", "cutout-open")},
            {"microwave dead, fuse again", Set.of("line-fuse-blown", "interlock-failed")},
            {"microwave runs, no heat", Set.of("magnetron-failed", "diode-shorted")},
        };
    }

    @Test(dataProvider = "complaints and their shortlists, common practice")
    public void theShortlistOfTheTradeLeads(String line, Set<String> shortlist) {
        List<Suspect> suspects =
                counter.work(CaseDraft.of(line)).diagnosis().orElseThrow().suspects();
        Set<String> leading = suspects.stream()
                .limit(shortlist.size())
                .map(s -> s.fault().id())
                .collect(Collectors.toSet());
        assertEquals(leading, shortlist);
    }

    @Test
    public void aWornTagWithTwoWrongCharactersAndAThumpSellsTheRollerKit() {
        CaseView view = counter.work(CaseDraft.of("th7B2O-w thumps once a turn, 8 yrs"));
        assertEquals(view.model().orElseThrow().number().written(), "TH-7820-W");
        assertEquals(
                view.plan()
                        .orElseThrow()
                        .best()
                        .orElseThrow()
                        .lines()
                        .get(0)
                        .part()
                        .written(),
                "QV-4410-K");
        assertEquals(view.diagnosis().orElseThrow().advice().action().slug(), "sell");
    }

    @Test
    public void aBrokenBeltIsSuspectedWhenADeadDryersDrumSpinsFreely() {
        CaseView view = counter.work(CaseDraft.of("th7820w dead, drum spins freely"));
        assertEquals(view.diagnosis().orElseThrow().suspects().get(0).fault().id(), "belt-broken");
        assertEquals(view.needs().get(0).supplied().orElseThrow().written(), "QV-1183", "two successions on");
    }

    @Test
    public void theHeaterBoxOfTodayFitsWithAChangeAndBringsItsFuse() {
        CaseView view = counter.work(CaseDraft.of("th7820w no heat, display is on, motor runs"));
        CaseDraft both = new CaseDraft(
                "th7820w no heat",
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                OptionalDouble.empty(),
                List.of(),
                List.of(),
                List.of(),
                Set.of(),
                Set.of("heater-open", "thermal-fuse-open"),
                Set.of(),
                Optional.empty(),
                Optional.empty(),
                Set.of());
        List<String> bag = counter.work(both).bag().stream().map(b -> b.text()).toList();
        assertTrue(bag.stream().anyMatch(t -> t.contains("brings its own thermostat and fuse")), bag.toString());
        assertTrue(view.diagnosis().orElseThrow().suspects().get(0).fault().id().startsWith("heater"));
    }

    @Test
    public void aSecondFuseBringsTheInterlockSwitchesAndTheGraveCautions() {
        CaseView view = counter.work(CaseDraft.of("tm2205b microwave dead, fuse blew twice"));
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
            counter.work(CaseDraft.of(line))
                    .diagnosis()
                    .orElseThrow()
                    .next()
                    .forEach(question -> assertEquals(
                            question.finding().who(),
                            Finding.Who.CUSTOMER,
                            question.finding().id()));
        }
    }

    @Test
    public void thePacksHaveTheirDepth() {
        Pack dryer = packs.get(0);
        Pack microwave = packs.get(1);
        assertTrue(dryer.faults().size() >= 14
                && dryer.findings().size() >= 25
                && dryer.layouts().size() >= 2);
        assertTrue(microwave.faults().size() >= 5 && microwave.findings().size() >= 8);
    }
}
