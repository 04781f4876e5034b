package synopta.demo;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.NavigableMap;
import java.util.Objects;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Collectors;
import synopta.core.catalog.Appliance;
import synopta.core.catalog.Catalog;
import synopta.core.catalog.Fit;
import synopta.core.catalog.Fuel;
import synopta.core.catalog.Model;
import synopta.core.catalog.Part;
import synopta.core.catalog.PartNumber;
import synopta.core.knowledge.Fault;
import synopta.core.knowledge.Layout;
import synopta.core.knowledge.Pack;
import synopta.core.outcome.Outcome;
import synopta.core.record.CaseContent;
import synopta.core.record.CaseRecord;
import synopta.core.record.CaseRepository;
import synopta.core.record.CaseSnapshot;
import synopta.core.review.OutcomeService;

/**
 * A year of cases with their outcomes, drawn from a {@link GroundTruth}: the same seed gives the same year. Specialists
 * sell by the pack, overrule it now and then, and are told of most cases what it really was.
 */
public final class DemoYear {
    private static final long SECONDS_OF_A_DAY = 86_400;
    private static final int DAYS = 365;
    private static final int MINUTES_OF_A_DAY = 480;
    private static final int OPENS_AT_MINUTE = 480;
    /** Numbers go up with time: who was drawn for an earlier minute of the day comes so much after the one before. */
    private static final Duration NEXT_CALLER = Duration.ofMinutes(6);

    private static final double TOLD = 0.85;
    private static final double OVERRULES = 0.08;
    private static final double CHANGES_MIND = 0.03;
    private static final double TECHNICIANS_DIFFER = 0.3;

    /** Spread of the logarithm of how much oftener a model comes than the catalog says. */
    private static final double POPULARITY_DIFFERS = 0.7;

    private static final int[] REASONS = {70, 85, 95, 100};

    private final Catalog catalog;
    private final CaseRepository log;
    private final OutcomeService service;
    private final Random random;
    private final Instant until;
    private final Map<Appliance, Pack> packs = new HashMap<>();
    private final Map<Appliance, GroundTruth> truths = new HashMap<>();
    private final Map<Appliance, DemoCase> callers = new HashMap<>();

    private DemoYear(
            Catalog catalog, List<Pack> packs, CaseRepository log, OutcomeService service, long seed, LocalDate last) {
        until = last.plusDays(1).atStartOfDay(ZoneOffset.UTC).toInstant();
        this.catalog = catalog;
        this.log = log;
        this.service = service;
        random = PartTraits.chances(seed, "year");
        for (Pack pack : packs) {
            this.packs.put(pack.appliance(), pack);
            truths.put(pack.appliance(), GroundTruth.of(pack, seed));
            callers.put(pack.appliance(), new DemoCase(pack, random));
        }
    }

    /**
     * Writes so many cases into a log, the oldest first.
     *
     * @param last the last day of the year
     */
    public static void write(
            Catalog catalog,
            List<Pack> packs,
            CaseRepository log,
            OutcomeService service,
            long seed,
            int cases,
            LocalDate last) {
        DemoYear year = new DemoYear(catalog, packs, log, service, seed, last);
        List<Model> models = new ArrayList<>();
        catalog.eachModel(models::add);
        NavigableMap<Double, Model> met = coming(
                models.stream()
                        .filter(m -> year.packs.containsKey(m.appliance()))
                        .toList(),
                PartTraits.chances(seed, "models that come"));
        Instant at = Instant.MIN;
        for (int i = 0; i < cases; i++) {
            LocalDate day = last.minusDays(DAYS - 1 - (long) i * DAYS / cases);
            Instant drawn = day.atStartOfDay(ZoneOffset.UTC)
                    .plusMinutes(OPENS_AT_MINUTE + year.random.nextInt(MINUTES_OF_A_DAY))
                    .toInstant();
            at = drawn.isAfter(at) ? drawn : at.plus(NEXT_CALLER);
            year.serve(year.met(met), at);
        }
    }

    private Model met(NavigableMap<Double, Model> models) {
        return models.higherEntry(random.nextDouble() * models.lastKey()).getValue();
    }

    /** Models by the sum of how often those up to them really come, which is not quite what the catalog says. */
    private static NavigableMap<Double, Model> coming(List<Model> models, Random random) {
        NavigableMap<Double, Model> coming = new TreeMap<>();
        double sum = 0;
        for (Model model : models) {
            sum += model.popularity() * Math.exp(POPULARITY_DIFFERS * random.nextGaussian());
            coming.put(sum, model);
        }
        return coming;
    }

