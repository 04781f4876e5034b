package synopta.core.sale;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import synopta.core.basket.BasketPlan;
import synopta.core.basket.BasketPlanner;
import synopta.core.basket.BasketQuery;
import synopta.core.casefile.Shopping;
import synopta.core.catalog.Catalog;
import synopta.core.catalog.PartNumber;
import synopta.core.diagnosis.Evidence;
import synopta.core.diagnosis.ParsedComplaint;
import synopta.core.fit.FitFinder;
import synopta.core.handover.HandoverPlanner;
import synopta.core.identify.EvidenceCollector;
import synopta.core.identify.IdentifiedModel;
import synopta.core.knowledge.Fault;
import synopta.core.knowledge.Finding;
import synopta.core.knowledge.HouseSettings;
import synopta.core.knowledge.Pack;
import synopta.core.knowledge.SellingRule;
import synopta.core.teardown.Teardown;

/** Puts needs and wants together, as the rules of the trade and the house and the specialist have it, and plans. */
public final class PurchasePlanner {
    private final Catalog catalog;
    private final FitFinder finder;
    private final BasketPlanner planner;
    private final HandoverPlanner handover;
    private final HouseSettings rules;
    private final String currency;
    private final IdentifiedModel identified;
    private final Finding.Who person;
    private final Shopping shopping;
    private final Optional<MachineParts> machine;
    private final List<RequiredPart> asked;

    public PurchasePlanner(
            Catalog catalog,
            FitFinder finder,
            BasketPlanner planner,
            HandoverPlanner handover,
            HouseSettings rules,
            String currency,
            IdentifiedModel identified,
            Finding.Who person,
            Shopping shopping) {
        this.person = person;
        this.catalog = catalog;
        this.finder = finder;
        this.planner = planner;
        this.handover = handover;
        this.rules = rules;
        this.currency = currency;
        this.identified = identified;
        this.shopping = shopping;
        machine = MachineParts.of(catalog, finder, identified);
        asked = new RequestedParts(catalog, finder).of(identified);
    }

    /** What was asked for by its number alone, while nothing is known of the appliance. */
    public SalePlan ofNumbers() {
        List<RequiredPart> needs = byHand().needs(asked);
        Optional<BasketPlan> plan = plans().plan(needs, List.of());
        return new SalePlan(
                needs,
                List.of(),
                List.of(),
                List.of(),
                RequestOutcomes.byNumber(needs, identified.line().misread()),
                List.of(),
                List.of(),
                plan.orElse(null),
                plans().options(plan.orElse(null), List.of(), purchase -> Optional.empty(), purchase -> List.of()),
                null);
    }

    /**
     * What these faults and the caller's own wishes come to.
     *
     * @param askedFirst part types that are asked for by name, and go into the bag only when the specialist puts them in
     */
    public SalePlan of(Pack pack, List<Fault> faults, EvidenceCollector evidence, Set<String> askedFirst) {
        RequestedQuantities quantities = quantities(pack, evidence);
        JobRequests jobs = jobs(pack, evidence);
        NamedRequests requests = NamedRequests.of(pack, machine, identified, evidence, jobs);
        List<RequiredPart> needs =
                new AskedFirst(pack, shopping, askedFirst).of(needs(pack, faults, evidence, requests, quantities));
        Optional<Teardown> teardown = Optional.ofNullable(identified.layout())
                .map(layout -> new Teardown(pack, layout, rules.practices(), answered(evidence)));
        List<OptionalPart> wants = wants(pack, needs, sold(requests, faults), jobs.offers(), teardown.orElse(null));
        List<RequiredPart> inForce = new ArrayList<>(byHand().needs(needs));
        inForce.addAll(byHand().madeNeeds(wants));
        Predicate<String> withheld = type -> WithheldPart.isWithheld(pack, type, person, rules.practices());
        List<String> kept =
                inForce.stream().map(RequiredPart::partType).filter(withheld).toList();
        inForce.removeIf(need -> withheld.test(need.partType()));
        List<OptionalPart> left = byHand().wants(wants).stream()
                .filter(want -> !withheld.test(want.partType()))
                .toList();
        return planned(
                pack,
                inForce,
                left,
                WithheldPart.of(pack, kept),
                quantities.notes(inForce),
                outcomes(requests, inForce, withheld),
                jobs.plans(),
                likely(pack, requests.types(), faults),
                teardown.orElse(null));
    }

    private List<LikelyNumber> likely(Pack pack, List<String> requested, List<Fault> faults) {
        List<String> types = Stream.concat(requested.stream(), faults.stream().map(Fault::partType))
                .toList();
        return machine.isPresent() || types.isEmpty()
                ? List.of()
                : new LikelyNumbers(catalog, finder, identified).of(types);
    }

