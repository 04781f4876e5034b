package synopta.server.review;

import jakarta.validation.Valid;
import java.security.Principal;
import java.time.Clock;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import synopta.core.catalog.Appliance;
import synopta.core.outcome.ParameterRepository;
import synopta.core.outcome.Proposal;
import synopta.core.review.Differing;
import synopta.core.review.LearningService;
import synopta.server.KnowledgeService;
import synopta.server.web.ApiException;

/** What the cases teach: proposed, accepted by somebody, compared and taken back. */
@RestController
@RequestMapping(path = "/api/updates", produces = MediaType.APPLICATION_JSON_VALUE)
class LearningController {
    private final LearningService service;
    private final ParameterRepository log;
    private final KnowledgeService packs;
    private final Clock clock;

    LearningController(LearningService service, ParameterRepository log, KnowledgeService packs, Clock clock) {
        this.service = service;
        this.log = log;
        this.packs = packs;
        this.clock = clock;
    }

    /** What is proposed now, counted anew, and all versions. */
    @GetMapping
    LearningWire.LearningAnswer proposals() {
        return answer(service.learned());
    }

    private LearningWire.LearningAnswer answer(LearningService.Taught learned) {
        List<ParameterRepository.Version> versions = log.versions();
        return new LearningWire.LearningAnswer(
                learned.confirmedCases().size(),
                versions.size(),
                service.suggestions(learned),
                versions.stream().map(LearningWire.VersionWire::of).toList());
    }

    /** Puts proposals in force; they are counted again first. */
    @PostMapping("/accept")
    LearningWire.LearningAnswer accept(@Valid @RequestBody LearningWire.DecideRequest asked, Principal who) {
        LearningService.Taught learned = service.learned();
        packs.learn(() -> service.accept(who.getName(), chosen(asked, learned), clock.instant()));
        return answer(learned);
    }

    /** Notes that proposals are not wanted; they come again when the cases say something else. */
    @PostMapping("/decline")
    LearningWire.LearningAnswer decline(@Valid @RequestBody LearningWire.DecideRequest asked, Principal who) {
        LearningService.Taught learned = service.learned();
        service.decline(who.getName(), chosen(asked, learned), clock.instant());
        return answer(learned);
    }

    private List<Proposal> chosen(LearningWire.DecideRequest asked, LearningService.Taught learned) {
        Set<LearningWire.LearntFigureWire> wanted = new HashSet<>(asked.figures());
        List<Proposal> chosen = service.suggestions(learned).stream()
                .map(LearningService.Suggested::proposal)
                .filter(p -> wanted.contains(figure(p)))
                .toList();
        if (chosen.size() < wanted.size()) {
            throw ApiException.impossible("figures", "Some of these are no longer suggested. Reload the suggestions.");
        }
        return chosen;
    }

    /** Goes back to an earlier version. */
    @PostMapping("/back")
    LearningWire.LearningAnswer back(@Valid @RequestBody LearningWire.BackRequest asked, Principal who) {
        packs.learn(() -> service.back(who.getName(), asked.version(), clock.instant()));
        return proposals();
    }

    /** Where two versions differ; 0 is the packs as they ship. */
    @GetMapping("/compare")
    List<Differing> compare(@RequestParam int first, @RequestParam int second) {
        return Differing.between(figures(first), figures(second));
    }

    private List<Proposal> figures(int version) {
        return log.figures(version)
                .orElseThrow(() -> ApiException.missing("There is no version %d.".formatted(version)));
    }

    private static LearningWire.LearntFigureWire figure(Proposal p) {
        return new LearningWire.LearntFigureWire(p.kind().slug(), slug(p), p.subject());
    }

    private static String slug(Proposal p) {
        return Optional.ofNullable(p.appliance()).map(Appliance::slug).orElse(null);
    }
}