    private void serve(Model model, Instant at) {
        Pack pack = packs.get(model.appliance());
        Layout layout = fitted(
                pack.layout(catalog.platform(model.platform()).orElseThrow().layout())
                        .orElseThrow(),
                model);
        Fuel fuel = Objects.requireNonNullElse(model.fuel(), Fuel.ELECTRIC);
        GroundTruth truth = truths.get(model.appliance());
        GroundTruth.Drawn drawn = truth.draw(random, layout, fuel);
        DemoCase caller = callers.get(model.appliance());
        Optional<DemoCase.Served> served = caller.served(model, layout, drawn);
        if (served.isEmpty()) {
            return;
        }
        List<Fault> suspects = served.get().suspects();
        boolean overrules = random.nextDouble() < OVERRULES && suspects.size() > 1;
        Fault advised = suspects.get(0);
        Fault sold = overrules ? suspects.get(1) : advised;
        List<CaseContent.Line> lines = lines(model, sold);
        CaseRecord record = log.add(
                served.get().content(overrules ? advised : null, sold, lines), snapshot(served.get(), sold, lines), at);
        Instant toldAt = at.plusSeconds(SECONDS_OF_A_DAY * (2 + random.nextInt(12)));
        if (random.nextDouble() < TOLD && toldAt.isBefore(until)) {
            service.tell(record, outcome(record, drawn.fault(), sold, truth.workTimes(layout), toldAt));
        }
    }

    /** The layout with the places that the model has. */
    private Layout fitted(Layout layout, Model model) {
        Set<String> slots = catalog.fits(model.number()).stream().map(Fit::slot).collect(Collectors.toSet());
        Layout known = layout.of(layout.kindsShownBy(slots));
        return known.with(
                known.places().stream()
                        .filter(place -> slots.contains(place.slot()))
                        .toList(),
                known.steps());
    }

    private static CaseSnapshot snapshot(DemoCase.Served served, Fault sold, List<CaseContent.Line> lines) {
        List<CaseSnapshot.Rule> rules = lines.stream()
                .map(line -> new CaseSnapshot.Rule(line.part(), line.quantity(), sold.name()))
                .toList();
        return served.snapshot(sold, rules);
    }

    /** The listed part of the fault's type, as many as the machine has. */
    private List<CaseContent.Line> lines(Model model, Fault fault) {
        Map<PartNumber, Integer> pieces = new HashMap<>();
        for (Fit fit : catalog.fits(model.number())) {
            boolean isMeant = catalog.part(fit.part())
                    .map(Part::partType)
                    .filter(fault.partType()::equals)
                    .isPresent();
            if (isMeant
                    && Optional.ofNullable(fault.slot()).map(fit.slot()::equals).orElse(true)) {
                pieces.merge(fit.part(), fit.quantity(), Integer::sum);
            }
        }
        return pieces.entrySet().stream()
                .sorted(Map.Entry.comparingByKey(Comparator.comparing(PartNumber::key)))
                .limit(1)
                .map(e -> new CaseContent.Line(e.getKey(), e.getValue()))
                .toList();
    }

    private Outcome outcome(CaseRecord record, Fault was, Fault sold, double times, Instant at) {
        boolean cured = was.partType().equals(sold.partType());
        List<Outcome.Return> returns = new ArrayList<>();
        for (CaseContent.Line line : record.content().lines()) {
            if (!cured) {
                returns.add(new Outcome.Return(line.part(), line.quantity(), reason()));
            } else if (random.nextDouble() < CHANGES_MIND) {
                returns.add(new Outcome.Return(line.part(), line.quantity(), Outcome.Reason.CHANGED_MIND));
            }
        }
        Integer minutes = cured && record.snapshot().workMinutes() != null
                ? (Integer) (int) Math.max(
                        1,
                        record.snapshot().workMinutes() * times * Math.exp(TECHNICIANS_DIFFER * random.nextGaussian()))
                : null;
        return new Outcome(at, record.content().specialist(), was.id(), cured, minutes, returns, null);
    }

    private Outcome.Reason reason() {
        int drawn = random.nextInt(REASONS[REASONS.length - 1]);
        if (drawn < REASONS[0]) {
            return Outcome.Reason.WRONG_DIAGNOSIS;
        }
        if (drawn < REASONS[1]) {
            return Outcome.Reason.RIGHT_PART_THOUGHT_WRONG;
        }
        return drawn < REASONS[2] ? Outcome.Reason.DAMAGED : Outcome.Reason.WRONG_MACHINE;
    }
}
