package synopta.core.counter;

import java.time.Clock;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.BiFunction;
import java.util.function.Function;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import synopta.core.basket.BasketPlanner;
import synopta.core.casefile.CaseInput;
import synopta.core.casefile.KnownFact;
import synopta.core.catalog.Appliance;
import synopta.core.catalog.Catalog;
import synopta.core.catalog.PartListing;
import synopta.core.catalog.PartNumber;
import synopta.core.diagnosis.DecisionCosts;
import synopta.core.diagnosis.Diagnoser;
import synopta.core.diagnosis.Diagnosis;
import synopta.core.diagnosis.DiagnosisQuery;
import synopta.core.diagnosis.Evidence;
import synopta.core.diagnosis.Machine;
import synopta.core.diagnosis.MeaningModel;
import synopta.core.diagnosis.ParsedComplaint;
import synopta.core.fit.FitFinder;
import synopta.core.handover.HandoverPlanner;
import synopta.core.identify.EvidenceCollector;
import synopta.core.identify.IdentifiedModel;
import synopta.core.identify.MachineFacts;
import synopta.core.knowledge.Caution;
import synopta.core.knowledge.CurrentPacks;
import synopta.core.knowledge.Fault;
import synopta.core.knowledge.HouseSettings;
import synopta.core.knowledge.Pack;
import synopta.core.line.TokenMerger;
import synopta.core.sale.PurchasePlanner;
import synopta.core.sale.RequiredParts;
import synopta.core.sale.SalePlan;
import synopta.core.tag.TagReader;
import synopta.core.teardown.Work;

/**
 * Works a case through all steps at once. A part is sold for its likeliest fault when it is likelier faulty than not, no work
 * for a qualified person only, and not cured without a part; for any fault the specialist picked, and none they dropped.
 */
public final class Counter {
    /** From this probability on a part is sold unasked. */
    public static final double SELL_FROM = 0.5;

    private final Catalog catalog;
    private final Supplier<String> currency;
    private final BasketPlanner planner;
    private final FitFinder finder;
    private final Supplier<HouseSettings> rules;
    private final CurrentPacks packs;
    private final HandoverPlanner handOver;
    private final Supplier<PackWork> packWork;

    /**
     * Works with this catalog and these packs; baskets are counted in this currency, dates read as of this clock. The reader of tags is asked for anew each time, as it changes with the catalog; meanings for each pack.
     */
    public Counter(
            Catalog catalog,
            Supplier<TagReader> tagReader,
            CurrentPacks packs,
            Function<Pack, MeaningModel> meanings,
            FitFinder finder,
            Supplier<HouseSettings> rules,
            Supplier<String> currency,
            Clock clock) {
        this.catalog = catalog;
        this.finder = finder;
        this.rules = rules;
        this.currency = currency;
        this.packs = packs;
        planner = new BasketPlanner(catalog, currency);
        handOver = new HandoverPlanner(packs, catalog);
        packWork = packs.derive(inForce -> PackWork.of(inForce, catalog, tagReader, meanings, clock));
    }

    private Counter(Counter shared, HouseSettings others) {
        catalog = shared.catalog;
        finder = shared.finder.under(others);
        rules = () -> others;
        currency = shared.currency;
        packs = shared.packs;
        planner = shared.planner;
        handOver = shared.handOver;
        packWork = shared.packWork;
    }

    /** The same counter by other settings, to see what they would change. */
    public Counter under(HouseSettings others) {
        return new Counter(this, others);
    }

    /** The whole case, computed anew. */
    public CaseAssessment work(CaseInput input) {
        return catalog.reading(() -> work(
                input,
                (query, identified) ->
                        query.weighing(new PartCosts(catalog, currency.get(), rules.get()).of(identified))));
    }

    /** The case without reasons and questions, for those who need only what is sold and what it takes care of. */
    public CaseAssessment withoutQuestions(CaseInput input) {
        return catalog.reading(() -> work(input, (query, identified) -> query.withoutQuestions()));
    }

    private CaseAssessment work(CaseInput input, BiFunction<DiagnosisQuery, IdentifiedModel, DiagnosisQuery> asked) {
        PackWork with = packWork.get();
        IdentifiedModel identified = with.modelIdentifier().identify(input);
        Optional<Pack> pack = Optional.ofNullable(identified.appliance()).map(with.packs()::get);
        List<KnownFact> known =
                new MachineFacts(input, identified, with.modelIdentifier().today()).known();
        if (pack.isEmpty() || identified.notCovered() != null) {
            return undiagnosed(input, identified, known);
        }
        EvidenceCollector evidence = with.evidence(pack.get(), input, identified);
        known.addAll(evidence.known());
        DiagnosisQuery query = new DiagnosisQuery(
                identified.machine(),
                evidence.evidence(),
                evidence.notKnown(),
                input.person(),
                DecisionCosts.NOT_KNOWN,
                evidence.parsed().rights(),
                true);
        Diagnoser diagnoser = with.diagnosers().get(pack.get().appliance());
        Optional<String> stop = evidence.stop(pack.get());
        if (stop.isPresent()) {
            Diagnosis stopped = diagnoser.diagnose(query.withoutQuestions()).stopped(stop.get());
            return assessment(identified, known, evidence, stopped, List.of(), SalePlan.NOTHING, List.of());
        }
        Diagnosis diagnosis = diagnoser.diagnose(asked.apply(query, identified));
        return sold(input, identified, pack.get(), known, evidence, diagnosis);
    }

