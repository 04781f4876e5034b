package synopta.server.teardown;

import com.fasterxml.jackson.annotation.JsonUnwrapped;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import synopta.core.knowledge.Finding;
import synopta.core.knowledge.Pack;
import synopta.core.quantity.Money;
import synopta.core.sale.TeardownService;
import synopta.core.teardown.Work;
import synopta.core.teardown.WorkLine;
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
    public record TeardownAnswer(@JsonUnwrapped WorkWire work, List<OpenPartWire> whileOpen, String currency) {
        static TeardownAnswer of(TeardownService.Opened opened, String currency) {
            return new TeardownAnswer(
                    WorkWire.of(opened.work()),
                    opened.whileOpen().stream().map(OpenPartWire::of).toList(),
                    currency);
        }
    }

    /** Some work with all that it takes. */
    public record WorkWire(
            List<WorkLine> steps,
            double minutes,
            double spreadMinutes,
            List<String> tools,
            int persons,
            @MayBeNull String effort,
            List<String> checks,
            List<LookingWire> looks) {
        /** The wire form. */
        public static WorkWire of(Work work) {
            return new WorkWire(
                    work.lines(),
                    work.minutes(),
                    work.spread(),
                    work.tools(),
                    work.persons(),
                    work.effort().orElse(null),
                    work.checks(),
                    LookingWire.of(work, null));
        }
    }

    /** Something to look at on the way, the finding it answers, and its answers. */
    public record LookingWire(String finding, String words, List<LookedWire> answers) {
        /** All of some work, with the answers of their findings. */
        public static List<LookingWire> of(Work work, @Nullable Pack pack) {
            return work.looks().stream()
                    .map(look -> new LookingWire(
                            look.finding(),
                            look.words(),
                            Optional.ofNullable(pack)
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
                    Optional.ofNullable(open.price()).map(Money::decimal).orElse(null),
                    open.open().risk().value(),
                    open.open().riskNew().value(),
                    open.open().value().decimal(),
                    open.saving().decimal(),
                    open.isAdvised(),
                    open.savings().stream().map(Money::decimal).toList());
        }
    }
}
