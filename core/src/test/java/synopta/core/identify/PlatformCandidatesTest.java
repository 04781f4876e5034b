package synopta.core.identify;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;
import static synopta.core.Samples.part;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import org.testng.annotations.Test;
import synopta.core.Samples;
import synopta.core.Shelf;
import synopta.core.casefile.CaseInput;
import synopta.core.casefile.Inputs;
import synopta.core.catalog.Appliance;
import synopta.core.catalog.Brand;
import synopta.core.catalog.BuildRange;
import synopta.core.catalog.CatalogTables;
import synopta.core.catalog.Fuel;
import synopta.core.catalog.InMemoryCatalog;
import synopta.core.catalog.Model;
import synopta.core.catalog.ModelNumber;
import synopta.core.catalog.Part;
import synopta.core.catalog.Platform;
import synopta.core.counter.CaseAssessment;
import synopta.core.counter.Counter;
import synopta.core.counter.CounterTest;

public class PlatformCandidatesTest {

    /** Two platforms whose models are numbered alike, one electric and one for gas. */
    private static CatalogTables twoPlatforms() {
        List<Model> models = new ArrayList<>();
        for (int i = 0; i < 8; i++) {
            models.add(model("TH-78%d%d-W".formatted(i, 9 - i), Fuel.ELECTRIC, "Electric line"));
            models.add(model("TH-78%d%d-G".formatted(9 - i, i), Fuel.LP, "Gas line"));
        }
        return new CatalogTables(
                List.of(new Brand("Thistlemoor", "N", null)),
                List.of(),
                List.of(
                        new Platform("Electric line", Appliance.DRYER, "A", ""),
                        new Platform("Gas line", Appliance.DRYER, "A", "")),
                List.of(),
                models,
                List.of(),
                List.of(),
                List.of(),
                List.of(),
                List.of(),
                List.of(),
                List.of(),
                List.of());
    }

    private static Model model(String number, Fuel fuel, String platform) {
        return new Model(
                new ModelNumber(number),
                "Thistlemoor",
                Appliance.DRYER,
                fuel,
                null,
                platform,
                BuildRange.ALWAYS,
                1,
                "");
    }

    @Test
    public void anUnlistedModelGoesOnWithTheConstructionThatWasChosen() {
        Shelf shelf = new Shelf().part("ROLLER", 840, "roller", true, Part.Status.CURRENT, 1);
        for (int i = 0; i < 8; i++) {
            String number = "TH-78%d%d-W".formatted(i, 9 - i);
            shelf.model(Samples.model(number, "Thistlemoor", Appliance.DRYER, Fuel.ELECTRIC, 1))
                    .fit(number, "rear", "ROLLER", 2, BuildRange.ALWAYS);
        }
        Counter counter = CounterTest.counter(shelf.catalog());
        CaseAssessment unlisted = counter.work(CaseInput.of("th7853k thumps electric"));
        assertEquals(unlisted.identified().model(), null);
        assertEquals(unlisted.identified().constructions().get(0).platform().platform(), "P");
        assertTrue(unlisted.needs().isEmpty(), "nothing is guessed in silence");
        CaseInput chosen = Inputs.inspected("th7853k thumps electric", "P", Set.of());
        CaseAssessment identified = counter.work(chosen);
        assertEquals(identified.identified().chosen().platform().platform(), "P");
        assertEquals(identified.identified().layout().id(), "A");
        assertEquals(identified.needs().get(0).supplied(), part("ROLLER"), "all electric models take it");
        assertTrue(identified.known().stream().anyMatch(k -> k.key().equals("platform") && !k.sure()));
    }

    @Test
    public void aLookRulesConstructionsOutAndIsAskedWhereItTellsMost() {
        CatalogTables tables = twoPlatforms();
        Counter counter = CounterTest.counter(new InMemoryCatalog(tables));
        CaseAssessment unlisted = counter.work(CaseInput.of("th7853k thumps"));
        assertEquals(unlisted.identified().constructions().size(), 2);
        DistinguishingQuestion look = unlisted.identified().look();
        assertEquals(
                look.answers().stream()
                        .map(DistinguishingQuestion.Answer::key)
                        .sorted()
                        .toList(),
                List.of("fuel:electricity", "fuel:gas"));
        assertEquals(look.expectedGainBits(), 1, 0.3, "two equal halves are a bit, less the chance of neither");
        CaseInput inspected = Inputs.inspected("th7853k thumps", null, Set.of("fuel:gas"));
        CaseAssessment gas = counter.work(inspected);
        assertEquals(
                gas.identified().constructions().stream()
                        .map(c -> c.platform().platform())
                        .toList(),
                List.of("Gas line"));
        assertEquals(gas.identified().look(), null);
    }
}
