package synopta.core.counter;

import java.time.Clock;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.function.Supplier;
import java.util.stream.Stream;
import synopta.core.basket.BasketPlanner;
import synopta.core.basket.Purchase;
import synopta.core.casefile.CaseInput;
import synopta.core.casefile.KnownFact;
import synopta.core.catalog.Appliance;
import synopta.core.catalog.Catalog;
import synopta.core.diagnosis.DecisionCosts;
import synopta.core.diagnosis.Diagnoser;
import synopta.core.diagnosis.Diagnosis;
import synopta.core.diagnosis.DiagnosisQuery;
import synopta.core.diagnosis.Evidence;
import synopta.core.diagnosis.Machine;
import synopta.core.diagnosis.ParsedComplaint;
import synopta.core.diagnosis.Suspect;
import synopta.core.fit.FitFinder;
import synopta.core.handover.HandoverPlanner;
import synopta.core.identify.EvidenceCollector;
import synopta.core.identify.IdentifiedModel;
import synopta.core.identify.MachineFacts;
import synopta.core.identify.ModelIdentifier;
import synopta.core.identify.PlatformCandidate;
import synopta.core.knowledge.Caution;
import synopta.core.knowledge.Fault;
import synopta.core.knowledge.HouseSettings;
import synopta.core.knowledge.Layout;
import synopta.core.knowledge.Pack;
import synopta.core.line.LineToken;
import synopta.core.line.TokenMerger;
import synopta.core.quantity.Probability;
import synopta.core.sale.PurchasePlanner;
import synopta.core.sale.RequiredParts;
import synopta.core.sale.SalePlan;
import synopta.core.tag.TagReader;

/**
 * Works a case through all steps at once. The likeliest fault of a part type is sold for when the part is likelier
 * faulty than not, no work for a qualified person only, and not cured without a part; any fault when the specialist
 * picked it, and none that they
 * dropped.
 */
public final class Counter {
    /** From this probability on a part is sold unasked. */
    public static final double SELL_FROM = 0.5;

    private static final Probability NONE = new Probability(0);

    private final Catalog catalog;
    private final Supplier<TagReader> tagReader;
    private final Supplier<String> currency;
    private final BasketPlanner planner;
    private final FitFinder finder;
    private final Supplier<HouseSettings> rules;
    private final Clock clock;
    private volatile Knowing now;

    /** What the counter knows, and what it works with because of that. */
    private record Knowing(
            Map<Appliance, Pack> packs,
            Map<Appliance, Diagnoser> diagnosers,
            HandoverPlanner handOver,
            ModelIdentifier modelIdentifier) {}

    /** Works with this catalog and these packs; baskets are counted in this currency, dates read as of this clock.
     * The reader of tags is asked for anew each time, as it changes with the catalog. */
    public Counter(
            Catalog catalog,
            Supplier<TagReader> tagReader,
            Collection<Pack> packs,
            FitFinder finder,
            Supplier<HouseSettings> rules,
            Supplier<String> currency,
            Clock clock) {
        this.catalog = catalog;
        this.tagReader = tagReader;
        this.finder = finder;
        this.rules = rules;
        this.currency = currency;
        this.clock = clock;
        planner = new BasketPlanner(catalog, currency);
        use(packs);
    }

    /** From now on cases are worked with these packs. */
    public void use(Collection<Pack> packs) {
        Map<Appliance, Pack> known = new TreeMap<>();
        Map<Appliance, Diagnoser> diagnosers = new TreeMap<>();
        packs.forEach(p -> {
            known.put(p.appliance(), p);
            diagnosers.put(p.appliance(), new Diagnoser(p));
        });
        ModelIdentifier modelIdentifier = new ModelIdentifier(catalog, tagReader, known, diagnosers, clock);
        now = new Knowing(known, diagnosers, new HandoverPlanner(packs, catalog), modelIdentifier);
    }

    /** The whole case, computed anew. */
    public CaseAssessment work(CaseInput input) {
        return work(input, true);
    }

    /** The case without reasons and questions, for those who need only what is sold and what it takes care of. */
    public CaseAssessment withoutQuestions(CaseInput input) {
        return work(input, false);
    }

    private CaseAssessment work(CaseInput input, boolean asking) {
        IdentifiedModel identified = now.modelIdentifier.identify(input);
        Optional<Pack> pack = identified.appliance().map(now.packs::get);
        ParsedComplaint parsed = identified
                .appliance()
                .map(now.diagnosers::get)
                .map(d -> d.hear(identified.line().complaint()))
                .orElse(ParsedComplaint.NOTHING);
        List<KnownFact> known = new MachineFacts(input, identified).known();
        List<LineToken> pieces = TokenMerger.of(identified.line().pieces(), parsed);
        if (pack.isEmpty()) {
            List<Caution> cautions =
                    input.line().isBlank() && identified.appliance().isEmpty()
                            ? List.of()
                            : now.handOver.cautions(identified.appliance(), identified.fuels(), Set.of());
            return CaseAssessment.undiagnosed(
                    pieces, identified, known, selling(identified, input).ofNumbers(), cautions);
        }
        EvidenceCollector evidence =
                new EvidenceCollector(pack.get(), parsed.within(mayHold(pack.get(), identified)), input);
        known.addAll(evidence.known());
        Diagnosis diagnosis = now.diagnosers
                .get(pack.get().appliance())
                .diagnose(new DiagnosisQuery(
                        new Machine(identified.fuels(), identified.layout().map(Layout::id), identified.ageYears()),
                        evidence.evidence(),
                        evidence.notKnown(),
                        input.person(),
                        asking ? costs(identified) : DecisionCosts.NOT_KNOWN,
                        parsed.doubts().stream()
                                .map(ParsedComplaint.Doubt::answer)
                                .toList(),
                        asking));
        return sold(input, identified, pieces, known, evidence, diagnosis);
    }