    /** A case of which the appliance is not known, or of one that no pack is for or no parts are sold for. */
    private CaseAssessment undiagnosed(CaseInput input, IdentifiedModel identified, List<KnownFact> known) {
        boolean nothingSaid =
                identified.notCovered() != null || input.line().isBlank() && identified.appliance() == null;
        SalePlan sale = selling(identified, input).ofNumbers();
        return new CaseAssessment(
                identified,
                TokenMerger.of(identified.line().pieces(), ParsedComplaint.NOTHING),
                ParsedComplaint.NOTHING,
                known,
                List.of(),
                Map.of(),
                List.of(),
                null,
                Set.of(),
                sale,
                listings(sale),
                nothingSaid ? List.of() : handOver.cautions(identified.appliance(), identified.fuels(), Set.of()));
    }

    private List<PartListing> listings(SalePlan sale) {
        return catalog.listings(sale.parts().stream().map(PartNumber::key).toList());
    }

    /** What is known of an appliance. */
    public Optional<Pack> pack(Appliance appliance) {
        return packs.of(appliance);
    }

    /** Hears and diagnoses by what is known of an appliance. */
    public Optional<Diagnoser> diagnoser(Appliance appliance) {
        return Optional.ofNullable(packWork.get().diagnosers().get(appliance));
    }

    /** What some evidence points to in a machine, without reasons and questions. */
    public Diagnosis posterior(Appliance appliance, Machine machine, List<Evidence> evidence) {
        return diagnoser(appliance)
                .orElseThrow()
                .diagnose(DiagnosisQuery.of(machine, evidence).withoutQuestions());
    }

    /** The rules of the house. */
    public HouseSettings house() {
        return rules.get();
    }

    /** Part types that the machine of a case may have; none while the appliance is not known. */
    public Set<String> mayHold(CaseAssessment view) {
        return view.appliance()
                .flatMap(packs::of)
                .map(view.identified()::mayHold)
                .orElse(Set.of());
    }

    private CaseAssessment sold(
            CaseInput input,
            IdentifiedModel identified,
            Pack pack,
            List<KnownFact> known,
            EvidenceCollector evidence,
            Diagnosis diagnosis) {
        List<Fault> selling = FaultsToSellFor.of(pack, diagnosis, evidence, input);
        RequestAgreement agreement = new RequestAgreement(catalog, pack, diagnosis, evidence, rules.get());
        SalePlan sale = agreement.with(selling(identified, input).of(pack, selling, evidence, agreement.askedFirst()));
        Set<String> types = new LinkedHashSet<>(RequiredParts.partTypes(sale.needs()));
        selling.forEach(f -> types.add(f.partType()));
        sale.options()
                .forEach(o -> o.option().purchase().parts().forEach(part -> types.addAll(handOver.partTypes(part))));
        Stream<Caution> ofWork = Stream.concat(
                        sale.bestWork().stream().map(Work::hazards),
                        evidence.parsed().jobs().stream()
                                .map(wanted -> wanted.job().hazards()))
                .flatMap(hazards -> handOver.ofHazards(pack.appliance(), identified.fuels(), hazards));
        List<Caution> cautions = HandoverPlanner.gravestFirst(
                Stream.concat(handOver.cautions(identified.appliance(), identified.fuels(), types).stream(), ofWork));
        return assessment(identified, known, evidence, diagnosis, selling, sale, cautions);
    }

    private CaseAssessment assessment(
            IdentifiedModel identified,
            List<KnownFact> known,
            EvidenceCollector evidence,
            Diagnosis diagnosis,
            List<Fault> selling,
            SalePlan sale,
            List<Caution> cautions) {
        return new CaseAssessment(
                identified,
                TokenMerger.of(identified.line().pieces(), identified.parsed()),
                evidence.parsed(),
                known,
                evidence.evidence(),
                pack(identified.appliance()).map(evidence::kinds).orElse(Map.of()),
                evidence.readings(),
                diagnosis,
                selling.stream().map(Fault::id).collect(Collectors.toCollection(LinkedHashSet::new)),
                sale,
                listings(sale),
                cautions);
    }

    private PurchasePlanner selling(IdentifiedModel identified, CaseInput input) {
        return new PurchasePlanner(
                catalog,
                finder,
                planner,
                handOver,
                rules.get(),
                currency.get(),
                identified,
                input.person(),
                input.shopping());
    }
}
