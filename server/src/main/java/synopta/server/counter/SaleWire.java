package synopta.server.counter;

import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import synopta.core.basket.PurchaseOption;
import synopta.core.counter.CaseAssessment;
import synopta.core.handover.HandoverPlanner;
import synopta.core.knowledge.Pack;
import synopta.core.sale.SaleOption;
import synopta.core.teardown.Work;
import synopta.core.teardown.WorkLine;
import synopta.server.teardown.TeardownWire;
import synopta.server.web.MayBeNull;

/** Wire records of what to sell in a case. */
public final class SaleWire {
    private SaleWire() {}

    /** A way of buying it, with the work and what goes into the bag; no minutes while the layout is not known. */
    public record OfferedWire(
            PurchaseOption purchase,
            @MayBeNull Double minutes,
            String difference,
            @MayBeNull Double spreadMinutes,
            List<WorkLine> steps,
            List<String> tools,
            int persons,
            @MayBeNull String effort,
            List<String> checks,
            List<TeardownWire.LookingWire> looks,
            List<HandoverPlanner.BagEntry> bag) {
        static List<OfferedWire> of(CaseAssessment view, @Nullable Pack pack) {
            return view.sale().options().stream().map(o -> of(o, pack)).toList();
        }

        private static OfferedWire of(SaleOption option, @Nullable Pack pack) {
            Optional<Work> work = Optional.ofNullable(option.work());
            return new OfferedWire(
                    option.option(),
                    work.map(Work::minutes).orElse(null),
                    option.difference(),
                    work.map(Work::spread).orElse(null),
                    work.map(Work::lines).orElse(List.of()),
                    work.map(Work::tools).orElse(List.of()),
                    work.map(Work::persons).orElse(1),
                    work.flatMap(Work::effort).orElse(null),
                    work.map(Work::checks).orElse(List.of()),
                    work.map(w -> TeardownWire.LookingWire.of(w, pack)).orElse(List.of()),
                    option.bag());
        }
    }
}
