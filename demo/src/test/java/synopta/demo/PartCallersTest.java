package synopta.demo;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.io.IOException;
import java.nio.file.Path;
import java.time.Clock;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import synopta.core.casefile.CaseInput;
import synopta.core.casefile.Shopping;
import synopta.core.catalog.Appliance;
import synopta.core.catalog.Catalog;
import synopta.core.catalog.InMemoryCatalog;
import synopta.core.catalog.Model;
import synopta.core.catalog.ModelNumber;
import synopta.core.catalog.PartNumber;
import synopta.core.counter.CaseAssessment;
import synopta.core.counter.Counter;
import synopta.core.diagnosis.MeaningModel;
import synopta.core.fit.EquivalentModel;
import synopta.core.fit.EquivalentModels;
import synopta.core.fit.FitFinder;
import synopta.core.fit.FitVerdict;
import synopta.core.fit.MachineUnit;
import synopta.core.fit.Specifications;
import synopta.core.fit.Suggestion;
import synopta.core.knowledge.CurrentPacks;
import synopta.core.knowledge.HouseSettings;
import synopta.core.knowledge.Pack;
import synopta.core.line.LineToken;
import synopta.core.sale.RequiredPart;
import synopta.core.tag.EditCosts;
import synopta.core.tag.TagReader;
import synopta.formats.knowledge.EditCostsReader;
import synopta.formats.knowledge.PackReader;
import synopta.formats.knowledge.PackRejectedException;

/** Callers who have the number of a part, and the awkward fits of the scenario. */
public class PartCallersTest {
    private final Catalog catalog = new InMemoryCatalog(DemoCatalog.of(7, DemoCatalog.MODELS));
    private final FitFinder finder;
    private final Counter counter;

    public PartCallersTest() throws IOException, PackRejectedException {
        Path knowledge = Path.of(System.getProperty("synopta.root"), "knowledge");
        List<Pack> packs = PackReader.folder(knowledge).packs();
        TagReader reader = new TagReader(catalog, EditCosts.of(EditCostsReader.folder(knowledge)));
        Clock clock = Clock.systemUTC();
        finder = new FitFinder(catalog, new Specifications(new CurrentPacks(packs)), () -> HouseSettings.USUAL, clock);
        counter = new Counter(
                catalog,
                () -> reader,
                new CurrentPacks(packs),
                MeaningModel.UNTAUGHT,
                finder,
                () -> HouseSettings.USUAL,
                () -> DemoCatalog.CURRENCY,
                clock);
    }

    @DataProvider
    Object[][] lines() {
        return new Object[][] {
            {"a part alone, superseded twice", "qv-1180", "1 x QV-1183 depends on model", "1 x QV-1183"},
            {"two of it, apart from its dash", "2 x QV 1183 please", "2 x QV-1183 depends on model", "2 x QV-1183"},
            {"with its machine", "qv1183 for a th7820w", "1 x QV-1183 fits", "1 x QV-1183"},
            {"of another machine", "hv4415 needs a QV-1183", "QV-1183 does not fit", ""},
            {
                "split, and half of it a kit now",
                "th7820w QV-1320",
                "1 x QV-1322 fits with change, 1 x QV-1325-K fits with change",
                "1 x QV-1322, 1 x QV-1325-K"
            },
            {"early or late motor", "hv4415w HN-3340", "HN-3340 depends on serial", ""},
            {"a late serial of the same year", "hv4415w HN-3342 sn 9J-H42107", "1 x HN-3342 fits", "1 x HN-3342"},
            {"the early motor for it", "hv4415w HN-3340 sn 9J-H42107", "HN-3340 does not fit", ""},
        };
    }

    @Test(dataProvider = "lines")
    public void aPartNumberInTheLineStartsFromThePart(String what, String line, String verdicts, String bought) {
        CaseAssessment view = counter.work(CaseInput.of(line));
        assertTrue(
                view.pieces().stream().anyMatch(p -> p.kind() == LineToken.Kind.PART_NUMBER),
                view.pieces().toString());
        assertEquals(view.needs().stream().map(PartCallersTest::said).collect(Collectors.joining(", ")), verdicts);
        String lines = view.plan().flatMap(plan -> Optional.ofNullable(plan.best())).stream()
                .flatMap(best -> best.lines().stream())
                .map(l -> l.quantity() + " x " + l.part())
                .collect(Collectors.joining(", "));
        assertEquals(lines, bought);
        assertEquals(view.appliance(), Optional.of(Appliance.DRYER), "the part tells the appliance");
    }

    private static String said(RequiredPart need) {
        String what = Optional.ofNullable(need.supplied())
                .map(p -> need.quantity() + " x " + p)
                .orElse(need.listed().written());
        return what
                + need.verdict()
                        .<String>fold(
                                fits -> fits.supply().changes().isEmpty() ? " fits" : " fits with change",
                                depends -> " depends on " + depends.ask().slug(),
                                not -> " does not fit",
                                unknown -> " unknown");
    }

    @Test
    public void aPartThatWasStruckOutIsNotSold() {
        CaseInput plain = CaseInput.of("th7820w QV-1183");
        CaseInput excluded = new CaseInput(
                plain.line(),
                plain.model(),
                plain.appliance(),
                plain.fuel(),
                plain.ageYears(),
                plain.rechecked(),
                plain.findings(),
                plain.readings(),
                Set.of("part:QV1183"),
                plain.selected(),
                plain.deselected(),
                plain.serial(),
                plain.platform(),
                plain.inspected(),
                plain.person(),
                Shopping.AS_IT_COMES);
        assertEquals(counter.work(excluded).needs(), List.of());
        assertEquals(counter.work(plain).needs().size(), 1);
    }

    @Test
    public void aKnobNoLongerMadeComesWithOneThatFitsItsShaft() {
        Model range = catalog.modelsOn("Hearth").get(0);
        FitVerdict.Fits knob =
                (FitVerdict.Fits) finder.judge(range.number(), MachineUnit.NOT_KNOWN, new PartNumber("QV-6610"));
        assertTrue(
                knob.suggestions().stream()
                        .anyMatch(s -> s.kind() == Suggestion.Kind.SAME_SPECIFICATION
                                && s.part().equals(new PartNumber("CS-8810"))),
                knob.suggestions().toString());
    }

    @Test
    public void theSameDryerUnderTwoBrandsDiffersInItsDoorSwitch() {
        Model ours = catalog.model(new ModelNumber("TH-7820-W")).orElseThrow();
        EquivalentModel twin = new EquivalentModels(catalog)
                .of(ours, 100).stream()
                        .filter(t -> t.model().number().equals(new ModelNumber("DE7-4082W")))
                        .findFirst()
                        .orElseThrow();
        assertTrue(twin.differing().contains("door-switch"), twin.toString());
        PartNumber theirs = new PartNumber("QV-1441");
        FitVerdict.DoesNotFit wrong =
                (FitVerdict.DoesNotFit) finder.judge(ours.number(), MachineUnit.NOT_KNOWN, theirs);
        assertEquals(wrong.instead().size(), 1, "the one that does is named");
        assertTrue(finder.judge(twin.model().number(), MachineUnit.NOT_KNOWN, theirs) instanceof FitVerdict.Fits);
    }
}
