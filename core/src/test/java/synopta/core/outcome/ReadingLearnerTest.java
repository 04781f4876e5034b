package synopta.core.outcome;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import org.testng.annotations.Test;
import synopta.core.Samples;
import synopta.core.Shelf;
import synopta.core.catalog.Appliance;
import synopta.core.catalog.InMemoryCatalog;
import synopta.core.catalog.Model;
import synopta.core.catalog.ModelNumber;
import synopta.core.tag.ConfirmedReading;
import synopta.core.tag.Confusion;
import synopta.core.tag.EditCosts;
import synopta.core.tag.EditError;
import synopta.core.tag.TagQuery;
import synopta.core.tag.TagReader;
import synopta.core.tag.TagReading;

/** Reading tags, learned from readings of which it is known what they were. */
public class ReadingLearnerTest {
    private static final EditCosts SHIPPED = EditCosts.of(Samples.CONFUSION);
    private static final Confusion SEVEN_FOR_FOUR = new Confusion('7', '4');

    private static List<ConfirmedReading> readings(int from, int to, int everyFourth) {
        List<ConfirmedReading> readings = new ArrayList<>();
        for (int i = from; i < to; i++) {
            String model = "TH7%03dW".formatted(i).replaceFirst("7(?=..W)", "6");
            String typed = i % everyFourth == 0 ? model.replace('7', '4') : model;
            readings.add(new ConfirmedReading(i, typed, new ModelNumber(model)));
        }
        return readings;
    }

    private static Optional<Proposal> of(List<Proposal> proposals, ParameterKind kind, String subject) {
        return proposals.stream()
                .filter(p -> p.kind() == kind && p.subject().equals(subject))
                .findFirst();
    }

    private static ParameterOverrides layer(List<Proposal> proposals) {
        return new ParameterOverrides(proposals.stream().map(Proposal::learned).toList());
    }

    @Test
    public void aCharacterIsMovedByCountingAndItsCostMakesItSo() {
        List<ConfirmedReading> readings = List.copyOf(readings(100, 140, 4));
        long sevens = readings.stream()
                .mapToLong(r -> r.model().key().chars().filter(c -> c == '7').count())
                .sum();
        long taken = readings.stream()
                .filter(r -> r.number() % 4 == 0)
                .mapToLong(r -> r.model().key().chars().filter(c -> c == '7').count())
                .sum();
        List<Proposal> proposals = ReadingLearner.slips(SHIPPED, readings);
        Proposal moved = of(proposals, ParameterKind.CONFUSION, "7|4").orElseThrow();
        double before = SHIPPED.chance(SEVEN_FOR_FOUR);
        assertEquals(moved.before(), before);
        assertEquals(moved.after(), (200 * before + taken) / (200 + sevens), 1e-12, "a belief worth 200 sevens");
        assertEquals(moved.support().seen(), taken);
        assertEquals(moved.support().seenIn().subList(0, 3), List.of(136L, 132L, 128L), "the last first");
        assertTrue(moved.support().others().contains(139L));
        assertTrue(moved.isTelling());
        EditCosts learned = layer(List.of(moved)).over(SHIPPED);
        assertEquals(learned.chance(SEVEN_FOR_FOUR), moved.after(), 1e-12);
        Confusion other = new Confusion('5', 'S');
        assertEquals(learned.chance(other), SHIPPED.chance(other), 1e-12, "nothing else is touched");
        Proposal worn = of(proposals, ParameterKind.SLIP, "worn-end").orElseThrow();
        double end = SHIPPED.chance(EditError.WORN_END);
        assertEquals(worn.after(), 400 * end / 440, 1e-12, "no end of 40 was worn");
        assertEquals(layer(List.of(worn)).over(SHIPPED).chance(EditError.WORN_END), worn.after(), 1e-12);
    }

    @Test
    public void everySlipIsCountedAsWhatItIs() {
        List<ConfirmedReading> readings = new ArrayList<>();
        for (String typed : List.of("TH8720W", "TH820W", "TH78820W", "TH78", "TH7820")) {
            readings.addAll(Collections.nCopies(5, new ConfirmedReading(3, typed, new ModelNumber("TH7820W"))));
        }
        List<Proposal> proposals = ReadingLearner.slips(SHIPPED, readings);
        for (String slip : List.of("swapped", "dropped", "extra", "worn-character")) {
            assertEquals(
                    of(proposals, ParameterKind.SLIP, slip)
                            .orElseThrow()
                            .support()
                            .seen(),
                    slip.startsWith("worn") ? 10 : 5);
        }
        assertEquals(
                of(proposals, ParameterKind.SLIP, "worn-end").orElseThrow().support(),
                new SupportingCases(10, 25, List.of(3L), List.of(3L)));
        assertTrue(proposals.stream()
                .noneMatch(
                        p -> p.kind() == ParameterKind.CONFUSION && p.support().seen() > 0));
    }

