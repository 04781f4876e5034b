package synopta.formats.knowledge;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import synopta.core.catalog.Fuel;
import synopta.core.knowledge.Fault;
import synopta.core.knowledge.Layout;
import synopta.core.knowledge.MeterTest;
import synopta.core.knowledge.OpeningStep;
import synopta.core.knowledge.Pack;

/** The packs against the facts of the trade, a row each: what practice says, and whether it is common or from memory. */
public class FactsTest {
    private Map<String, Pack> packs;

    @BeforeClass
    public void load() throws IOException {
        Path folder = Path.of(System.getProperty("synopta.root"), "knowledge");
        packs = PackReader.folder(folder).packs().stream()
                .collect(Collectors.toMap(pack -> pack.appliance().slug(), Function.identity()));
    }

    @DataProvider
    Object[][] facts() throws IOException {
        try (InputStream in = FactsTest.class.getResourceAsStream("/facts.txt")) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8)
                    .lines()
                    .filter(line -> !line.startsWith("#") && !line.isBlank())
                    .map(line -> line.split(" \\| "))
                    .toArray(Object[][]::new);
        }
    }

    @Test(dataProvider = "facts")
    public void thePackSaysWhatPracticeSays(String kind, String appliance, String what, String fact, String basis) {
        Pack pack = packs.get(appliance);
        assertTrue(basis.equals("CP") || basis.equals("GK"), basis);
        switch (kind) {
            case "fuel" -> assertEquals("" + pack.fuelShares().get(Fuel.of(what)), fact);
            case "layout" -> assertEquals("" + pack.layout(what).orElseThrow().share(), fact);
            case "prior" -> assertEquals("" + fault(pack, what).prior(), fact);
            case "test" -> assertEquals(test(pack.test(what).orElseThrow()), fact);
            case "cure" ->
                assertTrue(
                        fault(pack, what).cure().contains(fact),
                        what + ": " + fault(pack, what).cure());
            case "shows" -> assertTrue(shows(pack, fault(pack, what.split(" ")[0]), what.split(" ")[1], fact), what);
            case "part", "stop", "called", "licensed", "who" -> ofSelling(kind, pack, what, fact);
            default -> ofLayout(kind, pack.layout(what.split(" ")[0]).orElseThrow(), what, fact);
        }
    }

    private static void ofSelling(String kind, Pack pack, String what, String fact) {
        switch (kind) {
            case "part" -> assertEquals(fault(pack, what).partType(), fact);
            case "stop" ->
                assertTrue(
                        pack.finding(what).orElseThrow().answers().stream()
                                .anyMatch(answer ->
                                        answer.stop() != null && answer.stop().contains(fact)),
                        what);
            case "called" ->
                assertTrue(pack.partType(what).orElseThrow().called().contains(fact), what);
            case "licensed" ->
                assertEquals("" + pack.partType(what).orElseThrow().licensed(), fact);
            case "who" -> assertEquals(pack.finding(what).orElseThrow().who().slug(), fact);
            default -> throw new AssertionError(kind);
        }
    }

    private static void ofLayout(String kind, Layout layout, String what, String fact) {
        String of = what.substring(what.indexOf(' ') + 1);
        switch (kind) {
            case "place" -> assertEquals(place(layout, of), fact);
            case "none" -> assertEquals(layout.place(of), Optional.empty(), fact);
            case "kind" -> {
                String[] words = of.split(" ");
                assertEquals("" + layout.kinds().get(words[0]).get(words[1]), fact);
            }
            case "face" ->
                assertEquals(
                        layout.belt().faceAt(layout.belt().stations().get(0)).slug(), fact);
            case "order" ->
                assertEquals(
                        layout.steps().stream()
                                .map(OpeningStep::id)
                                .filter(Set.of(fact.split(" "))::contains)
                                .collect(Collectors.joining(" ")),
                        fact);
            case "step" -> assertTrue(step(layout, of).contains(fact), step(layout, of));
            case "fit" -> {
                String fitting = "" + layout.place(of).orElseThrow().fitting();
                assertTrue(fitting.contains(fact), fitting);
            }
            default -> throw new AssertionError(kind);
        }
    }

    private static String step(Layout layout, String id) {
        return layout.steps().stream()
                .filter(step -> step.id().equals(id))
                .findFirst()
                .orElseThrow()
                .toString();
    }

    /** How many of which part type, after which step, of which kind of machine and with which small parts. */
    private static String place(Layout layout, String slot) {
        Layout.Place place = layout.place(slot).orElseThrow();
        String steps = layout.steps().stream()
                .filter(step -> step.reaches().containsKey(slot))
                .map(OpeningStep::id)
                .collect(Collectors.joining("/"));
        String kind = place.kind() == null
                ? ""
                : " if %s %s"
                        .formatted(
                                place.kind().finding(),
                                String.join("/", place.kind().answers()));
        String brings = place.brings().entrySet().stream()
                .map(e -> " +%d %s".formatted(e.getValue(), e.getKey()))
                .sorted()
                .collect(Collectors.joining());
        return "%d %s by %s%s%s".formatted(place.quantity(), place.partType(), steps, kind, brings);
    }

    private static Fault fault(Pack pack, String id) {
        return pack.fault(id).orElseThrow();
    }

    /** Where the leads go, in which state, and what a good part reads. */
    private static String test(MeterTest test) {
        String state = test.state() == null ? "" : ", " + test.state().slug();
        String proves = test.leads().isToCase() || test.provesGood() ? "" : ", proves nothing";
        return test.leads().place().slug() + state + ": " + test.good() + proves;
    }

    /** Whether a fault brings a finding about strongly (from .8), middling (.4 to .7) or weakly. */
    private static boolean shows(Pack pack, Fault fault, String finding, String strength) {
        double link = pack.links(fault).stream()
                .filter(l -> l.finding().equals(finding))
                .mapToDouble(Fault.Link::strength)
                .max()
                .orElse(0);
        return switch (strength) {
            case "s" -> link >= 0.75;
            case "m" -> link >= 0.4 && link < 0.8;
            default -> link > 0 && link < 0.4;
        };
    }
}
