package synopta.core.counter;

import java.time.Clock;
import java.util.Map;
import java.util.TreeMap;
import java.util.function.Function;
import java.util.function.Supplier;
import synopta.core.casefile.CaseInput;
import synopta.core.catalog.Appliance;
import synopta.core.catalog.Catalog;
import synopta.core.diagnosis.Diagnoser;
import synopta.core.diagnosis.MeaningModel;
import synopta.core.identify.EvidenceCollector;
import synopta.core.identify.IdentifiedModel;
import synopta.core.identify.ModelIdentifier;
import synopta.core.identify.NameplateData;
import synopta.core.knowledge.Pack;
import synopta.core.tag.TagReader;

/** What is made of the packs in force, once for each replacement: it is expensive. */
record PackWork(
        Map<Appliance, Pack> packs,
        Map<Appliance, Diagnoser> diagnosers,
        ModelIdentifier modelIdentifier,
        Catalog catalog) {
    static PackWork of(
            Map<Appliance, Pack> packs,
            Catalog catalog,
            Supplier<TagReader> tagReader,
            Function<Pack, MeaningModel> meanings,
            Clock clock) {
        Map<Appliance, Diagnoser> diagnosers = new TreeMap<>();
        packs.forEach((appliance, pack) -> diagnosers.put(appliance, new Diagnoser(pack, meanings.apply(pack))));
        return new PackWork(
                packs, diagnosers, new ModelIdentifier(catalog, tagReader, packs, diagnosers, clock), catalog);
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
