package synopta.server.record;

import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.validation.ConstraintViolation;
import jakarta.validation.Valid;
import jakarta.validation.Validator;
import java.io.IOException;
import java.net.URI;
import java.security.Principal;
import java.time.Clock;
import java.time.Instant;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springdoc.core.annotations.ParameterObject;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.http.CacheControl;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PatchMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import synopta.core.knowledge.Hazard;
import synopta.core.knowledge.SettingsRepository;
import synopta.core.record.CaseContent;
import synopta.core.record.CaseRecord;
import synopta.core.record.CaseRepository;
import synopta.core.record.CaseService;
import synopta.core.record.RepairSheet;
import synopta.formats.handover.SheetPdf;
import synopta.formats.handover.SheetText;
import synopta.server.web.ApiException;
import synopta.server.web.Attachment;
import synopta.server.web.CaseSearchParams;
import synopta.server.web.Deed;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** The record of cases. */
@RestController
@RequestMapping(path = "/api/cases", produces = MediaType.APPLICATION_JSON_VALUE)
class CaseController {
    private static final int PAGE = 50;
    private static final int MOST_CALLS = 30;

    private final CaseService service;
    private final CaseRepository log;
    private final SettingsRepository settings;
    private final Clock clock;
    private final JsonMapper json;
    private final Validator validator;
    private final String house;

    CaseController(
            CaseService service,
            CaseRepository log,
            SettingsRepository settings,
            Clock clock,
            JsonMapper json,
            Validator validator,
            @Value("${synopta.house}") String house) {
        this.service = service;
        this.log = log;
        this.settings = settings;
        this.clock = clock;
        this.json = json;
        this.validator = validator;
        this.house = house;
    }

    @PostMapping
    ResponseEntity<CaseRecord> open(@Valid @RequestBody CaseWire.CaseFields fields, Principal who) {
        CaseRecord kept = kept(service.open(fields.content(who.getName()), clock.instant()));
        return ResponseEntity.created(URI.create("/api/cases/" + kept.number()))
                .header(HttpHeaders.ETAG, tag(kept.revision()))
                .body(kept);
    }

    @GetMapping
    CaseWire.CasePage list(
            @ParameterObject CaseSearchParams asked, @RequestParam(required = false) @Nullable Long after) {
        CaseRepository.Filter newest = asked.filter(settings.get(), clock.instant(), PAGE);
        List<CaseRecord> cases = log.list(after == null ? newest : newest.after(after));
        return new CaseWire.CasePage(
                cases, cases.size() < PAGE ? null : cases.get(PAGE - 1).number());
    }

    /** The calls of the last hours that are still open, the first first. */
    @GetMapping("/open")
    List<CaseWire.OpenCall> open() {
        Instant now = clock.instant();
        return log.openCalls(now, MOST_CALLS).stream()
                .sorted(Comparator.comparing(CaseRecord::createdAt))
                .map(record -> CaseWire.OpenCall.of(record, now))
                .toList();
    }

    @GetMapping("/{number}")
    ResponseEntity<CaseRecord> one(@PathVariable long number) {
        CaseRecord record = found(number);
        // An erased name must not come back out of a browser's cache: the revision is the same as before.
        return ResponseEntity.ok()
                .cacheControl(CacheControl.noStore())
                .header(HttpHeaders.ETAG, tag(record.revision()))
                .body(record);
    }

    /** The cases of the machines that came in the same visit, the first first. */
    @GetMapping("/{number}/visit")
    List<CaseWire.VisitCase> visit(@PathVariable long number) {
        found(number);
        return log.these(log.visit(number)).stream()
                .sorted(Comparator.comparingLong(CaseRecord::number))
                .map(CaseWire.VisitCase::of)
                .toList();
    }

    /** Erases the customer's name and number from the case, its quotes and its texts; the case stays. */
    @DeleteMapping("/{number}/customer")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void erase(@PathVariable long number) {
        found(number);
        log.eraseCustomer(number);
    }

