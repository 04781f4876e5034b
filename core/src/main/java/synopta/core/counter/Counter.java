package synopta.core.counter;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.Clock;
import java.time.Duration;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.function.Supplier;
import synopta.core.basket.BasketPlanner;
import synopta.core.casefile.CaseInput;
import synopta.core.catalog.Appliance;
import synopta.core.catalog.Catalog;
import synopta.core.diagnosis.Diagnoser;
import synopta.core.diagnosis.Diagnosis;
import synopta.core.diagnosis.DiagnosisQuery;
import synopta.core.diagnosis.Evidence;
import synopta.core.diagnosis.Machine;
import synopta.core.diagnosis.MeaningModel;
import synopta.core.fit.FitFinder;
import synopta.core.handover.HandoverPlanner;
import synopta.core.knowledge.CurrentPacks;
import synopta.core.knowledge.HouseSettings;
import synopta.core.knowledge.Pack;
import synopta.core.tag.TagReader;

/**
 * Works a case through all steps at once. A part is sold for its likeliest fault when it is likelier faulty than not, no work
 * for a qualified person only, and not cured without a part; for any fault the specialist picked, and none they dropped.
 */
public final class Counter {
    /** From this probability on a part is sold unasked. */
    public static final double SELL_FROM = 0.5;

    /** Cases that are being worked on: what is saved or handed over was on the screen just before. */
    private static final int RECENT = 100;

    private static final Duration KEPT = Duration.ofMinutes(5);

    private final Catalog catalog;
    private final Supplier<String> currency;
    private final BasketPlanner planner;
    private final FitFinder finder;
    private final Supplier<HouseSettings> rules;
    private final CurrentPacks packs;
    private final HandoverPlanner handOver;
    private final Supplier<PackWork> packWork;
    private final Cache<Asked, CaseAssessment> recent;

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
        recent = Caffeine.newBuilder()
                .maximumSize(RECENT)
                .expireAfterAccess(KEPT)
                .build();
        packWork = packs.derive(inForce -> new PackWork(inForce, catalog, tagReader, meanings, clock));
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
        recent = shared.recent;
    }

    /** The same counter by other settings, to see what they would change. */
    public Counter under(HouseSettings others) {
        return new Counter(this, others);
    }

    /** All that an assessment hangs on; as long as none of it changes, it is not made twice. */
    private record Asked(
            CaseInput input,
            boolean isWhole,
            PackWork packs,
            TagReader tags,
            HouseSettings rules,
            String currency,
            long catalog,
            LocalDate today) {}

    private CaseAssessment once(CaseInput input, boolean isWhole) {
        PackWork with = packWork.get();
        HouseSettings house = rules.get();
        // Before anything is looked up: what changes meanwhile makes it another one.
        long version = catalog.version();
        String money = currency.get();
        LocalDate today = with.modelIdentifier().today();
        return recent.get(
                new Asked(input, isWhole, with, with.modelIdentifier().tags(), house, money, version, today),
                asked -> catalog.reading(() ->
                        new CaseWork(catalog, finder, planner, handOver, with, house, money).work(input, isWhole)));
    }

    /** The whole case. */
    public CaseAssessment work(CaseInput input) {
        return once(input, true);
    }

    /** The case without reasons and questions, for those who need only what is sold and what it takes care of. */
    public CaseAssessment withoutQuestions(CaseInput input) {
        return once(input, false);
    }

    /** What is known of an appliance. */
    public Optional<Pack> pack(Appliance appliance) {
        return packs.of(appliance);
    }

    /** Hears and diagnoses by what is known of an appliance. */
    public Optional<Diagnoser> diagnoser(Appliance appliance) {
        return packWork.get().diagnoser(appliance);
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
}