    /** What is known of an appliance. */
    public Optional<Pack> pack(Appliance appliance) {
        return Optional.ofNullable(now.packs.get(appliance));
    }

    /** What some evidence points to in a machine, without reasons and questions. */
    public Diagnosis posterior(Appliance appliance, Machine machine, List<Evidence> evidence) {
        return now.diagnosers
                .get(appliance)
                .diagnose(DiagnosisQuery.of(machine, evidence).withoutQuestions());
    }

    /** The rules of the house. */
    public HouseSettings house() {
        return rules.get();
    }

    /** Part types that the machine of a worked case may have; none while the appliance is not known. */
    public Set<String> mayHold(CaseAssessment view) {
        return view.appliance()
                .map(now.packs::get)
                .map(pack -> pack.partTypesIn(view.layout().map(List::of).orElse(pack.layouts()), view.fuels()))
                .orElse(Set.of());
    }

    private static Set<String> mayHold(Pack pack, IdentifiedModel identified) {
        return pack.partTypesIn(identified.layout().map(List::of).orElse(pack.layouts()), identified.fuels());
    }

    /** What the parts of the machine cost; nothing while it is not known. */
    private DecisionCosts costs(IdentifiedModel identified) {
        Map<String, DecisionCosts.Price> prices = new LinkedHashMap<>();
        List<String> listed = identified.model().map(m -> catalog.fits(m.number())).orElse(List.of()).stream()
                .map(fit -> fit.part().key())
                .distinct()
                .toList();
        catalog.partsAmong(listed)
                .forEach(part -> catalog.price(part.number())
                        .ifPresent(price -> prices.putIfAbsent(
                                part.partType(), new DecisionCosts.Price(price.cents() / 100.0, part.returnable()))));
        return DecisionCosts.of(currency.get(), prices, rules.get());
    }

    private CaseAssessment sold(
            CaseInput input,
            IdentifiedModel identified,
            List<LineToken> pieces,
            List<KnownFact> known,
            EvidenceCollector evidence,
            Diagnosis diagnosis) {
        Pack pack = now.packs.get(identified.appliance().orElseThrow());
        List<Fault> selling = selling(pack, diagnosis, evidence, input);
        SalePlan sale = selling(identified, input).of(pack, selling, evidence);
        List<Purchase> purchases = sale.purchases();
        Set<String> types = new LinkedHashSet<>(RequiredParts.partTypes(sale.needs()));
        selling.forEach(f -> types.add(f.partType()));
        purchases.forEach(p -> p.lines().forEach(line -> types.addAll(now.handOver.partTypes(line.part()))));
        return new CaseAssessment(
                pieces,
                evidence.parsed(),
                identified.reading(),
                identified.model(),
                identified.serial(),
                identified.constructions(),
                identified.look(),
                identified.chosen().map(PlatformCandidate::platform),
                identified.appliance(),
                identified.layout(),
                identified.fuels(),
                identified.ageYears(),
                known,
                evidence.evidence(),
                Optional.of(diagnosis),
                ids(selling),
                sale,
                purchases.stream()
                        .map(p -> now.handOver.bag(
                                pack.appliance(),
                                p.lines().stream().map(Purchase.Line::part).toList(),
                                mayHold(pack, identified)))
                        .toList(),
                HandoverPlanner.gravestFirst(Stream.concat(
                        now.handOver.cautions(identified.appliance(), identified.fuels(), types).stream(),
                        sale.works().stream()
                                .limit(1)
                                .flatMap(work ->
                                        now.handOver.cautions(pack.appliance(), identified.fuels(), work).stream()))));
    }

    private PurchasePlanner selling(IdentifiedModel identified, CaseInput input) {
        return new PurchasePlanner(catalog, finder, planner, rules.get(), currency.get(), identified, input.shopping());
    }

    private static List<Fault> selling(Pack pack, Diagnosis diagnosis, EvidenceCollector evidence, CaseInput input) {
        List<Fault> selling = new ArrayList<>();
        Set<String> partTypes = new HashSet<>();
        for (Suspect suspect : diagnosis.suspects()) {
            Fault fault = suspect.fault();
            boolean leads = partTypes.add(fault.partType());
            boolean withoutQuestions = leads
                    && fault.cure().isEmpty()
                    && !evidence.evidence().isEmpty()
                    && diagnosis.parts().getOrDefault(fault.partType(), NONE).value() >= SELL_FROM
                    && !pack.partType(fault.partType()).orElseThrow().refer();
            boolean meant = withoutQuestions || input.selected().contains(fault.id());
            if (meant && !input.deselected().contains(fault.id())) {
                selling.add(fault);
            }
        }
        return selling;
    }

    private static Set<String> ids(List<Fault> faults) {
        Set<String> ids = new LinkedHashSet<>();
        faults.forEach(f -> ids.add(f.id()));
        return ids;
    }
}
