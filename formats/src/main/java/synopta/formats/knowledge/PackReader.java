package synopta.formats.knowledge;

import java.io.IOException;
import java.math.BigDecimal;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;
import synopta.core.catalog.Appliance;
import synopta.core.catalog.Fuel;
import synopta.core.knowledge.Basis;
import synopta.core.knowledge.Caution;
import synopta.core.knowledge.Circuit;
import synopta.core.knowledge.Fault;
import synopta.core.knowledge.Finding;
import synopta.core.knowledge.Hazard;
import synopta.core.knowledge.LifeCurve;
import synopta.core.knowledge.Pack;
import synopta.core.knowledge.PackCheck;
import synopta.core.knowledge.PackFault;
import synopta.core.knowledge.ReplacementMachine;
import synopta.core.knowledge.StandardAnswer;
import tools.jackson.core.JacksonException;
import tools.jackson.core.StreamReadFeature;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Reads knowledge packs. A pack with any fault is refused whole, with all its faults. */
public final class PackReader {
    /** The version of the pack format that is read. */
    public static final int FORMAT = 1;

    private static final JsonMapper JSON = JsonMapper.builder()
            .enable(StreamReadFeature.STRICT_DUPLICATE_DETECTION)
            .build();

    private PackReader() {}

    /** Packs that are sound, and what is wrong with the others. */
    public record Loaded(List<Pack> packs, List<String> refused) {}

    /** Every `*.json` of a folder, by name. */
    public static Loaded folder(Path folder) throws IOException {
        List<Pack> packs = new ArrayList<>();
        List<String> refused = new ArrayList<>();
        try (Stream<Path> files = Files.list(folder)) {
            for (Path file :
                    files.filter(f -> f.toString().endsWith(".json")).sorted().toList()) {
                try {
                    packs.add(read(file.getFileName().toString(), Files.readString(file)));
                } catch (PackRejectedException e) {
                    refused.add(e.getMessage());
                }
            }
        }
        return new Loaded(packs, refused);
    }

    /** The object of a file's text. */
    static JsonNode tree(String json) {
        JsonNode root = JSON.readTree(json);
        if (!root.isObject()) {
            throw new JsonCursor.Broken("(top)", "must be an object in braces.");
        }
        return root;
    }

    /** One pack; the file's name is only for the faults. */
    public static Pack read(String file, String json) throws PackRejectedException {
        List<PackFault> faults = new ArrayList<>();
        Pack pack;
        try {
            pack = new JsonCursor(tree(json), "", faults).read(PackReader::pack);
        } catch (JacksonException e) {
            int line = e.getLocation() == null ? 0 : e.getLocation().getLineNr();
            String what = "is not JSON: %s".formatted(e.getOriginalMessage());
            throw new PackRejectedException(file, List.of(new PackFault("line %d".formatted(line), what)));
        } catch (JsonCursor.Broken e) {
            faults.add(e.fault());
            throw new PackRejectedException(file, faults);
        }
        if (faults.isEmpty()) {
            faults.addAll(PackCheck.faultsOf(pack));
        }
        if (!faults.isEmpty()) {
            throw new PackRejectedException(file, faults);
        }
        return pack;
    }

    private static Pack pack(JsonCursor node) {
        int format = node.whole("format");
        if (format != FORMAT) {
            throw new JsonCursor.Broken("format", "must be %d, not %d.".formatted(FORMAT, format));
        }
        return new Pack(
                node.value("appliance", Appliance::of),
                shares(node.object("fuelShares")),
                node.list("partTypes", PartTypeReader::partType),
                node.list("faults", PackReader::fault),
                node.list("findings", PackReader::finding),
                node.list("tests", MeterTestReader::test),
                node.list("circuits", PackReader::circuit),
                node.list("sameWords", PackReader::sameWords),
                node.list("rights", PackReader::right),
                node.list("cautions", PackReader::caution),
                node.list("layouts", LayoutReader::read),
                node.maybe("replacement", PackReader::replacement).orElse(null),
                IdentificationReader.read(node),
                node.list("jobs", JobReader::job));
    }

