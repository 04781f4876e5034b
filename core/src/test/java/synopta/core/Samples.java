package synopta.core;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import synopta.core.catalog.Appliance;
import synopta.core.catalog.BuildRange;
import synopta.core.catalog.Catalog;
import synopta.core.catalog.Fuel;
import synopta.core.catalog.Model;
import synopta.core.catalog.ModelNumber;
import synopta.core.catalog.Part;
import synopta.core.catalog.PartNumber;
import synopta.core.catalog.Supersession;
import synopta.core.drawing.Drawing;
import synopta.core.drawing.Figure;
import synopta.core.drawing.Picture;
import synopta.core.knowledge.Basis;
import synopta.core.knowledge.Caution;
import synopta.core.knowledge.Fault;
import synopta.core.knowledge.Finding;
import synopta.core.knowledge.Hazard;
import synopta.core.knowledge.Identification;
import synopta.core.knowledge.Installation;
import synopta.core.knowledge.Layout;
import synopta.core.knowledge.LifeCurve;
import synopta.core.knowledge.MeterTest;
import synopta.core.knowledge.Pack;
import synopta.core.knowledge.PartType;
import synopta.core.knowledge.SellingRule;
import synopta.core.reading.Conditions;
import synopta.core.reading.Judging;
import synopta.core.reading.Leads;
import synopta.core.reading.MeterUnit;
import synopta.core.reading.Range;
import synopta.core.reading.Reading;
import synopta.core.tag.ConfusionTable;
import synopta.core.tag.EditCosts;
import synopta.core.tag.TagReader;

public final class Samples {
    public static final Basis OURS = new Basis("authored");
    public static final ConfusionTable CONFUSION = new ConfusionTable(
            Stream.concat(
                            Stream.of("0ODQ", "1IL", "5S", "8B", "2Z", "6G", "UV", "CG", "EF", "17")
                                    .map(looks -> new ConfusionTable.Group(looks, 2.3, "looks")),
                            Stream.of("BDPTEVCG3", "MN", "FSX", "59", "AJK8", "QU", "IY")
                                    .map(sounds -> new ConfusionTable.Group(sounds, 3.0, "sounds")))
                    .toList(),
            List.of("1234567890", "QWERTYUIOP", "ASDFGHJKL", "ZXCVBNM"),
            new ConfusionTable.Costs(4.2, 6.5, 6.9, 4.2, 4.6, 3.6, 5.2, 2.2, 0.7, 4, 3.9));

    private Samples() {}

    public static TagReader reader(Catalog catalog) {
        return new TagReader(catalog, EditCosts.of(CONFUSION));
    }

    public static PartNumber part(String number) {
        return new PartNumber(number);
    }

    public static Model model(String number, String brand, Appliance appliance, Fuel fuel, double popularity) {
        return new Model(new ModelNumber(number), brand, appliance, fuel, 240, "P", BuildRange.ALWAYS, popularity, "");
    }

    public static Part shelfPart(String number) {
        return new Part(part(number), "m", "t", "n", true, Part.Status.CURRENT, 1, true, Map.of());
    }

    public static Supersession succession(String old, String by) {
        return new Supersession(part(old), "1", part(by), 1, "", null);
    }

    public static final Picture PICTURE =
            new Picture("It is square.", List.of(Figure.of("box 4 4 40 40 0")), List.of());

    public static PartType type(String slug, SellingRule rule) {
        return new PartType(
                slug,
                slug,
                new LifeCurve(2, 10, OURS),
                rule,
                List.of(),
                List.of(),
                PICTURE,
                false,
                false,
                List.of(),
                null,
                Installation.PLAIN,
                List.of());
    }

    public static Finding finding(String id, double leak, Finding.Who who, List<String> said, List<String> clearSaid) {
        return new Finding(
                id,
                id + "?",
                null,
                List.of(
                        new Finding.Answer("no", "not " + id, 0, clearSaid, List.of(), Set.of(), null),
                        new Finding.Answer("yes", id, leak, said, List.of(), Set.of(), null)),
                1,
                who,
                null,
                Set.of(),
                OURS,
                List.of());
    }

