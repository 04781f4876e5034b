package synopta.core.counter;

import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
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
import synopta.core.diagnosis.Diagnosis;
import synopta.core.diagnosis.DiagnosisQuery;
import synopta.core.diagnosis.ParsedComplaint;
import synopta.core.fit.FitFinder;
import synopta.core.handover.HandoverPlanner;
import synopta.core.identify.EvidenceCollector;
import synopta.core.identify.IdentifiedModel;
import synopta.core.identify.MachineFacts;
import synopta.core.knowledge.Caution;
import synopta.core.knowledge.Fault;
import synopta.core.knowledge.HouseSettings;
import synopta.core.knowledge.Pack;
import synopta.core.line.TokenMerger;
import synopta.core.sale.PurchasePlanner;
import synopta.core.sale.RequiredParts;
import synopta.core.sale.SalePlan;
import synopta.core.teardown.Work;

/** One working of a case: all that it hangs on is fixed before it begins. */
final class CaseWork {
    private final Catalog catalog;
    private final FitFinder finder;
    private final BasketPlanner planner;
    private final HandoverPlanner handOver;
    private final PackWork with;
    private final HouseSettings rules;
    private final String currency;

    CaseWork(
            Catalog catalog,
            FitFinder finder,
            BasketPlanner planner,
            HandoverPlanner handOver,
            PackWork with,
            HouseSettings rules,
            String currency) {
        this.catalog = catalog;
        this.finder = finder;
        this.planner = planner;
        this.handOver = handOver;
        this.with = with;
        this.rules = rules;
        this.currency = currency;
    }

    /** The case, whole or without reasons and questions. */
    CaseAssessment work(CaseInput input, boolean isWhole) {
        IdentifiedModel identified = with.modelIdentifier().identify(input);
        Optional<Pack> pack = with.pack(identified.appliance());
        List<KnownFact> known =
                new MachineFacts(input, identified, with.modelIdentifier().today()).known();
        if (pack.isEmpty() || identified.notCovered() != null) {
            return undiagnosed(input, identified, known);
        }
        EvidenceCollector evidence = with.evidence(pack.get(), input, identified);
        known.addAll(evidence.known());
        DiagnosisQuery query = query(input, identified, evidence);
        Appliance appliance = pack.get().appliance();
        Optional<String> stop = evidence.stop(pack.get());
        if (stop.isPresent()) {
            Diagnosis stopped =
                    with.diagnosis(appliance, query.withoutQuestions()).stopped(stop.get());
            return assessment(identified, known, evidence, stopped, List.of(), SalePlan.NOTHING, List.of());
        }
        Diagnosis diagnosis = with.diagnosis(
                appliance,
                isWhole
                        ? query.weighing(new PartCosts(catalog, currency, rules).of(identified))
                        : query.withoutQuestions());
        return sold(input, identified, pack.get(), known, evidence, diagnosis);
    }

    private static DiagnosisQuery query(CaseInput input, IdentifiedModel identified, EvidenceCollector evidence) {
        return new DiagnosisQuery(
                identified.machine(),
                evidence.evidence(),
                evidence.notKnown(),
                input.person(),
                DecisionCosts.NOT_KNOWN,
                evidence.parsed().rights(),
                true);
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

    private CaseAssessment sold(
            CaseInput input,
            IdentifiedModel identified,
            Pack pack,
            List<KnownFact> known,
            EvidenceCollector evidence,
            Diagnosis diagnosis) {
        List<Fault> selling = FaultsToSellFor.of(pack, diagnosis, evidence, input);
        RequestAgreement agreement = new RequestAgreement(catalog, pack, diagnosis, evidence, rules);
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
                with.pack(identified.appliance()).map(evidence::kinds).orElse(Map.of()),
                evidence.readings(),
                diagnosis,
                selling.stream().map(Fault::id).collect(Collectors.toCollection(LinkedHashSet::new)),
                sale,
                listings(sale),
                cautions);
    }

    private PurchasePlanner selling(IdentifiedModel identified, CaseInput input) {
        return new PurchasePlanner(
                catalog, finder, planner, handOver, rules, currency, identified, input.person(), input.shopping());
    }
}
