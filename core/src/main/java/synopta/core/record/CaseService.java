package synopta.core.record;

import java.time.Instant;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.BiFunction;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import synopta.core.catalog.Appliance;
import synopta.core.catalog.Catalog;
import synopta.core.catalog.Part;
import synopta.core.catalog.PartNumber;
import synopta.core.counter.CaseAssessment;
import synopta.core.counter.Counter;
import synopta.core.handover.HandoverPlanner;
import synopta.core.knowledge.Caution;
import synopta.core.knowledge.Hazard;
import synopta.core.quantity.LengthUnit;
import synopta.core.sale.SaleOption;
import synopta.core.teardown.Work;

/** Keeps cases, and lets no parts leave while a grave caution has not been shown. */
public final class CaseService {
    private final CaseRepository log;
    private final Counter counter;
    private final Catalog catalog;
    private final HandoverPlanner handOver;

    /** Keeps cases in this log; machine and cautions come from the counter and the packs. */
    public CaseService(CaseRepository log, Counter counter, Catalog catalog, HandoverPlanner handOver) {
        this.log = log;
        this.counter = counter;
        this.catalog = catalog;
        this.handOver = handOver;
    }

    /** What became of a save. */
    public sealed interface Saved {
        /**
         * It is kept.
         *
         * @param record the saved case
         * @param cautions cautions that apply
         */
        record Kept(CaseRecord record, List<Caution> cautions) implements Saved {
            @Override
            public <R> R fold(Function<Kept, R> kept, Function<Refused, R> refused, Function<Overtaken, R> conflict) {
                return kept.apply(this);
            }
        }

        /**
         * Parts may not leave: these cautions have not been shown.
         *
         * @param unseen grave hazards whose cautions were not read
         */
        record Refused(List<Hazard> unseen) implements Saved {
            @Override
            public <R> R fold(Function<Kept, R> kept, Function<Refused, R> refused, Function<Overtaken, R> conflict) {
                return refused.apply(this);
            }
        }

        /**
         * Somebody else changed the case in between.
         *
         * @param now the case as somebody else saved it
         * @param changes fields that differ
         */
        record Overtaken(CaseRecord now, List<FieldChange> changes) implements Saved {
            /** Copies. */
            public Overtaken {
                changes = List.copyOf(changes);
            }

            @Override
            public <R> R fold(Function<Kept, R> kept, Function<Refused, R> refused, Function<Overtaken, R> conflict) {
                return conflict.apply(this);
            }
        }

        /** One result for each case. */
        <R> R fold(Function<Kept, R> kept, Function<Refused, R> refused, Function<Overtaken, R> conflict);
    }

    /** Keeps a new case. */
    public Saved open(CaseContent content, Instant now) {
        return checked(content, (kept, snapshot) -> Optional.of(log.add(kept, snapshot, now)), null);
    }

    /** Changes a kept case, if it still is as it was when it was read. */
    public Saved change(CaseRecord read, CaseContent content, Instant now) {
        return checked(content, (kept, snapshot) -> log.replace(read, kept, snapshot, now), read);
    }

    private Saved checked(
            CaseContent content,
            BiFunction<CaseContent, CaseSnapshot, Optional<CaseRecord>> keep,
            @Nullable CaseRecord read) {
        content.lines().forEach(line -> known(line.part()));
        if (content.visit() != null && log.find(content.visit()).isEmpty()) {
            throw new IllegalArgumentException("Case %d of the same visit does not exist. Save the first machine first."
                    .formatted(content.visit()));
        }
        CaseAssessment view = counter.work(content.spoken());
        boolean isHandedOver = content.status() == CaseContent.Status.HANDED_OVER;
        if (isHandedOver && view.stop() != null && !content.lines().isEmpty()) {
            throw new IllegalArgumentException("Nothing is handed over in this case. %s".formatted(view.stop()));
        }
        if (isHandedOver && !content.lines().isEmpty()) {
            warnable(view);
        }
        List<Caution> cautions = cautions(view, content);
        List<Hazard> unseen = HandoverPlanner.unseen(cautions, content.cautionsShown());
        if (isHandedOver && !unseen.isEmpty()) {
            return new Saved.Refused(unseen);
        }
        return keep.apply(content, CaseSnapshot.of(view, cautions, content.input()))
                .<Saved>map(record -> new Saved.Kept(record, cautions))
                .orElseGet(() -> conflict(read));
    }

    /** Without the cautions of a machine, nothing for it is handed over. */
    private void warnable(CaseAssessment view) {
        List<Appliance> mute = handOver.withoutCautions(view.appliance().orElse(null));
        if (!mute.isEmpty()) {
            throw new IllegalArgumentException(
                    "Nothing is handed over%s: the cautions for the %s could not be loaded. The fault guide says what is wrong with its file; mend it and start again."
                            .formatted(
                                    view.appliance().isPresent() ? "" : " before the machine is known",
                                    mute.stream().map(Appliance::slug).collect(Collectors.joining(" and the "))));
        }
    }