    @Test
    public void anOddReadingTeachesNothing() {
        List<ConfirmedReading> once = readings(101, 104, 4);
        once.add(new ConfirmedReading(9, "TH4101W", new ModelNumber("TH7101W")));
        once.addAll(readings(105, 108, 4));
        assertEquals(of(ReadingLearner.slips(SHIPPED, once), ParameterKind.CONFUSION, "7|4"), Optional.empty());
        assertEquals(ReadingLearner.slips(SHIPPED, List.of()), List.of());
        List<ConfirmedReading> foundOtherwise =
                Collections.nCopies(50, new ConfirmedReading(1, "ZZZZZZZ", new ModelNumber("TH7820W")));
        assertEquals(ReadingLearner.slips(SHIPPED, foundOtherwise), List.of());
    }

    private static Model model(String number, double popularity) {
        return Samples.model(number, "Thistlemoor", Appliance.DRYER, null, popularity);
    }

    private static double loss(TagReader reader, List<ConfirmedReading> readings) {
        double loss = 0;
        for (ConfirmedReading reading : readings) {
            TagReading read = reader.read(TagQuery.of(reading.typed(), 5));
            loss -= Math.log(read.candidates().stream()
                    .filter(c -> c.model().number().equals(reading.model()))
                    .mapToDouble(c -> c.probability().value())
                    .findFirst()
                    .orElse(1e-6));
        }
        return loss / readings.size();
    }

    @Test
    public void readingsThatNothingWasLearntFromAreReadBetter() {
        Random random = new Random(4);
        List<Model> models = new ArrayList<>();
        for (int i = 0; i < 300; i++) {
            models.add(model("TH%04dW".formatted(1000 + random.nextInt(9000)), 1));
        }
        List<Model> some = models.stream().distinct().toList();
        List<ConfirmedReading> readings = misread(some, random);
        List<ConfirmedReading> held = readings.subList(0, 400);
        Shelf shelf = new Shelf();
        some.forEach(shelf::model);
        InMemoryCatalog catalog = shelf.catalog();
        double before = loss(new TagReader(catalog, SHIPPED), held);
        double last = before;
        for (int size : List.of(20, 200, 2_000)) {
            List<ConfirmedReading> seen = readings.subList(400, 400 + size);
            List<Proposal> proposals = new ArrayList<>(ReadingLearner.slips(SHIPPED, seen));
            Map<ModelNumber, List<Long>> met = new HashMap<>();
            seen.forEach(
                    r -> met.computeIfAbsent(r.model(), m -> new ArrayList<>()).add(r.number()));
            proposals.addAll(ReadingLearner.popularity(catalog::eachModel, met));
            ParameterOverrides layer = layer(proposals);
            double after = loss(new TagReader(catalog, layer.over(SHIPPED), layer::popularity), held);
            assertTrue(after < last + 1e-3, "%d readings: %f became %f".formatted(size, last, after));
            last = after;
        }
        assertTrue(last < 0.5 * before, before + " became " + last);
    }

    /** Readings of which three in ten sevens are taken for a four, of models of which few come often. */
    private static List<ConfirmedReading> misread(List<Model> models, Random random) {
        List<ConfirmedReading> readings = new ArrayList<>();
        for (int i = 0; i < 2_400; i++) {
            ModelNumber is = models.get((int) (models.size() * Math.pow(random.nextDouble(), 3)))
                    .number();
            StringBuilder typed = new StringBuilder(is.key());
            for (int at = 0; at < typed.length(); at++) {
                if (typed.charAt(at) == '7' && random.nextDouble() < 0.3) {
                    typed.setCharAt(at, '4');
                }
            }
            readings.add(new ConfirmedReading(i, typed.toString(), is));
        }
        return readings;
    }

    @Test
    public void howCommonAModelIsIsMovedAsARate() {
        List<Model> models = List.of(model("TH-1000-W", 3), model("TH-2000-W", 1));
        Map<ModelNumber, List<Long>> met = Map.of(
                new ModelNumber("TH1000W"),
                Collections.nCopies(10, 4L),
                new ModelNumber("TH2000W"),
                Collections.nCopies(10, 5L));
        List<Proposal> proposals = ReadingLearner.popularity(models::forEach, met);
        Proposal oftener = of(proposals, ParameterKind.POPULARITY, "TH2000W").orElseThrow();
        assertEquals(oftener.after(), (6.0 + 10) / (6 + 5), 1e-12, "5 of 20 were due, 10 came");
        assertEquals(oftener.interval(), Interval.gamma(16, 11));
        assertEquals(oftener.support(), new SupportingCases(10, 20, List.of(5L), List.of()));
        assertEquals(layer(proposals).popularity(models.get(1)), 16.0 / 11, 1e-12);
        assertEquals(layer(proposals).popularity(models.get(0)), 3 * 16.0 / 21, 1e-12);
        assertEquals(layer(List.of()).popularity(models.get(0)), 3.0);
    }
}
