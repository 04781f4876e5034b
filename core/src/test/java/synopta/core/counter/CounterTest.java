package synopta.core.counter;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertThrows;
import static org.testng.Assert.assertTrue;
import static synopta.core.Samples.OURS;
import static synopta.core.Samples.fault;
import static synopta.core.Samples.finding;
import static synopta.core.Samples.layout;
import static synopta.core.Samples.model;
import static synopta.core.Samples.part;
import static synopta.core.Samples.type;
import static synopta.core.Samples.with;

import java.time.Clock;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import synopta.core.Samples;
import synopta.core.Shelf;
import synopta.core.casefile.CaseInput;
import synopta.core.casefile.Inputs;
import synopta.core.catalog.Appliance;
import synopta.core.catalog.BuildRange;
import synopta.core.catalog.Catalog;
import synopta.core.catalog.Fuel;
import synopta.core.catalog.InMemoryCatalog;
import synopta.core.catalog.Part;
import synopta.core.diagnosis.MeaningModel;
import synopta.core.fit.Finders;
import synopta.core.knowledge.Caution;
import synopta.core.knowledge.CurrentPacks;
import synopta.core.knowledge.Finding;
import synopta.core.knowledge.HandoverNote;
import synopta.core.knowledge.Hazard;
import synopta.core.knowledge.HouseSettings;
import synopta.core.knowledge.Identification;
import synopta.core.knowledge.Installation;
import synopta.core.knowledge.Pack;
import synopta.core.knowledge.PartType;
import synopta.core.knowledge.SellingRule;
import synopta.core.tag.TagReader;

public class CounterTest {
    private static final SellingRule ALL_WITH_RINGS = new SellingRule(
            true,
            List.of(
                    new SellingRule.Companion("rings", null, null, "Rings are renewed.", OURS),
                    new SellingRule.Companion("belt", "again", null, "The belt goes too.", OURS)),
            List.of(),
            "All of them.");
    private static final Set<Fuel> GAS = Set.of(Fuel.NATURAL_GAS, Fuel.LP);

    private static Finding said(String id, String... phrases) {
        return finding(id, 0.02, Finding.Who.CUSTOMER, List.of(phrases), List.of());
    }

    public static final Pack PACK = new Pack(
            Appliance.DRYER,
            Map.of(Fuel.ELECTRIC, 0.7, Fuel.NATURAL_GAS, 0.3),
            List.of(
                    new PartType(
                            "roller",
                            "roller",
                            type("r", SellingRule.SINGLY).life(),
                            ALL_WITH_RINGS,
                            List.of(new HandoverNote(HandoverNote.Kind.REUSE, "The nut goes on again.", OURS)),
                            List.of(),
                            Samples.PICTURE,
                            false,
                            false,
                            List.of(),
                            null,
                            Installation.PLAIN,
                            List.of()),
                    type("rings", SellingRule.SINGLY),
                    type("belt", SellingRule.SINGLY),
                    new PartType(
                            "valve",
                            "valve",
                            type("v", SellingRule.SINGLY).life(),
                            SellingRule.SINGLY,
                            List.of(),
                            List.of(),
                            Samples.PICTURE,
                            false,
                            true,
                            List.of(),
                            null,
                            Installation.PLAIN,
                            List.of())),
            List.of(
                    fault("roller", 0.2, Map.of("thumps", 0.9, "again", 0.2)),
                    fault("belt", 0.2, Map.of("still", 0.9)),
                    fault("valve", "valve", 0.3, GAS, Map.of("cold", 0.9))),
            List.of(
                    with(said("thumps", "thumps"), List.of(new Finding.Implied("still", "no")), Set.of()),
                    said("still", "sits still"),
                    said("cold", "cold"),
                    said("again", "again")),
            List.of(),
            List.of(),
            List.of(),
            List.of(),
            List.of(
                    new Caution(Hazard.SHARP_METAL, "Gloves.", Set.of("roller"), Set.of(), OURS),
                    new Caution(Hazard.MAINS, "Unplug it.", Set.of(), Set.of(), OURS),
                    new Caution(Hazard.GAS, "Shut the valve.", Set.of(), GAS, OURS)),
            List.of(layout("A", 1, List.of("roller", "rings", "belt", "valve"))),
            null,
            Identification.NONE,
            List.of());

