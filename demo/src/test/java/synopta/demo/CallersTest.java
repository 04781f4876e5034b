package synopta.demo;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import synopta.core.casefile.CaseInput;
import synopta.core.catalog.Appliance;
import synopta.core.catalog.Catalog;
import synopta.core.counter.CaseAssessment;
import synopta.core.counter.Counter;
import synopta.core.diagnosis.Advice;
import synopta.core.diagnosis.Suspect;
import synopta.core.knowledge.Finding;
import synopta.core.knowledge.Hazard;
import synopta.core.knowledge.HouseSettings;
import synopta.core.knowledge.Pack;

/** Callers at the counter, with the packs and the demo catalog as they ship. */
public class CallersTest {
    private final Catalog catalog = DemoCounter.CATALOG;
    private final List<Pack> packs = DemoCounter.PACKS;
    private final Counter counter = new DemoCounter(() -> HouseSettings.USUAL).counter;

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
        CaseInput both = CaseInput.of("th7820w no heat")
                .but()
                .selected(Set.of("heater-open", "thermal-fuse-open"))
                .input();
        List<String> bag = counter.work(both).sale().options().get(0).bag().stream()
                .map(b -> b.text())
                .toList();
        assertTrue(bag.stream().anyMatch(t -> t.contains("brings its own thermostat and fuse")), bag.toString());
        assertTrue(view.diagnosis().suspects().stream()
                .limit(2)
                .anyMatch(suspect -> suspect.fault().id().equals("heater-open")));
    }

    /** What is heard, and words of what is said and done at once; general knowledge of the trade, from memory. */
    @DataProvider
    Object[][] stops() {
        return new Object[][] {
            {"gas dryer no heat, smells of gas", "fire service from outside"},
            {"gas oven, smell gas a little maybe", "No switch, flame or phone"},
            {"gas range, the co alarm went off", "Fresh air"},
            {"gas dryer gives us headaches when it runs", "carbon monoxide"},
            {"electric dryer runs with the door open", "never bypassed"},
            {"dryer starts by itself at night", "children away"},
            {"dishwasher burning smell from the panel", "recall check"},
            {"microwave runs with the door open", "measures the leakage"},
            {"th7820w thumps, my wife got a shock", "electrician"},
            {"tm2205b microwave caught fire", "fire service"},
        };
    }

    @Test(dataProvider = "stops")
    public void aStopComesFirstAndSellsNothing(String line, String words) {
        CaseAssessment view = counter.work(CaseInput.of(line));
        assertEquals(view.diagnosis().advice().action(), Advice.Action.STOP);
        assertTrue(
                view.diagnosis().advice().why().contains(words),
                view.diagnosis().advice().why());
        assertTrue(view.diagnosis().next().isEmpty()
                && view.needs().isEmpty()
                && view.selling().isEmpty());
        assertTrue(view.plan().isEmpty() && view.sale().options().isEmpty());
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
        assertEquals(suspects.get(0).fault().id(), "thermal-fuse-open");
        assertEquals(suspects.get(1).fault().id(), "heater-open");
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

    /** What a caller says, the part type that is right (or the fault that is cured without one), one more answer. */
    private record Call(String line, String right, String finding, String answer) {}

    private static List<Call> calls() throws IOException {
        try (InputStream in = CallersTest.class.getResourceAsStream("/callers.txt")) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8)
                    .lines()
                    .filter(line -> !line.startsWith("#"))
                    .map(line -> line.split(" \\| |=(?=[^|]*$)"))
                    .map(row -> new Call(row[0], row[1], row[2], row[3]))
                    .toList();
        }
    }

    /** The place of the right part or cure among those suspected, 0 for the first. */
    private int place(CaseInput input, String right) {
        int place = counter.work(input).suspects().stream()
                .filter(Suspect::concerned)
                .map(s -> s.fault().cure() == null
                        ? s.fault().partType()
                        : s.fault().id())
                .distinct()
                .toList()
                .indexOf(right);
        return place < 0 ? Integer.MAX_VALUE : place;
    }

    @Test
    public void callersOverAllLayoutsGetTheRightPartFirstOrAmongThree() throws IOException {
        List<Call> calls = calls();
        assertTrue(calls.size() >= 60, calls.size() + " callers");
        List<Integer> alone = new ArrayList<>();
        List<Integer> answered = new ArrayList<>();
        for (Call call : calls) {
            CaseInput said = CaseInput.of(call.line);
            alone.add(place(said, call.right));
            List<CaseInput.Answered> more = List.of(new CaseInput.Answered(call.finding, call.answer, true));
            answered.add(place(said.but().findings(more).input(), call.right));
        }
        for (List<Integer> places : List.of(alone, answered)) {
            long first = places.stream().filter(place -> place == 0).count();
            long three = places.stream().filter(place -> place < 3).count();
            assertTrue(first >= 0.85 * calls.size(), first + " of " + calls.size() + " first");
            assertTrue(three >= 0.95 * calls.size(), three + " of " + calls.size() + " among three");
        }
    }
}
