package synopta.server.review;

import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import synopta.core.knowledge.CurrentPacks;
import synopta.core.knowledge.Finding;
import synopta.core.outcome.AccuracyReport;
import synopta.core.outcome.OutcomeRecord;
import synopta.core.outcome.OutcomeRepository;
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
    AccuracyWire.LedgerAnswer counts(
            @RequestParam(required = false) LocalDate from, @RequestParam(required = false) LocalDate to) {
        return AccuracyWire.LedgerAnswer.of(report(from, to), this::question);
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
        List<OutcomeRecord> told = log.told();
        return new AccuracyReport(
                from == null && to == null
                        ? told
                        : told.stream()
                                .filter(t -> from == null || !t.day().isBefore(from))
                                .filter(t -> to == null || !t.day().isAfter(to))
                                .toList());
    }

    private String question(String finding) {
        return packs.all().stream()
                .flatMap(pack -> pack.finding(finding).stream())
                .map(Finding::question)
                .findFirst()
                .orElse(finding);
    }

    private static TableWriter table(String name, AccuracyWire.LedgerAnswer counts) {
        return switch (name) {
            case "right-first-time" ->
                new TableWriter(
                        name,
                        List.of("by", "label", "right", "cases", "rate", "low", "high"),
                        reader -> counts.by()
                                .forEach((by, shares) -> shares.forEach(s -> reader.accept(
                                        cells(by, s.label(), s.right(), s.cases(), s.rate(), s.low(), s.high())))));
            case "returns" ->
                rows(
                        name,
                        List.of("reason", "cases"),
                        counts.returns(),
                        r -> cells(r.reason().slug(), r.cases()));
            case "calibration" ->
                rows(
                        name,
                        List.of("from", "to", "said", "was", "of", "low", "high"),
                        counts.calibration(),
                        b -> cells(b.from(), b.to(), b.said(), b.was(), b.of(), b.low(), b.high()));
            case "questions" ->
                rows(
                        name,
                        List.of("finding", "question", "times", "meanBits"),
                        counts.questions(),
                        q -> cells(q.finding(), q.question(), q.times(), q.meanBits()));
            case "times" ->
                rows(
                        name,
                        List.of("specialist", "cases", "halfSeconds", "nineInTenSeconds"),
                        counts.times(),
                        t -> cells(t.label(), t.cases(), t.half(), t.nineInTen()));
            case "overruled" ->
                rows(
                        name,
                        List.of("right", "cases"),
                        List.copyOf(Map.of(
                                        "specialist", counts.overruled().specialist(),
                                        "advice", counts.overruled().advice(),
                                        "neither", counts.overruled().neither())
                                .entrySet()),
                        e -> cells(e.getKey(), e.getValue()));
            default ->
                throw ApiException.missing(
                        "There is no table %s. Use right-first-time, returns, calibration, questions, times or overruled."
                                .formatted(name));
        };
    }

    private static <T> TableWriter rows(String name, List<String> columns, List<T> rows, Function<T, String[]> row) {
        return new TableWriter(name, columns, reader -> rows.forEach(one -> reader.accept(row.apply(one))));
    }

    private static String[] cells(Object... cells) {
        return Arrays.stream(cells).map(String::valueOf).toArray(String[]::new);
    }
}
