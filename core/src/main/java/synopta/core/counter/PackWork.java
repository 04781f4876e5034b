package synopta.core.counter;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.Clock;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.function.Function;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;
import synopta.core.casefile.CaseInput;
import synopta.core.catalog.Appliance;
import synopta.core.catalog.Catalog;
import synopta.core.diagnosis.Diagnoser;
import synopta.core.diagnosis.Diagnosis;
import synopta.core.diagnosis.DiagnosisQuery;
import synopta.core.diagnosis.MeaningModel;
import synopta.core.identify.EvidenceCollector;
import synopta.core.identify.IdentifiedModel;
import synopta.core.identify.ModelIdentifier;
import synopta.core.identify.NameplateData;
import synopta.core.knowledge.Pack;
import synopta.core.tag.TagReader;

/** What is made of the packs in force, once for each replacement: it is expensive. */
final class PackWork {
    /** Cases that are being worked on: what is asked for and where it is bought changes no diagnosis. */
    private static final int RECENT = 500;

    private final Map<Appliance, Pack> packs;
    private final Map<Appliance, Diagnoser> diagnosers = new TreeMap<>();
    private final ModelIdentifier modelIdentifier;
    private final Catalog catalog;
    private final Cache<Asked, Diagnosis> recent =
            Caffeine.newBuilder().maximumSize(RECENT).build();

    /** All that a diagnosis hangs on, as long as the packs stay. */
    private record Asked(Appliance appliance, DiagnosisQuery query) {}

    PackWork(
            Map<Appliance, Pack> packs,
            Catalog catalog,
            Supplier<TagReader> tagReader,
            Function<Pack, MeaningModel> meanings,
            Clock clock) {
        this.packs = packs;
        this.catalog = catalog;
        packs.forEach((appliance, pack) -> diagnosers.put(appliance, new Diagnoser(pack, meanings.apply(pack))));
        modelIdentifier = new ModelIdentifier(catalog, tagReader, packs, diagnosers, clock);
    }

    ModelIdentifier modelIdentifier() {
        return modelIdentifier;
    }

    /** The pack of an appliance; empty where none is in force, or the appliance is not known. */
    Optional<Pack> pack(@Nullable Appliance appliance) {
        return Optional.ofNullable(appliance).map(packs::get);
    }

    /** Hears and diagnoses by the pack of an appliance. */
    Optional<Diagnoser> diagnoser(Appliance appliance) {
        return Optional.ofNullable(diagnosers.get(appliance));
    }

    /** A diagnosis of this query, which is not made twice while its case is worked on. */
    Diagnosis diagnosis(Appliance appliance, DiagnosisQuery query) {
        return recent.get(
                new Asked(appliance, query),
                asked -> diagnosers.get(asked.appliance).diagnose(asked.query));
    }

    /** What speaks for and against the faults of a case. */
    EvidenceCollector evidence(Pack pack, CaseInput input, IdentifiedModel identified) {
        return new EvidenceCollector(
                pack,
                identified.parsed().within(pack, identified.mayHold(pack), identified.typesByNumber()),
                input,
                new NameplateData(catalog, pack, identified.model()),
                identified.code());
    }
}
