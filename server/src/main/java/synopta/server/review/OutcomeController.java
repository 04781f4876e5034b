package synopta.server.review;

import jakarta.validation.Valid;
import java.security.Principal;
import java.time.Clock;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import synopta.core.catalog.PartNumber;
import synopta.core.knowledge.CurrentPacks;
import synopta.core.outcome.OutcomeRepository;
import synopta.core.record.CaseRecord;
import synopta.core.record.CaseRepository;
import synopta.core.review.OutcomeService;
import synopta.formats.print.CodeReader;
import synopta.server.web.ApiException;

/** What became of cases. */
@RestController
@RequestMapping(path = "/api", produces = MediaType.APPLICATION_JSON_VALUE)
class OutcomeController {
    private static final int PAGE = 50;

    /** A case's number, alone or as it stands in the code of its sheet. */
    private static final Pattern CASE = Pattern.compile("(?:SYNOPTA CASE )?(\\d{1,12})", Pattern.CASE_INSENSITIVE);

    private final OutcomeService service;
    private final OutcomeRepository log;
    private final CaseRepository cases;
    private final CurrentPacks packs;
    private final Clock clock;

    OutcomeController(
            OutcomeService service, OutcomeRepository log, CaseRepository cases, CurrentPacks packs, Clock clock) {
        this.service = service;
        this.log = log;
        this.cases = cases;
        this.packs = packs;
        this.clock = clock;
    }

    /** The entries, and what may be chosen. */
    @GetMapping("/cases/{number}/outcome")
    OutcomeWire.OutcomeAnswer of(@PathVariable long number) {
        CaseRecord record = found(number);
        return OutcomeWire.OutcomeAnswer.of(
                record,
                log.of(number),
                Optional.ofNullable(record.snapshot().appliance())
                        .flatMap(packs::of)
                        .orElse(null));
    }

    /** Adds an entry, which counts from now on; earlier ones stay. */
    @PutMapping("/cases/{number}/outcome")
    OutcomeWire.OutcomeAnswer tell(
            @PathVariable long number, @Valid @RequestBody OutcomeWire.OutcomeFields fields, Principal who) {
        service.tell(found(number), fields.outcome(clock.instant(), who.getName()));
        return of(number);
    }

    /** Follow-ups: parts left so many days ago or more, and nothing was told. */
    @GetMapping("/follow-ups")
    List<OutcomeWire.FollowedWire> due(@RequestParam(defaultValue = "7") int days) {
        LocalDate until = LocalDate.ofInstant(clock.instant(), ZoneOffset.UTC).minusDays(Math.max(0, days));
        return cases.these(log.due(until, PAGE)).stream()
                .map(OutcomeWire.FollowedWire::of)
                .toList();
    }

    /** The cases that a scanned or typed code means: a case's own, or those in which a part was handed over, the last first. */
    @GetMapping("/returns")
    List<OutcomeWire.FollowedWire> returned(@RequestParam String code) {
        List<OutcomeWire.FollowedWire> found = meant(code);
        if (found.isEmpty()) {
            throw nothingUnder(code);
        }
        return found;
    }

    /** The same from a picture of the code, as a camera takes it. */
    @PostMapping(
            path = "/returns/picture",
            consumes = {MediaType.IMAGE_PNG_VALUE, MediaType.IMAGE_JPEG_VALUE})
    List<OutcomeWire.FollowedWire> photographed(@RequestBody byte[] picture) {
        List<String> codes = CodeReader.read(picture);
        if (codes.isEmpty()) {
            throw ApiException.impossible(
                    "picture", "No code was found in the picture. Move closer and hold still, or type the number.");
        }
        return codes.stream()
                .map(this::meant)
                .filter(found -> !found.isEmpty())
                .findFirst()
                .orElseThrow(() -> nothingUnder(String.join("”, “", codes)));
    }

    private List<OutcomeWire.FollowedWire> meant(String code) {
        Matcher number = CASE.matcher(code.strip());
        List<Long> meant = number.matches()
                ? List.of(Long.valueOf(number.group(1)))
                : log.with(new PartNumber(code.strip()), PAGE);
        return cases.these(meant).stream().map(OutcomeWire.FollowedWire::of).toList();
    }

    private static ApiException nothingUnder(String code) {
        return ApiException.missing(
                "Nothing was handed over under “%s”. Scan the code of the repair sheet, or type the case number."
                        .formatted(code.strip()));
    }

    private CaseRecord found(long number) {
        return cases.find(number).orElseThrow(() -> ApiException.noCase(number));
    }
}
