package synopta.server.review;

import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.time.LocalDate;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import synopta.core.knowledge.CurrentPacks;
import synopta.core.knowledge.Finding;
import synopta.core.outcome.AccuracyReport;
import synopta.core.outcome.AccuracySummary;
import synopta.core.outcome.OutcomeRepository;
import synopta.formats.review.AccuracyTable;
import synopta.formats.table.TableWriter;
import synopta.server.web.ApiException;
import synopta.server.web.Attachment;

/** How often the counter was right: the counts of the cases, and each as a table. */
@RestController
@RequestMapping("/api/accuracy")
class AccuracyController {
    private final OutcomeRepository log;
    private final CurrentPacks packs;

    AccuracyController(OutcomeRepository log, CurrentPacks packs) {
        this.log = log;
        this.packs = packs;
    }

    /** All counts over the cases of some days. */
    @GetMapping(produces = MediaType.APPLICATION_JSON_VALUE)
    AccuracySummary counts(
            @RequestParam(required = false) LocalDate from, @RequestParam(required = false) LocalDate to) {
        return AccuracySummary.of(report(from, to), this::question);
    }

    /** One table as CSV: right-first-time, returns, calibration, questions, times or overruled. */
    @GetMapping(path = "/{table}.csv", produces = "text/csv")
    void csv(
            @PathVariable String table,
            @RequestParam(required = false) LocalDate from,
            @RequestParam(required = false) LocalDate to,
            HttpServletResponse response)
            throws IOException {
        table(table, counts(from, to)).csv(Attachment.csv(response, table));
    }

    /** One table as a workbook. */
    @GetMapping(path = "/{table}.xlsx", produces = Attachment.WORKBOOK)
    void workbook(
            @PathVariable String table,
            @RequestParam(required = false) LocalDate from,
            @RequestParam(required = false) LocalDate to,
            HttpServletResponse response)
            throws IOException {
        table(table, counts(from, to)).workbook(Attachment.workbook(response, table));
    }

    private AccuracyReport report(LocalDate from, LocalDate to) {
        return AccuracyReport.between(log.told(), from == null ? LocalDate.MIN : from, to == null ? LocalDate.MAX : to);
    }

    private String question(String finding) {
        return packs.all().stream()
                .flatMap(pack -> pack.finding(finding).stream())
                .map(Finding::question)
                .findFirst()
                .orElse(finding);
    }

    private static TableWriter table(String name, AccuracySummary counts) {
        return AccuracyTable.of(name, counts)
                .orElseThrow(() ->
                        ApiException.missing("There is no table %s. Use %s.".formatted(name, AccuracyTable.NAMES)));
    }
}
