package synopta.server.review;

import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.time.Clock;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.function.Consumer;
import org.springdoc.core.annotations.ParameterObject;
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
import synopta.server.web.CaseSearchParams;

/** Cases as tables, and a day on paper. */
@RestController
@RequestMapping("/api/case-exports")
class ExportController {
    private static final int PAGE = 500;

    private final CaseRepository cases;
    private final OutcomeRepository outcomes;
    private final SettingsRepository settings;
    private final Clock clock;
    private final String house;

    ExportController(
            CaseRepository cases,
            OutcomeRepository outcomes,
            SettingsRepository settings,
            Clock clock,
            @Value("${synopta.house}") String house) {
        this.cases = cases;
        this.outcomes = outcomes;
        this.settings = settings;
        this.clock = clock;
        this.house = house;
    }

    /** The cases that a search finds, newest first, each with its last outcome. */
    @GetMapping(path = "/cases.json", produces = MediaType.APPLICATION_JSON_VALUE)
    List<CaseTable> json(@ParameterObject CaseSearchParams asked) {
        List<CaseTable> rows = new ArrayList<>();
        each(asked, page -> rows.addAll(rows(page)));
        return rows;
    }

    /** The same as CSV, in the columns of the JSON. */
    @GetMapping(path = "/cases.csv", produces = "text/csv")
    void csv(@ParameterObject CaseSearchParams asked, HttpServletResponse response) throws IOException {
        table(asked).csv(Attachment.csv(response, "cases"));
    }

    /** The same as a workbook. */
    @GetMapping(path = "/cases.xlsx", produces = Attachment.WORKBOOK)
    void workbook(@ParameterObject CaseSearchParams asked, HttpServletResponse response) throws IOException {
        table(asked).workbook(Attachment.workbook(response, "cases"));
    }

    /** One day's cases on paper, the first first. */
    @GetMapping(path = "/day.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    void day(@RequestParam LocalDate day, HttpServletResponse response) throws IOException {
        List<CaseRecord> records = new ArrayList<>();
        CaseRepository.Days one = new CaseRepository.Days(day, day, ZoneOffset.UTC);
        cases.eachPage(CaseRepository.Filter.having("", PAGE).within(one), records::addAll);
        Collections.reverse(records);
        DailyReportPdf.write(
                house,
                day,
                records,
                settings.get().region(),
                Attachment.of(response, MediaType.APPLICATION_PDF_VALUE, "day-%s.pdf".formatted(day)));
    }

    private TableWriter table(CaseSearchParams asked) {
        return new TableWriter(
                "cases",
                CaseTable.COLUMNS,
                reader -> each(asked, page -> rows(page).forEach(row -> reader.accept(row.cells()))));
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

    private void each(CaseSearchParams asked, Consumer<List<CaseRecord>> reader) {
        cases.eachPage(asked.filter(settings.get(), clock.instant(), PAGE), reader);
    }
}
