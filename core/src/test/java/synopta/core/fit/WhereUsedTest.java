package synopta.core.fit;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;
import static synopta.core.Samples.part;
import static synopta.core.fit.Finders.finder;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.TreeMap;
import java.util.TreeSet;
import org.apache.commons.text.similarity.LevenshteinDistance;
import org.testng.annotations.Test;
import synopta.core.Samples;
import synopta.core.Shelf;
import synopta.core.catalog.Appliance;
import synopta.core.catalog.BuildRange;
import synopta.core.catalog.Catalog;
import synopta.core.catalog.Fuel;
import synopta.core.catalog.FuzzyLookup;
import synopta.core.catalog.ModelNumber;
import synopta.core.catalog.Part;
import synopta.core.knowledge.HouseSettings;
import synopta.core.knowledge.RepairPractices;

/** Where a part is used, and which numbers are near one that is not there. */
public class WhereUsedTest {
    private static final List<String> BRANDS = List.of("Thistlemoor", "Orrinvale", "Halvorn");

    private static WhereUsed whereUsed(Catalog catalog) {
        return new WhereUsed(catalog, () -> HouseSettings.USUAL);
    }

    /** The machines a part serves are those of which its fit is not denied: asked one by one. */
    @Test
    public void everyMachineThatTakesAPartIsListedOnceByNumberAndNoOther() {
        Random random = new Random(12);
        for (int round = 0; round < 60; round++) {
            Shelf shelf = new Shelf();
            int parts = 12;
            int models = 8 + random.nextInt(40);
            for (int p = 0; p < parts; p++) {
                shelf.part("P" + p, 100);
            }
            for (int p = 0; p < 6; p++) {
                shelf.replaced("P" + p, 1, "P" + (p + 1 + random.nextInt(6)), 1, random.nextInt(3) == 0 ? "trim" : "");
            }
            shelf.equivalent("P7", "P8").equivalent("P5", "P9");
            shelf.part("K1", 100, "kit", true, Part.Status.CURRENT, 1);
            shelf.kit("K1", "P" + random.nextInt(5), 2).kit("K1", "P" + (5 + random.nextInt(5)), 1);
            shelf.part("K2", 100, "kit", true, Part.Status.CURRENT, 1).kit("K2", "K1", 1);
            for (int m = 0; m < models; m++) {
                String model = "M%03d".formatted(random.nextInt(5) * 200 + m);
                shelf.model(Samples.model(model, BRANDS.get(m % 3), Appliance.DRYER, Fuel.ELECTRIC, 1));
                for (int f = 0; f < random.nextInt(4); f++) {
                    shelf.fit(model, "place-" + f, "P" + random.nextInt(parts), 1, BuildRange.ALWAYS);
                }
            }
            Catalog catalog = shelf.catalog();
            for (String asked : List.of("P0", "P5", "P6", "P8", "P9", "P11", "K1", "K2")) {
                assertEquals(listed(catalog, asked, 1 + random.nextInt(5)), taking(catalog, asked), asked);
            }
        }
    }

    /** Page by page. */
    private static List<String> listed(Catalog catalog, String asked, int limit) {
        List<String> listed = new ArrayList<>();
        Optional<String> after = Optional.of("");
        while (after.isPresent()) {
            WhereUsed.Page page = whereUsed(catalog).page(part(asked), null, after.get(), limit);
            assertTrue(page.machines().size() <= limit);
            page.machines().forEach(m -> listed.add(m.model().number().written()));
            after = Optional.ofNullable(page.next());
        }
        return listed;
    }

    /** A kit of which a piece is left over is not listed. */
    private static List<String> taking(Catalog catalog, String asked) {
        TreeSet<String> taking = new TreeSet<>();
        catalog.eachModel(model -> finder(catalog)
                .judge(model.number(), MachineUnit.NOT_KNOWN, part(asked))
                .fold(
                        fits -> fits.supply().changes().stream().noneMatch(c -> c.startsWith("left over"))
                                && taking.add(model.number().written()),
                        depends -> taking.add(model.number().written()),
                        not -> false,
                        unknown -> false));
        return List.copyOf(taking);
    }

    private static final RepairPractices GENUINE = new RepairPractices(true, true, true, true, true, false);