    /** Fields that are sent replace those that are kept (RFC 7396); without If-Match the case is taken as it is now. */
    @io.swagger.v3.oas.annotations.parameters.RequestBody(
            content = @Content(schema = @Schema(implementation = CaseWire.CaseFields.class)))
    @PatchMapping("/{number}")
    ResponseEntity<CaseRecord> change(
            @PathVariable long number,
            @RequestHeader(name = HttpHeaders.IF_MATCH, required = false) String ifMatch,
            @RequestBody ObjectNode patch,
            Principal who) {
        CaseRecord record = found(number);
        if (ifMatch != null && !ifMatch.equals("*") && !ifMatch.equals(tag(record.revision()))) {
            throw conflict(service.conflict(revision(record, ifMatch)));
        }
        ObjectNode merged = json.valueToTree(record.content());
        CaseWire.CaseFields before = json.treeToValue(merged, CaseWire.CaseFields.class);
        merged.setAll(patch);
        CaseWire.CaseFields fields = json.treeToValue(merged, CaseWire.CaseFields.class);
        Set<ConstraintViolation<CaseWire.CaseFields>> wrong = validator.validate(fields);
        if (!wrong.isEmpty()) {
            ConstraintViolation<CaseWire.CaseFields> first = wrong.iterator().next();
            throw ApiException.impossible(
                    first.getPropertyPath().toString(), first.getPropertyPath() + " " + first.getMessage());
        }
        // What changes nothing is no revision.
        CaseRecord kept = fields.equals(before)
                ? record
                : kept(service.change(record, fields.content(who.getName()), clock.instant()));
        return ResponseEntity.ok()
                .header(HttpHeaders.ETAG, tag(kept.revision()))
                .body(kept);
    }

    /** The sheet as data. */
    @GetMapping("/{number}/sheet")
    RepairSheetWire sheet(@PathVariable long number, @ParameterObject SheetParams asked) {
        return RepairSheetWire.of(asked.sheet(service, () -> found(number)), house);
    }

    @GetMapping(path = "/{number}/sheet.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    void sheetPdf(@PathVariable long number, @ParameterObject SheetParams asked, HttpServletResponse response)
            throws IOException {
        RepairSheet sheet = asked.sheet(service, () -> found(number));
        new SheetPdf(house, sheet)
                .write(Attachment.of(response, MediaType.APPLICATION_PDF_VALUE, "case-%d.pdf".formatted(number)));
    }

    @GetMapping(path = "/{number}/sheet.txt", produces = "text/plain;charset=UTF-8")
    String sheetText(@PathVariable long number, @ParameterObject SheetParams asked) {
        return SheetText.plain(house, asked.sheet(service, () -> found(number)));
    }

    private CaseRecord found(long number) {
        return log.find(number).orElseThrow(() -> ApiException.noCase(number));
    }

    /** The revision that an entity tag names; the case as it is now where there is no such. */
    private CaseRecord revision(CaseRecord record, String tag) {
        return log.revisions(record.number()).stream()
                .filter(kept -> tag.equals(tag(kept.revision())))
                .findFirst()
                .orElse(record);
    }

    private static CaseRecord kept(CaseService.Saved saved) {
        return saved.fold(
                kept -> {
                    note(kept.record());
                    return kept.record();
                },
                refused -> {
                    throw ApiException.impossible(
                            "cautionsShown",
                            "Parts cannot be handed over yet. Read the caution (%s) to the customer first, then hand over."
                                    .formatted(refused.unseen().stream()
                                            .map(Hazard::slug)
                                            .collect(Collectors.joining(", "))));
                },
                conflict -> {
                    throw conflict(conflict);
                });
    }

    /** That parts left, and which cautions were read before, is for the trail. */
    private static void note(CaseRecord record) {
        CaseContent content = record.content();
        if (content.status() == CaseContent.Status.HANDED_OVER
                && !content.lines().isEmpty()) {
            Deed.was("Hand over case %d; cautions read: %s"
                    .formatted(
                            record.number(),
                            content.cautionsShown().stream()
                                    .map(Hazard::slug)
                                    .sorted()
                                    .collect(Collectors.joining(", "))));
        }
    }

    private static ApiException conflict(CaseService.Saved.Overtaken conflict) {
        return ApiException.conflict(
                "Case %d was changed%s meanwhile. Your entries are kept here: save yours, or discard yours and keep theirs."
                        .formatted(
                                conflict.now().number(),
                                Optional.ofNullable(conflict.now().content().specialist())
                                        .map(" by "::concat)
                                        .orElse(" by somebody else")),
                conflict.changes().stream()
                        .map(c -> new ApiException.FieldFault(
                                c.field(), "was “%s”, is now “%s”".formatted(c.before(), c.after())))
                        .toList());
    }

    private static String tag(long revision) {
        return "\"%d\"".formatted(revision);
    }
}
