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
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
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
import synopta.core.catalog.Sheet;
import synopta.core.fit.CatalogueCheck;
import synopta.formats.catalog.CatalogueWriter;
import synopta.formats.table.TableWriter;
import synopta.server.web.Attachment;
import synopta.server.web.Refused;
import synopta.store.catalog.CatalogStore;

/** The catalogue in and out, and looked over. */
@RestController
@RequestMapping(path = "/api/catalogue", produces = MediaType.APPLICATION_JSON_VALUE)
class ShelfController {
    private static final long MOST_BYTES = 500_000_000;

    private final CatalogStore catalogue;
    private final Intake intake;

    ShelfController(CatalogStore catalogue, Intake intake) {
        this.catalogue = catalogue;
        this.intake = intake;
    }

    @GetMapping
    List<ShelfWire.SheetWire> sheets() {
        return Sheet.ALL.stream()
                .map(sheet -> new ShelfWire.SheetWire(sheet.name(), catalogue.count(sheet)))
                .toList();
    }

    @PostMapping(
            path = "/imports",
            consumes = {"application/zip", "application/x-zip-compressed", "application/octet-stream"})
    @ApiResponse(
            responseCode = "200",
            content = @Content(schema = @Schema(implementation = ShelfWire.ImportAnswer.class)))
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
            try (InputStream body = request.getInputStream();
                    OutputStream out = Files.newOutputStream(zip)) {
                copy(body, out);
            }
            Intake.Outcome outcome = intake.take(zip, dryRun)
                    .orElseThrow(() -> Refused.overtaken(
                            "Another delivery is being taken in. Wait until it is done, then send this one again.",
                            List.of()));
            return outcome.faults().isEmpty() || dryRun
                    ? ResponseEntity.ok(ShelfWire.ImportAnswer.of(outcome))
                    : refused(outcome);
        } finally {
            Files.delete(zip);
        }
    }

    /** A body that came without its length is counted while it comes. */
    private static void copy(InputStream body, OutputStream out) throws IOException {
        byte[] some = new byte[1 << 16];
        long copied = 0;
        for (int read = body.read(some); read >= 0; read = body.read(some)) {
            copied += read;
            if (copied > MOST_BYTES) {
                throw Refused.tooLarge(
                        "The body has more than %d MB. Pack the CSV files as a zip, or send them in parts."
                                .formatted(MOST_BYTES / 1_000_000));
            }
            out.write(some, 0, read);
        }
    }

    /** Nothing was changed; the faults come as the problem's own members. */
    private static ResponseEntity<ProblemDetail> refused(Intake.Outcome outcome) {
        ShelfWire.ImportAnswer answer = ShelfWire.ImportAnswer.of(outcome);
        ShelfWire.FaultWire first = answer.faults().get(0);
        ProblemDetail problem = ProblemDetail.forStatusAndDetail(
                HttpStatus.UNPROCESSABLE_CONTENT,
                "Nothing was changed: %d faults. The first: %s, line %d: %s %s"
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
    ShelfWire.ProgressWire progress() {
        return new ShelfWire.ProgressWire(intake.doing());
    }

    @GetMapping("/check")
    List<ShelfWire.RemarkWire> check() {
        return CatalogueCheck.of(catalogue).stream()
                .map(ShelfWire.RemarkWire::of)
                .toList();
    }

    @GetMapping(path = "/export.zip", produces = "application/zip")
    void export(HttpServletResponse response) throws IOException {
        CatalogueWriter.zip(catalogue, Attachment.of(response, "application/zip", "catalogue.zip"));
    }

    @GetMapping(path = "/tables/{table}.csv", produces = "text/csv")
    void csv(@PathVariable String table, HttpServletResponse response) throws IOException {
        Sheet<?> sheet = sheet(table);
        CatalogueWriter.csv(catalogue, sheet, Attachment.csv(response, sheet.name()));
    }

    @GetMapping(path = "/tables/{table}.xlsx", produces = Attachment.WORKBOOK)
    void workbook(@PathVariable String table, HttpServletResponse response) throws IOException {
        Sheet<?> sheet = sheet(table);
        if (catalogue.count(sheet) >= TableWriter.MOST_WORKSHEET_ROWS) {
            throw Refused.impossible(
                    "table",
                    "%s has more rows than a worksheet takes (%d). Take /api/catalogue/tables/%s instead."
                            .formatted(table, TableWriter.MOST_WORKSHEET_ROWS, sheet.file()));
        }
        CatalogueWriter.workbook(catalogue, sheet, Attachment.workbook(response, sheet.name()));
    }

    private static Sheet<?> sheet(String table) {
        return Sheet.ALL.stream()
                .filter(s -> s.name().equals(table))
                .findFirst()
                .orElseThrow(() -> Refused.missing("There is no table %s; there are %s."
                        .formatted(
                                table,
                                String.join(
                                        ", ",
                                        Sheet.ALL.stream().map(Sheet::name).toList()))));
    }
}
