package synopta.core.fit;

import static org.testng.Assert.assertEquals;
import static synopta.core.Samples.model;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import org.testng.annotations.Test;
import synopta.core.Samples;
import synopta.core.Shelf;
import synopta.core.catalog.Appliance;
import synopta.core.catalog.BuildRange;
import synopta.core.catalog.CatalogImport;
import synopta.core.catalog.CatalogImportCheck;
import synopta.core.catalog.Fit;
import synopta.core.catalog.Fuel;
import synopta.core.catalog.InMemoryCatalog;
import synopta.core.catalog.Model;
import synopta.core.catalog.ModelNumber;
import synopta.core.catalog.Part;
import synopta.core.catalog.RowFault;
import synopta.core.catalog.SerialRange;
import synopta.core.catalog.SerialScheme;
import synopta.core.catalog.Sheet;

public class CatalogCheckTest {
    private static List<String> warnings(Shelf shelf) {
        return CatalogCheck.of(shelf.catalog()).stream()
                .map(r -> r.kind().slug() + " " + r.subject())
                .toList();
    }

    private static Shelf threeTwins() {
        Shelf shelf = new Shelf().part("BELT", 100).part("MOTOR", 100).part("WRONG", 100);
        for (String number : List.of("TH-1", "TH-2", "TH-3", "TH-4")) {
            shelf.model(model(number, number.equals("TH-2") ? "Orrinvale" : "Thistlemoor", Appliance.DRYER, Fuel.LP, 1))
                    .fit(number, "belt", number.equals("TH-4") ? "WRONG" : "BELT", 1, BuildRange.ALWAYS)
                    .fit(number, "motor", "MOTOR", 1, BuildRange.ALWAYS);
        }
        return shelf.slot("belt", "t").slot("motor", "t");
    }

    @Test
    public void aModelThatDiffersFromItsTwinsAtOnePlaceHasProbablySlipped() {
        assertEquals(warnings(threeTwins()), List.of("slip TH-4"));
    }

    @Test
    public void whatIsProbablyNotMeantIsRemarked() {
        Shelf shelf = threeTwins()
                .slot("lamp", "t")
                .fit("TH-1", "fan", "MOTOR", 1, BuildRange.ALWAYS)
                .part("ORPHAN", 100)
                .part("OLDBELT", -1, "t", true, Part.Status.SUPERSEDED, 1)
                .replaced("OLDBELT", 1, "BELT", 1, "")
                .part("LOST", -1, "t", true, Part.Status.SUPERSEDED, 1)
                .equivalent("BELT", "LOST")
                .part("GONE", -1, "t", true, Part.Status.DISCONTINUED, 1)
                .replaced("MOTOR", 1, "GONE", 1, "")
                .part("SET", 100, "dryer-repair-kit", true, Part.Status.CURRENT, 1)
                .equivalent("MOTOR", "SET");
        assertEquals(
                warnings(shelf),
                List.of(
                        "part-unused ORPHAN",
                        "slot-without-part P",
                        "fit-at-no-place P",
                        "dead-end LOST",
                        "dead-end GONE",
                        "kit-unknown SET",
                        "slip TH-1",
                        "slip TH-4"));
    }

    @Test
    public void twinsAreModelsOfOtherBrandsNearestFirst() {
        InMemoryCatalog catalog = threeTwins()
                .model(model("OR-9", "Orrinvale", Appliance.DRYER, Fuel.LP, 1))
                .catalog();
        Model first = catalog.model(new ModelNumber("TH-1")).orElseThrow();
        List<EquivalentModel> equivalentModels = new EquivalentModels(catalog).of(first, 10);
        assertEquals(
                equivalentModels.stream().map(t -> t.model().number().written()).toList(), List.of("TH-2", "OR-9"));
        assertEquals(equivalentModels.get(0).shared(), List.of("belt", "motor"));
        assertEquals(equivalentModels.get(1).differing(), List.of("belt", "motor"));
    }

