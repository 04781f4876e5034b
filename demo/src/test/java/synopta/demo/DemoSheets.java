package synopta.demo;

import java.time.Instant;
import java.util.Arrays;
import java.util.List;
import java.util.Set;
import synopta.core.casefile.CaseInput;
import synopta.core.casefile.Customer;
import synopta.core.catalog.Catalog;
import synopta.core.catalog.PartNumber;
import synopta.core.handover.HandoverPlanner;
import synopta.core.knowledge.Hazard;
import synopta.core.knowledge.HouseSettings;
import synopta.core.record.CaseContent;
import synopta.core.record.CaseRecord;
import synopta.core.record.CaseRepository;
import synopta.core.record.CaseService;
import synopta.core.record.CaseSnapshot;
import synopta.core.record.RepairSheet;
import synopta.core.sale.TeardownService;

/** Sheets of cases at the demo counter, by the settings of the time. */
final class DemoSheets {
    static final String HOUSE = "Saltmarsh & Vane";

    final CaseService service;
    final TeardownService opening;
    HouseSettings rules = HouseSettings.USUAL;

    DemoSheets() {
        DemoCounter demo = new DemoCounter(() -> rules);
        Catalog catalog = DemoCounter.CATALOG;
        CaseRepository none = null;
        service = new CaseService(none, demo.counter, catalog, new HandoverPlanner(demo.packs, catalog));
        opening = new TeardownService(catalog, demo.packs, demo.finder, () -> rules, () -> DemoCatalog.CURRENCY);
    }

    RepairSheet sheet(String line, String... parts) {
        return sheet(CaseInput.of(line), parts);
    }

    RepairSheet sheet(CaseInput input, String... parts) {
        List<CaseContent.Line> lines = Arrays.stream(parts)
                .map(part -> new CaseContent.Line(new PartNumber(part), 1))
                .toList();
        CaseContent content = new CaseContent(
                input,
                null,
                lines,
                Set.of(Hazard.MAINS),
                null,
                null,
                Customer.NONE,
                null,
                CaseContent.Status.HANDED_OVER);
        Instant now = Instant.parse("2026-11-26T09:30:00Z");
        return service.sheet(new CaseRecord(31, now, 1, now, content, CaseSnapshot.UNTOLD), false);
    }
}
