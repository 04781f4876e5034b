package synopta.server.counter;

import java.util.List;
import java.util.Optional;
import synopta.core.counter.CaseAssessment;
import synopta.core.knowledge.Pack;
import synopta.core.sale.OptionalPart;
import synopta.core.sale.QuantityNote;
import synopta.core.sale.SaleOption;
import synopta.core.teardown.WhileOpen;
import synopta.core.teardown.Work;
import synopta.server.basket.BasketWire;
import synopta.server.teardown.TeardownWire;
import synopta.server.web.MayBeNull;

/** Wire records of what to sell in a case. */
public final class SaleWire {
    private SaleWire() {}

    /** A part that would be nice to have, worth `value`; 0 pieces: left out. */
    public record WantedWire(
            String partType,
            List<String> slots,
            String listed,
            String supplied,
            int quantity,
            String value,
            OptionalPart.Source source,
            @MayBeNull OpenWire open,
            String why) {
        static WantedWire of(OptionalPart want) {
            return new WantedWire(
                    want.partType(),
                    want.slots(),
                    want.listed().written(),
                    want.supplied().written(),
                    want.quantity(),
                    want.value().decimal(),
                    want.source(),
                    want.open().map(OpenWire::of).orElse(null),
                    want.why());
        }
    }

    /** What renewing it while it is open comes to. */
    public record OpenWire(double risk, double riskNew, double minutes, String value) {
        static OpenWire of(WhileOpen open) {
            return new OpenWire(
                    open.risk().value(),
                    open.riskNew().value(),
                    open.minutes(),
                    open.value().decimal());
        }
    }

    /** A request in another quantity than the trade's, with the price of each way. */
    public record QuantityWire(
            String partType, String part, int asked, int fitted, String phrase, String rule, List<WayWire> ways) {
        static QuantityWire of(QuantityNote note) {
            return new QuantityWire(
                    note.partType(),
                    note.part().written(),
                    note.asked(),
                    note.fitted(),
                    note.phrase(),
                    note.rule(),
                    note.ways().stream()
                            .map(w -> new WayWire(w.pieces(), w.total().decimal(), w.spare()))
                            .toList());
        }
    }

    /** What so many pieces come to. */
    public record WayWire(int pieces, String total, int spare) {}

    /** A way of buying it, with the work and what goes into the bag; no minutes while the layout is not known. */
    public record OfferedWire(
            BasketWire.PurchaseWire purchase,
            @MayBeNull Double minutes,
            String difference,
            @MayBeNull Double spreadMinutes,
            List<TeardownWire.StepWire> steps,
            List<String> tools,
            int persons,
            @MayBeNull String effort,
            List<String> checks,
            List<TeardownWire.LookingWire> looks,
            List<CounterWire.BagWire> bag) {
        static List<OfferedWire> of(CaseAssessment view, Optional<Pack> pack) {
            return view.sale().options().stream().map(o -> of(o, pack)).toList();
        }

        private static OfferedWire of(SaleOption option, Optional<Pack> pack) {
            Optional<Work> work = option.work();
            return new OfferedWire(
                    BasketWire.PurchaseWire.of(option.option()),
                    work.map(Work::minutes).orElse(null),
                    option.difference(),
                    work.map(Work::spread).orElse(null),
                    work.map(TeardownWire.StepWire::of).orElse(List.of()),
                    work.map(Work::tools).orElse(List.of()),
                    work.map(Work::persons).orElse(1),
                    work.flatMap(Work::effort).orElse(null),
                    work.map(Work::checks).orElse(List.of()),
                    work.map(w -> TeardownWire.LookingWire.of(w, pack)).orElse(List.of()),
                    option.bag().stream().map(CounterWire.BagWire::of).toList());
        }
    }
}