    @Test
    public void aDeliveryMustHoldTogetherWithItselfAndWithWhatStays() {
        InMemoryCatalog shelf = threeTwins().catalog();
        CatalogImport delivery = new CatalogImport();
        delivery.begin(Sheet.PARTS).add(Samples.shelfPart("belt"), 2);
        delivery.begin(Sheet.PARTS).add(Samples.shelfPart("B-E-L-T"), 3);
        delivery.begin(Sheet.PARTS).add(Samples.shelfPart("A"), 4);
        delivery.begin(Sheet.PARTS).add(Samples.shelfPart("B"), 5);
        delivery.begin(Sheet.MODELS).add(model("TH-1", "Nobody", Appliance.DRYER, null, 1), 2);
        delivery.begin(Sheet.SUPERSESSIONS).add(Samples.succession("A", "B"), 7);
        delivery.begin(Sheet.SUPERSESSIONS).add(Samples.succession("B", "A"), 8);
        delivery.begin(Sheet.SUPERSESSIONS).add(Samples.succession("B", "NOWHERE"), 9);
        List<String> faults = CatalogImportCheck.faultsOf(delivery, shelf).stream()
                .map(f -> f.file() + ":" + f.line() + ":" + f.column() + " " + word(f))
                .toList();
        assertEquals(
                faults,
                List.of(
                        "parts.csv:3: names the same as line 2",
                        "models.csv:2:brand (Nobody) is",
                        "models.csv:0: removes TH2, which",
                        "models.csv:0: removes TH3, which",
                        "models.csv:0: removes TH4, which",
                        "parts.csv:0: removes MOTOR, which",
                        "parts.csv:0: removes WRONG, which",
                        "supersessions.csv:9:new_part (NOWHERE) is",
                        "parts.csv:0: removes MOTOR, which",
                        "parts.csv:0: removes WRONG, which",
                        "supersessions.csv:7:old_part A supersedes itself (A → B → A)."));
    }

    @Test
    public void twinsAreComparedForTheYearsInWhichBothWereBuilt() {
        LocalDate turn = LocalDate.of(2015, 1, 1);
        BuildRange early = new BuildRange(null, turn.minusDays(1));
        BuildRange late = new BuildRange(turn, null);
        InMemoryCatalog shelf = new Shelf()
                .model(built("TH-1", "Thistlemoor", 2012, 2018))
                .model(built("HV-1", "Halvorn", 2016, 2020))
                .model(built("HV-2", "Halvorn", 2013, 2020))
                .part("EARLY", 1)
                .part("LATE", 1)
                .fit("TH-1", "motor", "EARLY", 1, early)
                .fit("TH-1", "motor", "LATE", 1, late)
                .fit("HV-1", "motor", "LATE", 1, BuildRange.ALWAYS)
                .fit("HV-2", "motor", "LATE", 1, BuildRange.ALWAYS)
                .catalog();
        List<String> differing = new EquivalentModels(shelf)
                .of(shelf.model(new ModelNumber("TH-1")).orElseThrow(), 5).stream()
                        .map(t -> t.model().number() + " " + t.differing())
                        .toList();
        assertEquals(differing, List.of("HV-1 []", "HV-2 [motor]"));
    }

    private static Model built(String number, String brand, int from, int to) {
        return new Model(
                new ModelNumber(number),
                brand,
                Appliance.DRYER,
                Fuel.ELECTRIC,
                null,
                "P",
                new BuildRange(LocalDate.of(from, 1, 1), LocalDate.of(to, 12, 31)),
                1,
                "");
    }

    @Test
    public void aSerialRangeMustNotEndBeforeItBeginsInTheOrderOfItsBrand() {
        SerialScheme scheme =
                new SerialScheme("s", "YNNN", Map.of("A", 2016), null, SerialScheme.Period.MONTH, List.of());
        InMemoryCatalog shelf = new Shelf()
                .brand("Halvorn", scheme)
                .model(model("HV-1", "Halvorn", Appliance.DRYER, null, 1))
                .part("P", 1)
                .catalog();
        CatalogImport delivery = new CatalogImport();
        CatalogImport.Sent<Fit> fits = delivery.begin(Sheet.FITS);
        fits.add(ranged("B100", "A200"), 2);
        fits.add(ranged("A200", "B100"), 3);
        fits.add(ranged("A200", null), 4);
        List<RowFault> faults = CatalogImportCheck.faultsOf(delivery, shelf);
        assertEquals(faults.size(), 1, faults.toString());
        assertEquals(faults.get(0).line() + " " + faults.get(0).column(), "3 serial_to");
    }

    private static Fit ranged(String from, String to) {
        return new Fit(
                new ModelNumber("HV-1"),
                "motor",
                Samples.part("P"),
                1,
                BuildRange.ALWAYS,
                new SerialRange(from, to),
                "");
    }

    private static String word(RowFault fault) {
        return fault.message().replaceAll("(line 2|which|(?<=\\)) is|A\\)\\.).*", "$1");
    }
}
