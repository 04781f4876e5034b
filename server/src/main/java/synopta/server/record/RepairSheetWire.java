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
        List<Caution> cautions,
        List<SheetLineWire> lines,
        List<String> changes,
        List<HandoverPlanner.BagEntry> bag,
        @JsonUnwrapped TeardownWire.WorkWire work,
        List<String> slots,
        List<SectionWire> sections) {
    static RepairSheetWire of(RepairSheet sheet, String house) {
        return new RepairSheetWire(
                sheet.record().number(),
                sheet.record().createdAt(),
                sheet.record().content().input().line(),
                house,
                SheetText.reached(house, sheet),
                sheet.secondUnit(),
                Optional.ofNullable(sheet.machine())
                        .map(Model::number)
                        .map(n -> n.written())
                        .orElse(null),
                Optional.ofNullable(sheet.machine()).map(Model::brand).orElse(null),
                sheet.appliance(),
                Optional.ofNullable(sheet.machine()).map(Model::fuel).orElse(null),
                Optional.ofNullable(sheet.layout()).map(Layout::id).orElse(null),
                sheet.cautions(),
                sheet.lines().stream()
                        .map(l -> new SheetLineWire(
                                l.line().part().written(), l.line().quantity(), l.name()))
                        .toList(),
                sheet.changes(),
                sheet.notes(),
                TeardownWire.WorkWire.of(sheet.work()),
                sheet.slots(),
                SheetText.sections(sheet).stream()
                        .map(s -> new SectionWire(
                                s.heading(),
                                s.lines().stream().map(l -> l.text()).toList()))
                        .toList());
    }

    /** So many of a part. */
    public record SheetLineWire(String part, int quantity, String name) {}

    /** A part of the printed sheet, in words. */
    public record SectionWire(String heading, List<String> lines) {}
}