    /** What somebody else changed since a revision was read. */
    public Saved.Overtaken conflict(CaseRecord read) {
        CaseRecord now = log.find(read.number()).orElseThrow();
        return new Saved.Overtaken(now, FieldChange.between(read.content(), now.content()));
    }

    private void known(PartNumber part) {
        if (catalog.part(part).isEmpty()) {
            throw new IllegalArgumentException(
                    "Part (%s) is not in the catalog. Check the number, or look it up by model.".formatted(part));
        }
    }

    /** The cautions of a case: of its machine, its suspects that are sold for, and its lines. */
    public List<Caution> cautions(CaseContent content) {
        return cautions(counter.withoutQuestions(content.spoken()), content);
    }

    private List<Caution> cautions(CaseAssessment view, CaseContent content) {
        Set<String> types = new HashSet<>();
        content.lines().forEach(line -> types.addAll(handOver.partTypes(line.part())));
        Optional<Appliance> appliance = view.appliance();
        List<Caution> ofLines =
                handOver.cautions(appliance.orElse(null), view.identified().fuels(), types);
        return HandoverPlanner.gravestFirst(Stream.concat(ofLines.stream(), view.cautions().stream()));
    }

    /** The repair sheet of a kept case, with the second unit of the settings. */
    public RepairSheet sheet(CaseRecord record, boolean isPriced) {
        return sheet(record, counter.house().secondUnit(), isPriced);
    }

    /** What the technician must know of parts that do not simply drop in. */
    private static List<String> changes(CaseAssessment view) {
        return view.needs().stream()
                .flatMap(need -> need
                        .verdict()
                        .fold(
                                fits -> fits.supply().changes(),
                                depends -> List.<String>of(),
                                not -> List.<String>of(),
                                unknown -> List.<String>of())
                        .stream())
                .distinct()
                .toList();
    }

    /** What the jobs of the case ask for, then what was handed over without a machine to judge its fit by. */
    private static List<String> remarks(CaseAssessment view, List<PartNumber> parts) {
        Stream<String> ofJobs = view.sale().jobs().stream()
                .flatMap(job -> job.notes().stream().map(note -> "%s: %s".formatted(job.name(), note)));
        Stream<String> unchecked = view.needs().stream()
                .filter(need -> parts.contains(need.supplied()) && !need.isFitChecked())
                .map(need ->
                        "%s: fit not checked. Compare it with the old part and the model number before it is installed."
                                .formatted(need.supplied()));
        return Stream.concat(ofJobs, unchecked).distinct().toList();
    }

    /**
     * The sheet of a kept case: what was handed over, and the work it takes.
     *
     * @param secondUnit the unit of length that is added behind sizes of the other unit
     * @param isPriced whether the parts stand there with their prices of today
     */
    public RepairSheet sheet(CaseRecord record, LengthUnit secondUnit, boolean isPriced) {
        CaseContent content = record.content();
        CaseAssessment view = counter.withoutQuestions(content.spoken());
        List<PartNumber> parts =
                content.lines().stream().map(CaseContent.Line::part).toList();
        Work work = workOf(view, content);
        return new RepairSheet(
                record,
                view.appliance().orElse(null),
                view.identified().model(),
                view.stop(),
                cautions(view, content),
                lines(content.lines(), isPriced),
                view.appliance()
                        .map(appliance -> handOver.bag(appliance, parts, counter.mayHold(view)))
                        .orElse(List.of()),
                changes(view),
                remarks(view, parts),
                work,
                view.identified().layout(),
                work.replacements().stream().map(Work.Exchange::slot).toList(),
                counter.house().contacts().of(content.input().shopping().branch()),
                secondUnit,
                counter.house().region());
    }

    private List<RepairSheet.Line> lines(List<CaseContent.Line> lines, boolean isPriced) {
        return lines.stream()
                .map(line -> new RepairSheet.Line(
                        line,
                        catalog.part(line.part()).map(Part::name).orElse(""),
                        isPriced ? catalog.price(line.part()).orElse(null) : null))
                .toList();
    }

    /** The work of the way that was bought; of the needs when something else left than was planned. */
    private static Work workOf(CaseAssessment view, CaseContent content) {
        Set<PartNumber> left = new HashSet<>();
        content.lines().forEach(line -> left.add(line.part()));
        return view.sale().options().stream()
                .filter(o -> Set.copyOf(o.option().purchase().parts()).equals(left))
                .findFirst()
                .map(SaleOption::work)
                .or(() -> view.sale().bestWork())
                .orElse(Work.NONE);
    }
}