    @Test
    public void aMachineSaysHowItIsServedAndMayBeAskedForByBrand() {
        Shelf shelf = new Shelf().part("OLD", 1).part("NEW", 1).part("SAME", 1);
        shelf.replaced("OLD", 1, "NEW", 1, "").equivalent("NEW", "SAME");
        for (int m = 0; m < 3; m++) {
            shelf.model(Samples.model("M" + m, BRANDS.get(m), Appliance.DRYER, Fuel.ELECTRIC, 1));
        }
        shelf.fit("M0", "belt", "OLD", 1, BuildRange.ALWAYS).fit("M1", "belt", "NEW", 1, BuildRange.ALWAYS);
        Map<String, FitBasis> basis = new TreeMap<>();
        WhereUsed used = whereUsed(shelf.catalog());
        used.each(part("NEW"), null, m -> basis.put(m.model().number().written(), m.basis()));
        assertEquals(basis, Map.of("M0", FitBasis.SUCCESSION, "M1", FitBasis.DIRECT));
        basis.clear();
        used.each(part("SAME"), "Orrinvale", m -> basis.put(m.model().number().written(), m.basis()));
        assertEquals(basis, Map.of("M1", FitBasis.EQUIVALENT));
        assertEquals(
                used.counts(part("NEW")),
                List.of(
                        new WhereUsed.Count("Orrinvale", Appliance.DRYER, 1),
                        new WhereUsed.Count("Thistlemoor", Appliance.DRYER, 1)));
        WhereUsed genuineOnly = new WhereUsed(
                new Shelf()
                        .part("A", 1)
                        .part("B", 1, "t", false, Part.Status.CURRENT, 1)
                        .equivalent("A", "B")
                        .model(Samples.model("M1", "Thistlemoor", Appliance.DRYER, Fuel.ELECTRIC, 1))
                        .fit("M1", "belt", "A", 1, BuildRange.ALWAYS)
                        .catalog(),
                () -> HouseSettings.USUAL.with(GENUINE));
        assertTrue(genuineOnly.page(part("B"), null, "", 5).machines().isEmpty());
    }

    @Test
    public void modelsOfOtherBrandsThatTakeMostPartsOfACaseComeFirst() {
        Shelf shelf = new Shelf().part("BELT", 1).part("ROLLER", 1);
        for (String model : List.of("A1", "A2", "B1", "B2")) {
            String brand = model.startsWith("A") ? "Thistlemoor" : "Halvorn";
            shelf.model(Samples.model(model, brand, Appliance.DRYER, Fuel.ELECTRIC, 1))
                    .fit(model, "belt", "BELT", 1, BuildRange.ALWAYS);
        }
        shelf.fit("B2", "rear", "ROLLER", 2, BuildRange.ALWAYS).fit("A1", "rear", "ROLLER", 2, BuildRange.ALWAYS);
        Catalog catalog = shelf.catalog();
        List<CompatibleModels.Machine> found = new CompatibleModels(catalog, whereUsed(catalog))
                .of(catalog.model(new ModelNumber("A1")).orElse(null), List.of(part("BELT"), part("ROLLER")));
        assertEquals(found.stream().map(m -> m.model().number().written()).toList(), List.of("B2", "B1"));
        assertEquals(found.get(0).basis().keySet(), new TreeSet<>(List.of(part("BELT"), part("ROLLER"))));
        assertEquals(found.get(1).differing(), List.of("rear"));
    }

    /** Levenshtein by Apache Commons Text; a swap of neighbors is tried out. */
    @Test
    public void everyNumberOneSlipAwayIsNear() {
        Random random = new Random(3);
        LevenshteinDistance distance = new LevenshteinDistance(1);
        List<String> numbers = new ArrayList<>();
        for (int i = 0; i < 400; i++) {
            numbers.add("AB1".charAt(random.nextInt(3)) + "" + (10 + random.nextInt(890)));
        }
        for (String typed : List.of("A123", "B10", "1890", "AB45", "A9O")) {
            var slips = FuzzyLookup.slips(typed);
            for (String number : numbers) {
                boolean swapped = false;
                for (int i = 0; i + 1 < typed.length(); i++) {
                    swapped |= (typed.substring(0, i) + typed.charAt(i + 1) + typed.charAt(i) + typed.substring(i + 2))
                            .equals(number);
                }
                boolean near = distance.apply(typed, number) == 1 || (swapped && !number.equals(typed));
                assertEquals(slips.contains(number), near, typed + " and " + number);
            }
        }
        assertFalse(FuzzyLookup.slips("A").contains(""));
    }

    @Test
    public void theNumberItselfComesFirstThenWhatBeginsSoThenSlipsThenTheLongestBeginning() {
        Shelf shelf = new Shelf();
        List.of("QV-1180", "QV-1180-1", "QV-1188", "HN-5").forEach(p -> shelf.part(p, 1));
        Catalog catalog = shelf.catalog();
        assertEquals(near(catalog, "qv 1180"), List.of("QV-1180", "QV-1180-1", "QV-1188"));
        assertEquals(near(catalog, "QV1199"), List.of("QV-1180", "QV-1180-1", "QV-1188"));
        assertEquals(near(catalog, "HN-6"), List.of("HN-5"));
        assertEquals(near(catalog, "ZZZ"), List.of());
        assertEquals(near(catalog, " - "), List.of());
        assertEquals(FuzzyLookup.parts(catalog, "QV", 2).size(), 2);
    }

    private static List<String> near(Catalog catalog, String typed) {
        return FuzzyLookup.parts(catalog, typed, 5).stream()
                .map(p -> p.number().written())
                .toList();
    }
}
