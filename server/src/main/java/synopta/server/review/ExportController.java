package synopta.server.review;

import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.function.Consumer;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import synopta.core.knowledge.SettingsRepository;
import synopta.core.outcome.Outcome;
import synopta.core.outcome.OutcomeRepository;
import synopta.core.record.CaseRecord;
import synopta.core.record.CaseRepository;
import synopta.formats.review.CaseTable;
import synopta.formats.review.DailyReportPdf;
import synopta.formats.table.TableWriter;
import synopta.server.web.Attachment;

/** Cases as tables, and a day on paper. */
@RestController
@RequestMapping("/api/case-exports")
class ExportController {
    private static final int PAGE = 500;

    private final CaseRepository cases;
    private final OutcomeRepository outcomes;
    private final SettingsRepository settings;
    private final String house;

    ExportController(
            CaseRepository cases,
            OutcomeRepository outcomes,
            SettingsRepository settings,
            @Value("${synopta.house}") String house) {
        this.cases = cases;
        this.outcomes = outcomes;
        this.settings = settings;
        this.house = house;
    }

    /** The cases that a search finds, newest first, each with its last outcome. */
    @GetMapping(path = "/cases.json", produces = MediaType.APPLICATION_JSON_VALUE)
    List<CaseTable> json(
            @RequestParam(required = false) String q,
            @RequestParam(required = false) LocalDate from,
            @RequestParam(required = false) LocalDate to) {
        List<CaseTable> rows = new ArrayList<>();
        each(q, from, to, page -> rows.addAll(rows(page)));
        return rows;
    }

    /** The same as CSV, in the columns of the JSON. */
    @GetMapping(path = "/cases.csv", produces = "text/csv")
    void csv(
            @RequestParam(required = false) String q,
            @RequestParam(required = false) LocalDate from,
            @RequestParam(required = false) LocalDate to,
            HttpServletResponse response)
            throws IOException {
        table(q, from, to).csv(Attachment.csv(response, "cases"));
    }

    /** The same as a workbook. */
    @GetMapping(path = "/cases.xlsx", produces = Attachment.WORKBOOK)
    void workbook(
            @RequestParam(required = false) String q,
            @RequestParam(required = false) LocalDate from,
            @RequestParam(required = false) LocalDate to,
            HttpServletResponse response)
            throws IOException {
        table(q, from, to).workbook(Attachment.workbook(response, "cases"));
    }

    /** One day's cases on paper, the first first. */
    @GetMapping(path = "/day.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    void day(@RequestParam LocalDate day, HttpServletResponse response) throws IOException {
        List<CaseRecord> records = new ArrayList<>();
        each(null, day, day, records::addAll);
        Collections.reverse(records);
        DailyReportPdf.write(
                house,
                day,
                records,
                settings.get().region(),
                Attachment.of(response, MediaType.APPLICATION_PDF_VALUE, "day-%s.pdf".formatted(day)));
    }

    private TableWriter table(String q, LocalDate from, LocalDate to) {
        return new TableWriter(
                "cases",
                CaseTable.COLUMNS,
                reader -> each(q, from, to, page -> rows(page).forEach(row -> reader.accept(row.cells()))));
    }

    private List<CaseTable> rows(List<CaseRecord> records) {
        Map<Long, List<Outcome>> entries =
                outcomes.of(records.stream().map(CaseRecord::number).toList());
        return records.stream()
                .map(record -> CaseTable.of(
                        record,
                        entries.getOrDefault(record.number(), List.of()).stream()
                                .reduce((first, second) -> second)
                                .orElse(null)))
                .toList();
    }

    private void each(String q, LocalDate from, LocalDate to, Consumer<List<CaseRecord>> reader) {
        cases.eachPage(new CaseRepository.Filter(q, from, to, null, PAGE), reader);
    }
}
