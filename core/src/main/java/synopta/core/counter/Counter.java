package synopta.core.counter;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.TreeMap;
import synopta.core.basket.BasketPlan;
import synopta.core.basket.BasketPlanner;
import synopta.core.basket.BasketQuery;
import synopta.core.basket.Purchase;
import synopta.core.catalog.Appliance;
import synopta.core.catalog.Catalog;
import synopta.core.catalog.Fuel;
import synopta.core.catalog.Model;
import synopta.core.catalog.PartNumber;
import synopta.core.catalog.Platform;
import synopta.core.diagnosis.Diagnoser;
import synopta.core.diagnosis.Diagnosis;
import synopta.core.diagnosis.Hearing;
import synopta.core.diagnosis.Machine;
import synopta.core.diagnosis.Suspect;
import synopta.core.handover.HandOver;
import synopta.core.knowledge.Caution;
import synopta.core.knowledge.Fault;
import synopta.core.knowledge.Layout;
import synopta.core.knowledge.Pack;
import synopta.core.quantity.Probability;
import synopta.core.tag.Candidate;
import synopta.core.tag.TagQuery;
import synopta.core.tag.TagReader;
import synopta.core.tag.TagReading;

/**
 * Works a case through all steps at once. The likeliest fault of a part type is sold for when the part is likelier
 * faulty than not and no work for a qualified person only; any fault when the specialist picked it, and none that they
 * dropped.
 */
public final class Counter {
    /** From this probability on a part is sold unasked. */
    public static final double SELL_FROM = 0.5;

    private static final int CANDIDATES = 6;
    private static final Probability NONE = new Probability(0);

    private final Catalog catalog;
    private final TagReader tagReader;
    private final LineReader lineReader;
    private final Map<Appliance, Pack> packs = new TreeMap<>();
    private final Map<Appliance, Diagnoser> diagnosers = new TreeMap<>();
    private final BasketPlanner planner;
    private final HandOver handOver;

    /** Works with this catalogue and these packs; baskets are counted in this currency. */
    public Counter(Catalog catalog, TagReader tagReader, Collection<Pack> packs, String currency) {
        this.catalog = catalog;
        this.tagReader = tagReader;
        lineReader =
                new LineReader(catalog.brands().stream().map(b -> b.brand()).toList());
        packs.forEach(p -> {
            this.packs.put(p.appliance(), p);
            diagnosers.put(p.appliance(), new Diagnoser(p));
        });
        planner = new BasketPlanner(catalog, currency);
        handOver = new HandOver(packs, catalog);
    }

    /** The whole case, computed anew. */
    public CaseView work(CaseDraft draft) {
        Settled settled = settle(draft);
        Optional<Pack> pack = settled.appliance().map(packs::get);
        Hearing hearing = settled.appliance()
                .map(diagnosers::get)
                .map(d -> d.hear(settled.line().complaint()))
                .orElse(new Hearing(List.of(), List.of()));
        List<Known> known = new Background(draft, settled).known();
        List<Piece> pieces = Pieces.of(settled.line().pieces(), hearing);
        if (pack.isEmpty()) {
            List<Caution> cautions =
                    draft.line().isBlank() && settled.appliance().isEmpty()
                            ? List.of()
                            : handOver.cautions(settled.appliance(), settled.fuels(), Set.of());
            return CaseView.undiagnosed(pieces, settled, known, cautions);
        }
        Heard heard = new Heard(pack.get(), hearing, draft);
        known.addAll(heard.known());
        Diagnosis diagnosis = diagnosers
                .get(pack.get().appliance())
                .diagnose(
                        new Machine(settled.fuels(), settled.layout().map(Layout::id), settled.ageYears()),
                        heard.evidence(),
                        heard.notKnown());
        return sold(draft, settled, pieces, known, heard, diagnosis);
    }