    private JobRequests jobs(Pack pack, EvidenceCollector evidence) {
        return new JobRequests(
                pack,
                machine,
                evidence.parsed().jobs(),
                identified.fuels(),
                identified.ageYears(),
                rules.horizonYears());
    }

    private static List<String> sold(NamedRequests requests, List<Fault> faults) {
        return Stream.concat(
                        requests.settled().stream()
                                .map(request -> request.partTypes().get(0)),
                        faults.stream().map(Fault::partType))
                .distinct()
                .toList();
    }

    private List<OptionalPart> wants(
            Pack pack,
            List<RequiredPart> needs,
            List<String> sold,
            List<SellingRule.Companion> besides,
            @Nullable Teardown teardown) {
        return machine.map(m -> new OptionalParts(catalog, m, pack, rules, currency, identified.layout())
                        .of(needs, sold, besides, teardown, identified.ageYears()))
                .orElse(List.of());
    }

    private List<RequestOutcome> outcomes(
            NamedRequests requests, List<RequiredPart> inForce, Predicate<String> withheld) {
        List<RequestOutcome> outcomes = new ArrayList<>(
                RequestOutcomes.byNumber(asked, identified.line().misread()));
        outcomes.addAll(requests.outcomes(inForce, withheld));
        return outcomes;
    }

    private SalePlan planned(
            Pack pack,
            List<RequiredPart> inForce,
            List<OptionalPart> left,
            List<WithheldPart> withheld,
            List<QuantityNote> notes,
            List<RequestOutcome> requests,
            List<JobPlan> jobs,
            List<LikelyNumber> likely,
            @Nullable Teardown teardown) {
        Optional<BasketPlan> plan = plans().plan(inForce, left);
        List<RequiredPart> placed = placed(inForce);
        Optional<Teardown> opening = Optional.ofNullable(teardown);
        return new SalePlan(
                inForce,
                left,
                withheld,
                notes,
                requests,
                jobs,
                likely,
                plan.orElse(null),
                plans().options(
                                plan.orElse(null),
                                left,
                                purchase -> opening.map(t -> t.work(WorkItems.pieces(placed, left, purchase))),
                                purchase -> handover.bag(pack.appliance(), purchase.parts(), identified.mayHold(pack))),
                opening.map(t -> t.work(WorkItems.pieces(placed))).orElse(null));
    }

    private RequestedQuantities quantities(Pack pack, EvidenceCollector evidence) {
        List<ParsedComplaint.Named> named = evidence.parsed().named().stream()
                .filter(n ->
                        n.how() != ParsedComplaint.Named.How.DENIED && n.how() != ParsedComplaint.Named.How.RENEWED)
                .toList();
        return new RequestedQuantities(
                identified.line().complaint(), named, pack, machine.orElse(null), catalog, planner, policy());
    }

    private static Set<String> answered(EvidenceCollector evidence) {
        return evidence.evidence().stream().map(Evidence::finding).collect(Collectors.toSet());
    }

    /** What is asked for by number, then by name, then what the faults need besides. */
    private List<RequiredPart> needs(
            Pack pack,
            List<Fault> faults,
            EvidenceCollector evidence,
            NamedRequests requests,
            RequestedQuantities quantities) {
        List<RequiredPart> needs = new ArrayList<>(asked);
        Set<PartNumber> byNumber = new HashSet<>();
        needs.forEach(need -> byNumber.add(need.supplied()));
        machine
                .map(m -> new RequiredParts(m, pack, rules.practices(), identified.layout())
                        .of(fitting(asked), requests.settled(), faults, evidence.evidence(), quantities.asked()))
                .orElse(List.of())
                .stream()
                .filter(need -> need.supplied() == null || !byNumber.contains(need.supplied()))
                .forEach(needs::add);
        return needs;
    }

    /** What is asked for by number and is on the machine's page, at its places. */
    private List<RequiredPart> fitting(List<RequiredPart> byNumber) {
        return placed(byNumber).stream()
                .filter(need -> need.supplied() != null && !need.slots().isEmpty())
                .toList();
    }

    private ByHand byHand() {
        return new ByHand(shopping, part -> machine.orElseThrow().judge(part), currency);
    }

    private BasketPlans plans() {
        return new BasketPlans(catalog, planner, policy());
    }

    private BasketQuery.Policy policy() {
        return new BasketQuery.Policy(rules.genuineOnly(), shopping.branch(), shopping.neededInDays());
    }

    /** The needs, those without a place at the places where the machine lists them. */
    private List<RequiredPart> placed(List<RequiredPart> needs) {
        return needs.stream()
                .map(need -> need.slots().isEmpty()
                        ? need.at(machine.map(m -> m.slotsOf(need.listed())).orElse(List.of()))
                        : need)
                .toList();
    }
}
