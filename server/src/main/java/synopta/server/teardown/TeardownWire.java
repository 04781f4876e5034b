package synopta.server.teardown;

import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import synopta.core.knowledge.Finding;
import synopta.core.knowledge.Hazard;
import synopta.core.knowledge.OpeningStep;
import synopta.core.knowledge.Pack;
import synopta.core.knowledge.WorkStep;
import synopta.core.quantity.Money;
import synopta.core.sale.TeardownService;
import synopta.core.teardown.Work;
import synopta.server.web.MayBeNull;

/** Wire records of opening a machine up. */
public final class TeardownWire {
    private TeardownWire() {}

    /** A model or a platform, the places to reach, and the age if it is known. */
    public record TeardownRequest(
            @MayBeNull @Size(max = 80) String model,
            @MayBeNull @Size(max = 80) String platform,
            @NotEmpty @Size(max = 60) List<@NotNull @Size(max = 80) String> slots,
            @MayBeNull Double ageYears) {}

    /** The work and what is worth renewing then. */
    public record TeardownAnswer(
            List<StepWire> steps,
            double minutes,
            double spreadMinutes,
            List<String> tools,
            int persons,
            @MayBeNull String effort,
            List<String> checks,
            List<LookingWire> looks,
            List<OpenPartWire> whileOpen,
            String currency) {
        static TeardownAnswer of(TeardownService.Opened opened, String currency) {
            Work work = opened.work();
            return new TeardownAnswer(
                    StepWire.of(work),
                    work.minutes(),
                    work.spread(),
                    work.tools(),
                    work.persons(),
                    work.effort().orElse(null),
                    work.checks(),
                    LookingWire.of(work, Optional.empty()),
                    opened.whileOpen().stream().map(OpenPartWire::of).toList(),
                    currency);
        }
    }

    /** A step: `open` or `replace`; `needs` names the steps that must be done first, `serves` the places it is for. */
    public record StepWire(
            String kind,
            String id,
            String step,
            double minutes,
            List<String> tools,
            List<String> needs,
            List<String> reaches,
            List<String> serves,
            int persons,
            List<Hazard> hazards,
            List<HardwareWire> hardware,
            @MayBeNull String note,
            @MayBeNull String advice,
            @MayBeNull String check) {
        /** Every step of some work, in order. */
        public static List<StepWire> of(Work work) {
            List<StepWire> steps = new ArrayList<>();
            work.steps().forEach(step -> steps.add(opening(step, work)));
            work.replacements().forEach(replacement -> steps.add(exchanging(replacement, work)));
            return steps;
        }

        private static StepWire opening(OpeningStep step, Work work) {
            WorkStep hands = step.work();
            return new StepWire(
                    "open",
                    step.id(),
                    step.name(),
                    step.minutes(),
                    hands.tools(),
                    work.steps().stream()
                            .filter(before -> step.after().contains(before.id()))
                            .map(OpeningStep::name)
                            .toList(),
                    step.reaches().keySet().stream().sorted().toList(),
                    work.serves(step),
                    hands.persons(),
                    hands.hazards().stream().sorted().toList(),
                    HardwareWire.of(hands.hardware()),
                    hands.note().orElse(null),
                    hands.advice().orElse(null),
                    hands.check().orElse(null));
        }

        private static StepWire exchanging(Work.Exchange replacement, Work work) {
            String what = replacement.pieces() > 1
                    ? "%d x %s".formatted(replacement.pieces(), replacement.name())
                    : replacement.name();
            return new StepWire(
                    "replace",
                    replacement.slot(),
                    "Replace: " + what,
                    replacement.minutes(),
                    replacement.fitting().tools(),
                    work.steps().stream()
                            .filter(step -> step.reaches().containsKey(replacement.slot()))
                            .map(OpeningStep::name)
                            .toList(),
                    List.of(replacement.slot()),
                    List.of(replacement.slot()),
                    1,
                    List.of(),
                    HardwareWire.of(replacement.hardware()),
                    null,
                    replacement.fitting().way().orElse(null),
                    replacement.fitting().check().orElse(null));
        }
    }

    /** So many fasteners, `kept` or `renewed`. */
    public record HardwareWire(String what, int count, WorkStep.Fate fate) {
        private static List<HardwareWire> of(List<WorkStep.Hardware> hardware) {
            return hardware.stream()
                    .map(h -> new HardwareWire(h.what(), h.count(), h.fate()))
                    .toList();
        }
    }

    /** Something to look at on the way, the finding it answers, and its answers. */
    public record LookingWire(String finding, String words, List<LookedWire> answers) {
        /** All of some work, with the answers of their findings. */
        public static List<LookingWire> of(Work work, Optional<Pack> pack) {
            return work.looks().stream()
                    .map(look -> new LookingWire(
                            look.finding(),
                            look.words(),
                            pack
                                    .flatMap(p -> p.finding(look.finding()))
                                    .map(Finding::answers)
                                    .orElse(List.of())
                                    .stream()
                                    .map(answer -> new LookedWire(answer.slug(), answer.words()))
                                    .toList()))
                    .toList();
        }
    }

    /** An answer of a finding. */
    public record LookedWire(String answer, String words) {}

    /** A part that lies open; `savings` by horizons of 1 to 10 years. */
    public record OpenPartWire(
            String slot,
            List<String> slots,
            String partType,
            String part,
            int quantity,
            double extraMinutes,
            @MayBeNull String price,
            double risk,
            double riskNew,
            String worth,
            String expectedSaving,
            boolean advised,
            List<String> savings) {
        static OpenPartWire of(TeardownService.OpenPart open) {
            return new OpenPartWire(
                    open.slots().get(0),
                    open.slots(),
                    open.partType(),
                    open.part().written(),
                    open.pieces(),
                    open.open().minutes(),
                    open.price().map(Money::decimal).orElse(null),
                    open.open().risk().value(),
                    open.open().riskNew().value(),
                    open.open().value().decimal(),
                    open.saving().decimal(),
                    open.isAdvised(),
                    open.savings().stream().map(Money::decimal).toList());
        }
    }
}