    public static Finding finding(String id, double leak) {
        return finding(id, leak, Finding.Who.CUSTOMER, List.of(), List.of());
    }

    public static Fault fault(String id, double prior, Map<String, Double> shows) {
        return fault(id, id, prior, EnumSet.allOf(Fuel.class), shows);
    }

    public static Fault fault(String id, String partType, double prior, Set<Fuel> fuels, Map<String, Double> shows) {
        List<Fault.Link> links = shows.entrySet().stream()
                .sorted(Map.Entry.comparingByKey())
                .map(e -> new Fault.Link(e.getKey(), null, e.getValue(), OURS))
                .toList();
        return new Fault(id, partType, "failed", id + ", failed", null, fuels, prior, OURS, null, links, List.of());
    }

    public static Drawing.Spot spot(String slot, int x) {
        return new Drawing.Spot(
                slot, "case", slot, Drawing.Side.LEFT, List.of(Figure.of("box %d 1 4 4 0".formatted(x))));
    }

    /** A sheet of ten by ten with these places in its one layer. */
    public static Drawing drawing(List<Drawing.Spot> spots) {
        return new Drawing(
                10, 10, "From the front.", List.of(new Drawing.Layer("case", "case", List.of())), List.of(), spots);
    }

    /** A layout that has a place for each of these part types. */
    public static Layout layout(String id, double share, List<String> partTypes) {
        return layout(id, share, partTypes, Map.of());
    }

    /** The same, of machines of these kinds. */
    public static Layout layout(
            String id, double share, List<String> partTypes, Map<String, Map<String, Double>> kinds) {
        List<Layout.Place> places = partTypes.stream()
                .map(t -> new Layout.Place(t, t, t, 1, "inside", EnumSet.allOf(Fuel.class), null, Map.of(), null))
                .toList();
        List<Drawing.Spot> spots = partTypes.stream().map(t -> spot(t, 1)).toList();
        return new Layout(
                id, id, share, "on the rim", EnumSet.allOf(Fuel.class), kinds, places, List.of(), drawing(spots), null);
    }

    /** A dryer pack of these faults, in one layout. */
    public static Pack pack(List<Fault> faults, List<Finding> findings, List<MeterTest> tests) {
        List<String> types = faults.stream().map(Fault::partType).distinct().toList();
        return new Pack(
                Appliance.DRYER,
                Map.of(Fuel.ELECTRIC, 0.5, Fuel.NATURAL_GAS, 0.3, Fuel.LP, 0.2),
                types.stream().map(t -> type(t, SellingRule.SINGLY)).toList(),
                faults,
                findings,
                tests,
                List.of(),
                List.of(),
                List.of(),
                List.of(new Caution(Hazard.MAINS, "Unplug it.", Set.of(), Set.of(), OURS)),
                List.of(layout("A", 1, types)),
                null,
                Identification.NONE,
                List.of());
    }

    /** The finding with other things said of its telling answer. */
    public static Finding with(Finding finding, List<Finding.Implied> implied, Set<String> moot) {
        List<Finding.Answer> answers = new ArrayList<>(finding.answers());
        Finding.Answer telling = answers.remove(1);
        answers.add(new Finding.Answer(
                telling.slug(), telling.words(), telling.leak(), telling.said(), implied, moot, null));
        return finding.with(answers);
    }

    /** A test in ohms across a part, by the band of a good one. */
    public static MeterTest ohms(
            Finding finding, double from, double to, List<String> finds, double sensitivity, double specificity) {
        return new MeterTest(
                finding,
                MeterUnit.OHM,
                new Leads(Leads.Place.ACROSS, null),
                null,
                new Judging.Band(List.of(new Range(from, to)), null),
                finds,
                sensitivity,
                specificity);
    }

    /** The answer of a test that a reading gives. */
    public static @Nullable String answer(MeterTest test, Reading reading) {
        return MeterTest.answer(test.judge(reading, Conditions.NONE).verdict());
    }
}