    private static ReplacementMachine replacement(JsonCursor node) {
        return new ReplacementMachine(node.value("price", BigDecimal::new), life(node), basis(node));
    }

    static LifeCurve life(JsonCursor node) {
        return node.object("life").read(l -> new LifeCurve(l.number("shape"), l.number("scaleYears"), basis(l)));
    }

    private static Map<Fuel, Double> shares(JsonCursor node) {
        return node.read(fields -> {
            Map<Fuel, Double> shares = new EnumMap<>(Fuel.class);
            for (Fuel fuel : Fuel.values()) {
                if (fields.has(fuel.slug())) {
                    shares.put(fuel, fields.number(fuel.slug()));
                }
            }
            return shares;
        });
    }

    static Basis basis(JsonCursor node) {
        return node.value("basis", Basis::new);
    }

    /** The fuels that are named; all of them when none is. */
    static Set<Fuel> fuels(JsonCursor node) {
        Set<Fuel> fuels = EnumSet.noneOf(Fuel.class);
        node.texts("fuels").forEach(slug -> fuels.add(Fuel.of(slug)));
        return fuels.isEmpty() ? EnumSet.allOf(Fuel.class) : fuels;
    }

    private static Fault fault(JsonCursor node) {
        return new Fault(
                node.text("id"),
                node.text("partType"),
                node.text("fault"),
                node.text("name"),
                node.maybeText("slot").orElse(null),
                fuels(node),
                node.number("prior"),
                basis(node),
                node.maybeText("cure").orElse(null),
                node.list(
                        "shows",
                        s -> new Fault.Link(
                                s.text("finding"), s.maybeText("answer").orElse(null), s.number("strength"), basis(s))),
                node.list("causedBy", c -> new Fault.Cause(c.text("fault"), c.number("strength"), basis(c))));
    }

    private static Finding finding(JsonCursor node) {
        return new Finding(
                node.text("id"),
                node.text("question"),
                node.maybeText("hint").orElse(null),
                node.list("answers", PackReader::answer),
                node.number("minutes"),
                node.value("who", Finding.Who::of),
                node.maybeText("opens").orElse(null),
                hazards(node),
                basis(node),
                node.list("after", PackReader::implied));
    }

    private static Finding.Implied implied(JsonCursor node) {
        return new Finding.Implied(node.text("finding"), node.text("answer"));
    }

    private static Finding.Answer answer(JsonCursor node) {
        return new Finding.Answer(
                node.text("answer"),
                node.text("words"),
                node.has("leak") ? node.number("leak") : 0,
                node.texts("said"),
                node.list("implies", PackReader::implied),
                Set.copyOf(node.texts("moot")),
                node.maybeText("stop").orElse(null));
    }

    static Set<Hazard> hazards(JsonCursor node) {
        Set<Hazard> hazards = EnumSet.noneOf(Hazard.class);
        node.texts("hazards").forEach(slug -> hazards.add(Hazard.of(slug)));
        return hazards;
    }

    private static Circuit circuit(JsonCursor node) {
        return new Circuit(
                node.text("id"),
                node.text("name"),
                node.text("finding"),
                node.text("answer"),
                node.number("strength"),
                node.texts("open"),
                basis(node));
    }

    private static List<String> sameWords(JsonCursor node) {
        List<String> words = new ArrayList<>(List.of(node.text("word")));
        words.addAll(node.texts("also"));
        return words;
    }

    private static StandardAnswer right(JsonCursor node) {
        return new StandardAnswer(
                node.text("id"), node.text("partType"), node.texts("said"), node.text("answer"), basis(node));
    }

    private static Caution caution(JsonCursor node) {
        Set<Fuel> fuels = node.has("fuels") ? fuels(node) : Set.of();
        return new Caution(
                node.value("hazard", Hazard::of),
                node.text("text"),
                Set.copyOf(node.texts("partTypes")),
                fuels,
                basis(node));
    }
}