    public static final InMemoryCatalog CATALOG = new Shelf()
            .model(model("TH-7820-W", "Thistlemoor", Appliance.DRYER, Fuel.ELECTRIC, 10))
            .model(model("TG-7820-W", "Thistlemoor", Appliance.DRYER, Fuel.NATURAL_GAS, 1))
            .part("ROLLER", 840, "roller", true, Part.Status.CURRENT, 1)
            .part("RING", 95, "rings", true, Part.Status.CURRENT, 1)
            .part("BELT1", -1, "belt", true, Part.Status.SUPERSEDED, 1)
            .part("BELT2", 1450, "belt", true, Part.Status.CURRENT, 1)
            .replaced("BELT1", 1, "BELT2", 1, "")
            .part("KIT", 3000, "kit", true, Part.Status.CURRENT, 1)
            .kit("KIT", "ROLLER", 4)
            .fit("TH-7820-W", "rear", "ROLLER", 2, BuildRange.ALWAYS)
            .fit("TH-7820-W", "front", "ROLLER", 2, BuildRange.ALWAYS)
            .fit("TH-7820-W", "rings", "RING", 8, BuildRange.ALWAYS)
            .fit("TH-7820-W", "belt", "BELT1", 1, BuildRange.ALWAYS)
            .catalog();
    public static final Counter COUNTER = counter(CATALOG);

    public static Counter counter(Catalog catalog) {
        TagReader reader = Samples.reader(catalog);
        return new Counter(
                catalog,
                () -> reader,
                new CurrentPacks(List.of(PACK)),
                MeaningModel.UNTAUGHT,
                Finders.finder(catalog),
                () -> HouseSettings.USUAL,
                () -> "USD",
                Clock.fixed(Instant.parse("2026-11-25T10:00:00Z"), ZoneOffset.UTC));
    }

    private static CaseAssessment work(String line) {
        return COUNTER.work(CaseInput.of(line));
    }

    @DataProvider
    Object[][] lines() {
        return new Object[][] {
            {"th7820w thumps, 8 yrs, electric", "model:th7820w complaint:thumps age:8 yrs fuel:electric"},
            {"Thistlemoor model no. th 7820 w thumps", "brand:Thistlemoor model:th 7820 w complaint:thumps"},
            {"my drier is eight years old", "appliance:drier age:eight years old"},
            {"gas dryer, cold, 24 ohms", "fuel:gas appliance:dryer complaint:cold not-understood:24 ohms"},
            {"sits still since the move", "complaint:sits still not-understood:move"},
            {"LP (propane)", "fuel:LP"},
            {"th7820w s/n 4A-00512 thumps", "model:th7820w serial:s/n 4A-00512 complaint:thumps"},
            {"serial number 2715B00123", "serial:serial number 2715B00123"},
            {"", ""},
        };
    }

    @Test(dataProvider = "lines")
    public void aLineIsSortedIntoItsPieces(String line, String pieces) {
        String sorted = work(line).pieces().stream()
                .peek(p -> assertEquals(line.substring(p.from(), p.to()), p.text()))
                .map(p -> p.kind().slug() + ":" + p.text())
                .reduce((a, b) -> a + " " + b)
                .orElse("");
        assertEquals(sorted, pieces);
    }

    @Test
    public void oneBadRollerSellsAllOfThemWithTheirRings() {
        CaseAssessment view = work("th7820w thumps");
        assertEquals(view.selling(), Set.of("roller"));
        assertEquals(
                view.needs().stream()
                        .map(n -> n.quantity() + " " + n.supplied())
                        .toList(),
                List.of("4 ROLLER", "8 RING"));
        assertEquals(view.plan().orElseThrow().best().total().decimal(), "37.60", "kit and 8 rings");
        assertTrue(view.sale().options().get(0).bag().stream()
                .anyMatch(b -> b.text().equals("The nut goes on again.")));
        assertTrue(view.sale().options().get(0).bag().stream()
                .anyMatch(b -> b.text().startsWith("4 x ROLLER")));
    }

