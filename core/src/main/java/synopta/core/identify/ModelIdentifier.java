package synopta.core.identify;

import java.time.Clock;
import java.time.LocalDate;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;
import synopta.core.casefile.CaseInput;
import synopta.core.catalog.Appliance;
import synopta.core.catalog.Catalog;
import synopta.core.catalog.Fuel;
import synopta.core.catalog.Model;
import synopta.core.catalog.Platform;
import synopta.core.diagnosis.Diagnoser;
import synopta.core.knowledge.Layout;
import synopta.core.knowledge.Pack;
import synopta.core.line.LineReader;
import synopta.core.line.OtherMachine;
import synopta.core.line.ParsedLine;
import synopta.core.line.RequestedPart;
import synopta.core.tag.Candidate;
import synopta.core.tag.PlatformGuess;
import synopta.core.tag.SerialReader;
import synopta.core.tag.SerialReading;
import synopta.core.tag.TagQuery;
import synopta.core.tag.TagReader;
import synopta.core.tag.TagReading;

/** Settles which machine a case is about, from the line and what overrules it. */
public final class ModelIdentifier {
    /** So many platforms of a brand stand for all that a machine without a number may be of. */
    private static final int MOST_MET = 40;

    private static final int CANDIDATES = 6;

    private final Catalog catalog;
    private final Supplier<TagReader> tagReader;
    private final Map<Appliance, Pack> packs;
    private final ComplaintHearing hearing;
    private final PlatformCandidates constructions;
    private final ListedMachine listed;
    private final SerialReader serialReader;
    private final Clock clock;
    private volatile Readers readers;

    /** The reader of lines knows the brands of the catalog that the reader of tags was made for. */
    private record Readers(TagReader tags, LineReader lines) {}

    public ModelIdentifier(
            Catalog catalog,
            Supplier<TagReader> tagReader,
            Map<Appliance, Pack> packs,
            Map<Appliance, Diagnoser> diagnosers,
            Clock clock) {
        this.catalog = catalog;
        this.tagReader = tagReader;
        this.packs = packs;
        hearing = new ComplaintHearing(catalog, packs, diagnosers);
        this.clock = clock;
        serialReader = new SerialReader(catalog);
        constructions = new PlatformCandidates(catalog, packs);
        listed = new ListedMachine(catalog);
        readers = made(tagReader.get());
    }

    /** The day as of which dates and ages are read. */
    public LocalDate today() {
        return LocalDate.now(clock);
    }

    /** The reader of tags for the catalog as it is now. */
    public TagReader tags() {
        return tagReader.get();
    }

    private Readers made(TagReader tags) {
        return new Readers(tags, LineReader.of(catalog));
    }

    private Readers now() {
        TagReader tags = tagReader.get();
        if (readers.tags != tags) {
            readers = made(tags);
        }
        return readers;
    }

    public IdentifiedModel identify(CaseInput input) {
        Readers with = now();
        ParsedLine line = with.lines.read(input.line());
        Set<String> excluded = input.excluded();
        Optional<Appliance> said = Optional.ofNullable(input.appliance())
                .or(() -> excluded.contains("appliance") ? Optional.empty() : Optional.ofNullable(line.appliance()));
        Set<Fuel> saidFuels = Optional.ofNullable(input.fuel())
                .map(f -> (Set<Fuel>) EnumSet.of(f))
                .orElse(excluded.contains("fuel") ? Set.of() : line.fuels());
        Optional<TagReading> reading = Optional.ofNullable(line.model())
                .map(text -> with.tags.read(
                        new TagQuery(text, line.brand(), said.orElse(null), saidFuels, input.rechecked(), CANDIDATES)));
        Optional<Model> model = Optional.ofNullable(input.model())
                .flatMap(catalog::model)
                .or(() -> input.platform() != null
                        ? Optional.empty()
                        : reading.flatMap(TagReading::likely).map(Candidate::model));
        List<PlatformCandidate> unlisted = model.isPresent()
                ? List.of()
                : constructions.of(reading.map(TagReading::platforms).orElse(List.of()), input.inspected());
        Said evidence = said(
                input, line, model.map(Model::appliance).or(() -> said).orElse(null), said.orElse(null), saidFuels);
        return identified(input, reading.orElse(null), model.orElse(null), unlisted, evidence);
    }

    /**
     * What a line says of its machine, and what of another.
     *
     * @param appliance what the machine is, by its model or what is said; null while not known
     */
    private static Said said(
            CaseInput input,
            ParsedLine line,
            @Nullable Appliance appliance,
            @Nullable Appliance stated,
            Set<Fuel> fuels) {
        Set<String> excluded = input.excluded();
        OtherMachine other = OtherMachine.in(input.line(), appliance).orElse(null);
        return new Said(
                other == null ? line : line.without(other),
                other,
                stated,
                fuels,
                Optional.ofNullable(input.serial())
                        .or(() -> excluded.contains("serial") ? Optional.empty() : Optional.ofNullable(line.serial()))
                        .orElse(null),
                age(input, line),
                line.parts().stream().filter(p -> !excluded.contains(p.key())).toList());
    }