    private CaseView sold(
            CaseDraft draft, Settled settled, List<Piece> pieces, List<Known> known, Heard heard, Diagnosis diagnosis) {
        Pack pack = packs.get(settled.appliance().orElseThrow());
        List<Fault> selling = selling(pack, diagnosis, heard, draft);
        List<NeededPart> needs = settled.model()
                .map(m -> new Needs(catalog).of(pack, m, selling, heard.evidence()))
                .orElse(List.of());
        Optional<BasketPlan> plan = plan(needs);
        List<Purchase.Line> lines =
                plan.flatMap(BasketPlan::best).map(Purchase::lines).orElse(List.of());
        Set<String> types = new LinkedHashSet<>(Needs.partTypes(needs));
        selling.forEach(f -> types.add(f.partType()));
        lines.forEach(l -> types.addAll(handOver.partTypes(l.part())));
        return new CaseView(
                pieces,
                heard.hearing(),
                settled.reading(),
                settled.model(),
                settled.appliance(),
                settled.layout(),
                settled.fuels(),
                known,
                Optional.of(diagnosis),
                ids(selling),
                needs,
                plan,
                handOver.bag(pack.appliance(), lines),
                handOver.cautions(settled.appliance(), settled.fuels(), types));
    }

    /** Which machine it is, from the line and what overrules it. */
    private Settled settle(CaseDraft draft) {
        LineParts line = lineReader.read(draft.line());
        Set<String> struck = draft.struck();
        Optional<Appliance> said =
                draft.appliance().or(() -> struck.contains("appliance") ? Optional.empty() : line.appliance());
        Set<Fuel> saidFuels = draft.fuel()
                .map(f -> (Set<Fuel>) EnumSet.of(f))
                .orElse(struck.contains("fuel") ? Set.of() : line.fuels());
        Optional<TagReading> reading = line.model()
                .map(text -> tagReader.read(
                        new TagQuery(text, line.brand(), said, saidFuels, draft.rechecked(), CANDIDATES)));
        Optional<Model> model = draft.model()
                .flatMap(catalog::model)
                .or(() -> reading.flatMap(TagReading::likely).map(Candidate::model));
        Optional<Appliance> guessed =
                model.isPresent() || said.isPresent() ? Optional.empty() : guess(line.complaint());
        Optional<Appliance> appliance =
                model.map(Model::appliance).or(() -> said).or(() -> guessed);
        Optional<Layout> layout = model.flatMap(m -> catalog.platform(m.platform()))
                .map(Platform::layout)
                .flatMap(id -> appliance.map(packs::get).flatMap(p -> p.layout(id)));
        OptionalDouble age =
                draft.ageYears().isPresent() || struck.contains("age") ? draft.ageYears() : line.ageYears();
        return new Settled(line, reading, model, appliance, guessed, layout, fuels(model, saidFuels, appliance), age);
    }

    /** The appliance whose pack understands most of the complaint, when one does. */
    private Optional<Appliance> guess(String complaint) {
        return diagnosers.entrySet().stream()
                .map(e -> Map.entry(e.getKey(), e.getValue().hear(complaint).understood()))
                .filter(e -> e.getValue() > 0)
                .max(Comparator.comparingInt(Map.Entry::getValue))
                .map(Map.Entry::getKey);
    }

    private static Set<Fuel> fuels(Optional<Model> model, Set<Fuel> said, Optional<Appliance> appliance) {
        if (model.flatMap(Model::fuel).isPresent()) {
            return EnumSet.of(model.flatMap(Model::fuel).orElseThrow());
        }
        if (appliance.map(a -> !a.mayBurnGas()).orElse(false)) {
            return EnumSet.of(Fuel.ELECTRIC);
        }
        return said.isEmpty() ? EnumSet.allOf(Fuel.class) : EnumSet.copyOf(said);
    }

    private static List<Fault> selling(Pack pack, Diagnosis diagnosis, Heard heard, CaseDraft draft) {
        List<Fault> selling = new ArrayList<>();
        Set<String> partTypes = new HashSet<>();
        for (Suspect suspect : diagnosis.suspects()) {
            Fault fault = suspect.fault();
            boolean leads = partTypes.add(fault.partType());
            boolean unasked = leads
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

    private Optional<BasketPlan> plan(List<NeededPart> needs) {
        Map<PartNumber, Integer> pieces = new LinkedHashMap<>();
        needs.forEach(n -> n.supplied().ifPresent(p -> pieces.merge(p, n.quantity(), Integer::sum)));
        return pieces.isEmpty()
                ? Optional.empty()
                : Optional.of(planner.plan(new BasketQuery(
                        pieces.entrySet().stream()
                                .map(e -> new BasketQuery.Need(e.getKey(), e.getValue()))
                                .toList(),
                        List.of(),
                        BasketQuery.Policy.ANY)));
    }

    private static Set<String> ids(List<Fault> faults) {
        Set<String> ids = new LinkedHashSet<>();
        faults.forEach(f -> ids.add(f.id()));
        return ids;
    }
}