    @Test
    public void whatGoesWithoutSayingIsKnownUnlessSomebodySaysOtherwise() {
        CaseAssessment thumping = work("th7820w thumps");
        assertTrue(thumping.known().stream()
                .anyMatch(k -> k.words().equals("not still") && k.source().contains("implied by")));
        assertTrue(thumping.diagnosis().next().stream()
                .noneMatch(q -> q.finding().id().equals("still")));
        assertTrue(work("th7820w thumps, sits still").known().stream()
                .anyMatch(k -> k.words().equals("still")));
        CaseAssessment excluded =
                COUNTER.work(Inputs.overruled("th7820w thumps", Set.of("finding:still"), Set.of(), Set.of()));
        assertTrue(excluded.known().stream().noneMatch(k -> k.words().contains("still")));
    }

    @Test
    public void aCompanionIsAskedForOnlyWithItsSign() {
        assertEquals(work("th7820w thumps again").needs().size(), 3);
        assertEquals(work("th7820w thumps again").needs().get(2).supplied(), part("BELT2"));
    }

    @Test
    public void workForAQualifiedPersonIsSoldOnlyWhenItIsPicked() {
        CaseInput cold = CaseInput.of("tg7820w cold");
        assertTrue(COUNTER.work(cold).selling().isEmpty());
        assertEquals(COUNTER.work(cold).diagnosis().advice().action().slug(), "refer");
        CaseInput selected = Inputs.overruled("tg7820w cold", Set.of(), Set.of("valve"), Set.of());
        assertEquals(COUNTER.work(selected).selling(), Set.of("valve"));
    }

    @Test
    public void theSpecialistOverrules() {
        assertTrue(COUNTER.work(Inputs.overruled("th7820w thumps", Set.of(), Set.of(), Set.of("roller")))
                .needs()
                .isEmpty());
        CaseAssessment excluded =
                COUNTER.work(Inputs.overruled("th7820w thumps", Set.of("finding:thumps"), Set.of(), Set.of()));
        assertTrue(excluded.known().stream().noneMatch(k -> k.key().equals("finding:thumps")));
        assertEquals(excluded.diagnosis().suspects().get(0).probability().value(), 0.2, 1e-12);
    }

    @Test
    public void unknownFuelShowsTheGasCautionUntilItIsAnswered() {
        assertEquals(hazards(work("dryer thumps")), List.of(Hazard.MAINS, Hazard.GAS, Hazard.SHARP_METAL));
        assertEquals(hazards(work("electric dryer thumps")), List.of(Hazard.MAINS, Hazard.SHARP_METAL));
        assertEquals(hazards(work("th7820w thumps")), List.of(Hazard.MAINS, Hazard.SHARP_METAL));
        assertEquals(hazards(work(" ")), List.of());
        assertTrue(work("th7820w gas").known().get(0).source().endsWith("check the tag"));
    }

    private static List<Hazard> hazards(CaseAssessment view) {
        return view.cautions().stream().map(Caution::hazard).toList();
    }

    @Test
    public void anApplianceNobodyNamedIsAssumedFromTheComplaint() {
        CaseAssessment view = work("it sits still");
        assertEquals(view.appliance().orElseThrow(), Appliance.DRYER);
        assertFalse(view.known().get(0).sure());
        assertTrue(work("lovely weather").appliance().isEmpty());
    }

    @Test
    public void aLineLongerThanAnyCallerSpeaksIsRefused() {
        assertThrows(IllegalArgumentException.class, () -> CaseInput.of("x".repeat(CaseInput.LONGEST_LINE + 1)));
        assertFalse(work("thumps ".repeat(2000)).pieces().isEmpty());
    }
}