    private static @Nullable Double age(CaseInput input, ParsedLine line) {
        return input.ageYears() != null || input.excluded().contains("age") ? input.ageYears() : line.ageYears();
    }

    /** What was said of the machine besides its model, and of another. */
    private record Said(
            ParsedLine line,
            @Nullable OtherMachine other,
            @Nullable Appliance appliance,
            Set<Fuel> fuels,
            @Nullable String serial,
            @Nullable Double ageYears,
            List<RequestedPart> parts) {}

    private IdentifiedModel identified(
            CaseInput input,
            @Nullable TagReading reading,
            @Nullable Model model,
            List<PlatformCandidate> unlisted,
            Said said) {
        Optional<PlatformCandidate> chosen = model != null ? Optional.empty() : constructions.named(input.platform());
        Appliance stated = stated(model, chosen.orElse(null), said).orElse(null);
        Optional<Platform> platform = platform(model, chosen.orElse(null));
        ComplaintHearing.Heard heard = hearing.of(input.line(), said.line, stated, said.parts, platform.isPresent());
        Optional<Layout> layout = layout(platform, unlisted, input, Optional.ofNullable(heard.appliance()));
        Map<String, String> kinds = listed.kinds(layout.orElse(null), model, platform.orElse(null));
        return new IdentifiedModel(
                said.line,
                reading,
                model,
                said.serial == null ? null : decoded(said.serial, model, said.line.brand()),
                unlisted,
                met(platform.isPresent() ? null : heard.appliance(), said),
                chosen.orElse(null),
                platform.orElse(null),
                chosen.isPresent() ? null : constructions.look(unlisted).orElse(null),
                heard.appliance(),
                stated != null ? null : heard.appliance(),
                layout.map(l -> l.of(kinds)).orElse(null),
                kinds,
                fuels(model, chosen, said.fuels, heard.appliance()),
                said.ageYears,
                said.serial,
                said.parts,
                listed.code(input, said.line, heard.appliance(), model),
                heard.notCovered(),
                said.other,
                heard.parsed().without(meant -> meant.isRejected(input.excluded())));
    }

    /** The platforms of an appliance, by how often they are met. */
    private List<PlatformGuess> met(@Nullable Appliance appliance, Said said) {
        return appliance == null ? List.of() : readers.tags.met(appliance, said.fuels, said.line.brand(), MOST_MET);
    }

    private Optional<Layout> layout(
            Optional<Platform> platform,
            List<PlatformCandidate> unlisted,
            CaseInput input,
            Optional<Appliance> appliance) {
        return platform.map(Platform::layout)
                .or(() -> agreed(unlisted, input.inspected()))
                .flatMap(id -> appliance.map(packs::get).flatMap(p -> p.layout(id)));
    }

    private Optional<Platform> platform(@Nullable Model model, @Nullable PlatformCandidate chosen) {
        return model != null
                ? catalog.platform(model.platform())
                : Optional.ofNullable(chosen).map(PlatformCandidate::platform);
    }

    /** What the model, the platform or the caller says it is. */
    private static Optional<Appliance> stated(@Nullable Model model, @Nullable PlatformCandidate chosen, Said said) {
        return Optional.ofNullable(model)
                .map(Model::appliance)
                .or(() -> Optional.ofNullable(chosen).map(c -> c.platform().appliance()))
                .or(() -> Optional.ofNullable(said.appliance));
    }

    private SerialReading decoded(String serial, @Nullable Model model, @Nullable String brand) {
        String said = Optional.ofNullable(model)
                .map(Model::brand)
                .or(() -> Optional.ofNullable(brand))
                .orElse("");
        return serialReader.read(said, serial, model, today());
    }

    /** The layout that all constructions share, once something was looked at. */
    private static Optional<String> agreed(List<PlatformCandidate> unlisted, Set<String> inspected) {
        List<String> layouts =
                unlisted.stream().map(c -> c.platform().layout()).distinct().toList();
        return inspected.isEmpty() || layouts.size() != 1 ? Optional.empty() : Optional.of(layouts.get(0));
    }

    private static Set<Fuel> fuels(
            @Nullable Model model, Optional<PlatformCandidate> chosen, Set<Fuel> said, @Nullable Appliance appliance) {
        if (model != null && model.fuel() != null) {
            return EnumSet.of(model.fuel());
        }
        if (appliance != null && !appliance.mayBurnGas()) {
            return EnumSet.of(Fuel.ELECTRIC);
        }
        Set<Fuel> ofPlatform = chosen.map(PlatformCandidate::fuels).orElse(Set.of());
        Set<Fuel> possible = ofPlatform.isEmpty() ? EnumSet.allOf(Fuel.class) : EnumSet.copyOf(ofPlatform);
        Set<Fuel> left = EnumSet.copyOf(possible);
        left.retainAll(said);
        return left.isEmpty() ? possible : left;
    }
}
