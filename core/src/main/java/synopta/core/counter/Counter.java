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
    private final String currency;
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
            ModelIdentifier settling) {}

    /** Works with this catalogue and these packs; baskets are counted in this currency, dates read as of this clock.
     * The reader of tags is asked for anew each time, as it changes with the catalogue. */
    public Counter(
            Catalog catalog,
            Supplier<TagReader> tagReader,
            Collection<Pack> packs,
            FitFinder finder,
            Supplier<HouseSettings> rules,
            String currency,
            Clock clock) {
        this.catalog = catalog;
        this.tagReader = tagReader;
        this.finder = finder;
        this.rules = rules;
        this.currency = currency;
        this.clock = clock;
        planner = new BasketPlanner(catalog, currency);
        know(packs);
    }

    /** From now on cases are worked with these packs. */
    public void know(Collection<Pack> packs) {
        Map<Appliance, Pack> known = new TreeMap<>();
        Map<Appliance, Diagnoser> diagnosers = new TreeMap<>();
        packs.forEach(p -> {
            known.put(p.appliance(), p);
            diagnosers.put(p.appliance(), new Diagnoser(p));
        });
        ModelIdentifier settling = new ModelIdentifier(catalog, tagReader, known, diagnosers, clock);
        now = new Knowing(known, diagnosers, new HandoverPlanner(packs, catalog), settling);
    }

    /** The whole case, computed anew. */
    public CaseAssessment work(CaseInput draft) {
        return work(draft, true);
    }

    /** The case without reasons and questions, for those who need only what is sold and what it takes care of. */
    public CaseAssessment unasked(CaseInput draft) {
        return work(draft, false);
    }

    private CaseAssessment work(CaseInput draft, boolean asking) {
        IdentifiedModel settled = now.settling.settle(draft);
        Optional<Pack> pack = settled.appliance().map(now.packs::get);
        ParsedComplaint hearing = settled.appliance()
                .map(now.diagnosers::get)
                .map(d -> d.hear(settled.line().complaint()))
                .orElse(ParsedComplaint.NOTHING);
        List<KnownFact> known = new MachineFacts(draft, settled).known();
        List<LineToken> pieces = TokenMerger.of(settled.line().pieces(), hearing);
        if (pack.isEmpty()) {
            List<Caution> cautions =
                    draft.line().isBlank() && settled.appliance().isEmpty()
                            ? List.of()
                            : now.handOver.cautions(settled.appliance(), settled.fuels(), Set.of());
            return CaseAssessment.undiagnosed(
                    pieces, settled, known, selling(settled, draft).ofNumbers(), cautions);
        }
        EvidenceCollector heard =
                new EvidenceCollector(pack.get(), hearing.within(mayHold(pack.get(), settled)), draft);
        known.addAll(heard.known());
        Diagnosis diagnosis = now.diagnosers
                .get(pack.get().appliance())
                .diagnose(new DiagnosisQuery(
                        new Machine(settled.fuels(), settled.layout().map(Layout::id), settled.ageYears()),
                        heard.evidence(),
                        heard.notKnown(),
                        draft.person(),
                        asking ? stakes(settled) : DecisionCosts.NOT_KNOWN,
                        hearing.doubts().stream()
                                .map(ParsedComplaint.Doubt::answer)
                                .toList(),
                        asking));
        return sold(draft, settled, pieces, known, heard, diagnosis);
    }

    /** What is known of an appliance. */
    public Optional<Pack> pack(Appliance appliance) {
        return Optional.ofNullable(now.packs.get(appliance));
    }

    /** What some evidence points to in a machine, without reasons and questions. */
    public Diagnosis weigh(Appliance appliance, Machine machine, List<Evidence> evidence) {
        return now.diagnosers
                .get(appliance)
                .diagnose(DiagnosisQuery.of(machine, evidence).unasked());
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

    private static Set<String> mayHold(Pack pack, IdentifiedModel settled) {
        return pack.partTypesIn(settled.layout().map(List::of).orElse(pack.layouts()), settled.fuels());
    }

    /** What the parts of the machine cost; nothing while it is not known. */
    private DecisionCosts stakes(IdentifiedModel settled) {
        Map<String, DecisionCosts.Price> prices = new LinkedHashMap<>();
        List<String> listed = settled.model().map(m -> catalog.fits(m.number())).orElse(List.of()).stream()
                .map(fit -> fit.part().key())
                .distinct()
                .toList();
        catalog.partsAmong(listed)
                .forEach(part -> catalog.price(part.number())
                        .ifPresent(price -> prices.putIfAbsent(
                                part.partType(), new DecisionCosts.Price(price.cents() / 100.0, part.returnable()))));
        return DecisionCosts.of(currency, prices, rules.get());
    }

    private CaseAssessment sold(
            CaseInput draft,
            IdentifiedModel settled,
            List<LineToken> pieces,
            List<KnownFact> known,
            EvidenceCollector heard,
            Diagnosis diagnosis) {
        Pack pack = now.packs.get(settled.appliance().orElseThrow());
        List<Fault> selling = selling(pack, diagnosis, heard, draft);
        SalePlan sale = selling(settled, draft).of(pack, selling, heard);
        List<Purchase> purchases = sale.purchases();
        Set<String> types = new LinkedHashSet<>(RequiredParts.partTypes(sale.needs()));
        selling.forEach(f -> types.add(f.partType()));
        purchases.forEach(p -> p.lines().forEach(line -> types.addAll(now.handOver.partTypes(line.part()))));
        return new CaseAssessment(
                pieces,
                heard.hearing(),
                settled.reading(),
                settled.model(),
                settled.serial(),
                settled.constructions(),
                settled.look(),
                settled.chosen().map(PlatformCandidate::platform),
                settled.appliance(),
                settled.layout(),
                settled.fuels(),
                settled.ageYears(),
                known,
                heard.evidence(),
                Optional.of(diagnosis),
                ids(selling),
                sale,
                purchases.stream()
                        .map(p -> now.handOver.bag(
                                pack.appliance(),
                                p.lines().stream().map(Purchase.Line::part).toList(),
                                mayHold(pack, settled)))
                        .toList(),
                HandoverPlanner.gravestFirst(Stream.concat(
                        now.handOver.cautions(settled.appliance(), settled.fuels(), types).stream(),
                        sale.works().stream()
                                .limit(1)
                                .flatMap(work ->
                                        now.handOver.cautions(pack.appliance(), settled.fuels(), work).stream()))));
    }

    private PurchasePlanner selling(IdentifiedModel settled, CaseInput draft) {
        return new PurchasePlanner(catalog, finder, planner, rules.get(), currency, settled, draft.shopping());
    }

    private static List<Fault> selling(Pack pack, Diagnosis diagnosis, EvidenceCollector heard, CaseInput draft) {
        List<Fault> selling = new ArrayList<>();
        Set<String> partTypes = new HashSet<>();
        for (Suspect suspect : diagnosis.suspects()) {
            Fault fault = suspect.fault();
            boolean leads = partTypes.add(fault.partType());
            boolean unasked = leads
                    && fault.cure().isEmpty()
                    && !heard.evidence().isEmpty()
                    && diagnosis.parts().getOrDefault(fault.partType(), NONE).value() >= SELL_FROM
                    && !pack.partType(fault.partType()).orElseThrow().refer();
            boolean meant = unasked || draft.picked().contains(fault.id());
            if (meant && !draft.dropped().contains(fault.id())) {
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
