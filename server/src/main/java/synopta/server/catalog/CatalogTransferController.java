package synopta.server.catalog;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.Parameter;
import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.parameters.RequestBody;
import io.swagger.v3.oas.annotations.responses.ApiResponse;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.util.List;
import java.util.Map;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import synopta.core.catalog.CatalogRepository;
import synopta.core.catalog.RowFault;
import synopta.core.catalog.Sheet;
import synopta.core.fit.CatalogCheck;
import synopta.core.fit.CatalogWarning;
import synopta.demo.DemoCatalog;
import synopta.formats.catalog.CatalogWriter;
import synopta.formats.table.TableWriter;
import synopta.server.web.ApiException;
import synopta.server.web.Attachment;

/** The catalog in and out, and looked over. */
@RestController
@RequestMapping(path = "/api/catalogue", produces = MediaType.APPLICATION_JSON_VALUE)
class CatalogTransferController {
    private final CatalogRepository catalog;
    private final ImportService importService;

    CatalogTransferController(CatalogRepository catalog, ImportService importService) {
        this.catalog = catalog;
        this.importService = importService;
    }

    @GetMapping
    List<CatalogTransferWire.SheetWire> sheets() {
        return Sheet.ALL.stream()
                .map(sheet -> new CatalogTransferWire.SheetWire(sheet, catalog.count(sheet)))
                .toList();
    }

    @PostMapping(
            path = "/imports",
            consumes = {"application/zip", "application/x-zip-compressed", "application/octet-stream"})
    @ApiResponse(
            responseCode = "200",
            content = @Content(schema = @Schema(implementation = CatalogTransferWire.ImportAnswer.class)))
    @Operation(
            requestBody =
                    @RequestBody(
                            required = true,
                            content =
                                    @Content(
                                            mediaType = "application/zip",
                                            schema = @Schema(type = "string", format = "binary"))))
    ResponseEntity<?> imports(
            @RequestParam(defaultValue = "false") boolean dryRun, @Parameter(hidden = true) HttpServletRequest request)
            throws IOException {
        Path zip = Files.createTempFile("delivery", ".zip");
        try {
            try (InputStream body = request.getInputStream()) {
                Files.copy(body, zip, StandardCopyOption.REPLACE_EXISTING);
            }
            ImportService.Outcome outcome = (dryRun ? importService.check(zip) : importService.take(zip))
                    .orElseThrow(() -> ApiException.conflict(
                            "Another import is running. Wait until it is done, then try again.", List.of()));
            return outcome.faults().isEmpty() || dryRun
                    ? ResponseEntity.ok(CatalogTransferWire.ImportAnswer.of(outcome))
                    : refused(outcome);
        } finally {
            Files.delete(zip);
        }
    }

    /** Begins an empty house with the invented catalog, to try things out; an import replaces it. */
    @PostMapping("/demo")
    List<CatalogTransferWire.SheetWire> demo() {
        if (!importService.begin(DemoCatalog.of(DemoCatalog.SEED, DemoCatalog.MODELS))) {
            throw ApiException.conflict("There is a catalog already, or an import is running.", List.of());
        }
        return sheets();
    }

    /** Nothing was changed; the faults come as the problem's own members. */
    private static ResponseEntity<ProblemDetail> refused(ImportService.Outcome outcome) {
        CatalogTransferWire.ImportAnswer answer = CatalogTransferWire.ImportAnswer.of(outcome);
        RowFault first = answer.faults().get(0);
        ProblemDetail problem = ProblemDetail.forStatusAndDetail(
                HttpStatus.UNPROCESSABLE_CONTENT,
                "Nothing was imported: %d faults. The first: %s, line %d: %s %s"
                        .formatted(
                                answer.faults().size(), first.file(), first.line(), first.column(), first.message()));
        problem.setTitle(HttpStatus.UNPROCESSABLE_CONTENT.getReasonPhrase());
        problem.setProperty("accepted", Map.of());
        problem.setProperty("faults", answer.faults());
        problem.setProperty("warnings", answer.warnings());
        return ResponseEntity.unprocessableContent()
                .contentType(MediaType.APPLICATION_PROBLEM_JSON)
                .body(problem);
    }

    @GetMapping("/imports/progress")
    CatalogTransferWire.ProgressWire progress() {
        return new CatalogTransferWire.ProgressWire(importService.doing());
    }

    @GetMapping("/check")
    List<CatalogWarning> check() {
        return CatalogCheck.of(catalog);
    }

    @GetMapping(path = "/export.zip", produces = "application/zip")
    void export(HttpServletResponse response) throws IOException {
        CatalogWriter.zip(catalog, Attachment.of(response, "application/zip", "catalog.zip"));
    }

    @GetMapping(path = "/tables/{table}.csv", produces = "text/csv")
    void csv(@PathVariable String table, HttpServletResponse response) throws IOException {
        Sheet<?> sheet = sheet(table);
        CatalogWriter.csv(catalog, sheet, Attachment.csv(response, sheet.name()));
    }

    @GetMapping(path = "/tables/{table}.xlsx", produces = Attachment.WORKBOOK)
    void workbook(@PathVariable String table, HttpServletResponse response) throws IOException {
        Sheet<?> sheet = sheet(table);
        if (catalog.count(sheet) >= TableWriter.MOST_WORKSHEET_ROWS) {
            throw ApiException.impossible(
                    "table",
                    "%s has more rows than a worksheet holds (%d). Use /api/catalogue/tables/%s instead."
                            .formatted(table, TableWriter.MOST_WORKSHEET_ROWS, sheet.file()));
        }
        CatalogWriter.workbook(catalog, sheet, Attachment.workbook(response, sheet.name()));
    }

    private static Sheet<?> sheet(String table) {
        return Sheet.ALL.stream()
                .filter(s -> s.name().equals(table))
                .findFirst()
                .orElseThrow(() -> ApiException.missing("There is no table %s. Use one of %s."
                        .formatted(
                                table,
                                String.join(
                                        ", ",
                                        Sheet.ALL.stream().map(Sheet::name).toList()))));
    }
}
