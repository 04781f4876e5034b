package synopta.server.record;

import com.fasterxml.jackson.annotation.JsonUnwrapped;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import synopta.core.catalog.Appliance;
import synopta.core.catalog.Fuel;
import synopta.core.catalog.Model;
import synopta.core.handover.HandoverPlanner;
import synopta.core.knowledge.Caution;
import synopta.core.knowledge.Layout;
import synopta.core.quantity.LengthUnit;
import synopta.core.quantity.Money;
import synopta.core.record.RepairSheet;
import synopta.formats.handover.SheetText;
import synopta.server.teardown.TeardownWire;
import synopta.server.web.MayBeNull;

/** The sheet of a case: what is in the bag, the work with its tools and checks, and its sections in words. */
public record RepairSheetWire(
        long number,
        Instant createdAt,
        String line,
        String house,
        String reached,
        LengthUnit secondUnit,
        @MayBeNull String model,
        @MayBeNull String brand,
        @MayBeNull Appliance appliance,
        @MayBeNull Fuel fuel,
        @MayBeNull String layout,
        @MayBeNull String stop,
        List<Caution> cautions,
        List<SheetLineWire> lines,
        @MayBeNull Money total,
        List<String> changes,
        List<String> remarks,
        List<HandoverPlanner.BagEntry> bag,
        @JsonUnwrapped TeardownWire.WorkWire work,
        List<String> slots,
        List<SectionWire> sections) {
    static RepairSheetWire of(RepairSheet sheet, String house) {
        Optional<Model> machine = Optional.ofNullable(sheet.machine());
        return new RepairSheetWire(
                sheet.record().number(),
                sheet.record().createdAt(),
                sheet.record().content().input().line(),
                house,
                SheetText.reached(house, sheet),
                sheet.secondUnit(),
                machine.map(m -> m.number().written()).orElse(null),
                machine.map(Model::brand).orElse(null),
                sheet.appliance(),
                machine.map(Model::fuel).orElse(null),
                Optional.ofNullable(sheet.layout()).map(Layout::id).orElse(null),
                sheet.stop(),
                sheet.cautions(),
                sheet.lines().stream().map(SheetLineWire::of).toList(),
                sheet.total().orElse(null),
                sheet.changes(),
                sheet.remarks(),
                sheet.notes(),
                TeardownWire.WorkWire.of(sheet.work()),
                sheet.slots(),
                SheetText.sections(sheet).stream().map(SectionWire::of).toList());
    }

    /** So many of a part; `amount` for all of them, where prices are wanted. */
    public record SheetLineWire(
            String part,
            int quantity,
            String name,
            @MayBeNull Money amount) {
        static SheetLineWire of(RepairSheet.Line line) {
            return new SheetLineWire(
                    line.line().part().written(),
                    line.line().quantity(),
                    line.name(),
                    line.amount().orElse(null));
        }
    }

    /** A part of the printed sheet, in words. */
    public record SectionWire(String heading, List<String> lines) {
        static SectionWire of(SheetText.Section section) {
            return new SectionWire(
                    section.heading(),
                    section.lines().stream().map(SheetText.Line::text).toList());
        }
    }
}
