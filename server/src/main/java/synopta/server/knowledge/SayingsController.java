package synopta.server.knowledge;

import jakarta.validation.Valid;
import java.security.Principal;
import java.time.Clock;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import synopta.core.counter.Counter;
import synopta.core.diagnosis.Diagnoser;
import synopta.core.diagnosis.MeaningModel;
import synopta.core.diagnosis.ParsedComplaint;
import synopta.core.knowledge.Finding;
import synopta.core.knowledge.Pack;
import synopta.core.knowledge.Saying;
import synopta.core.outcome.ParameterKind;
import synopta.core.outcome.Proposal;
import synopta.core.outcome.SayingLearner;
import synopta.core.review.LearningService;
import synopta.server.Hearing;
import synopta.server.KnowledgeService;
import synopta.server.web.ApiException;

/** What callers say: read by finding, tried, added by the house and taken back. */
@RestController
@RequestMapping(path = "/api/knowledge/{appliance}", produces = MediaType.APPLICATION_JSON_VALUE)
class SayingsController {
    private final KnowledgeService packs;
    private final Hearing hearing;
    private final Counter counter;
    private final LearningService learning;
    private final Clock clock;

    SayingsController(KnowledgeService packs, Hearing hearing, Counter counter, LearningService learning, Clock clock) {
        this.packs = packs;
        this.hearing = hearing;
        this.counter = counter;
        this.learning = learning;
        this.clock = clock;
    }

    /** The sayings of a finding, by answer, the house's own first. */
    @GetMapping("/sayings")
    SayingsWire.SayingsAnswer sayings(@PathVariable String appliance, @RequestParam String finding) {
        Pack pack = pack(appliance);
        Finding of = finding(pack, finding);
        Set<String> shipped = packs.shipped().stream()
                .filter(p -> p.appliance() == pack.appliance())
                .flatMap(p -> p.finding(finding).stream())
                .flatMap(f -> f.answers().stream())
                .flatMap(a -> a.said().stream().map(said -> a.slug() + "|" + said))
                .collect(Collectors.toSet());
        List<SayingsWire.SayingWire> sayings = new ArrayList<>();
        for (Finding.Answer answer : of.answers()) {
            String meaning = finding + "=" + answer.slug();
            Stream<SayingsWire.SayingWire> ofPack = answer.said().stream()
                    .map(said -> new SayingsWire.SayingWire(
                            answer.slug(), said, !shipped.contains(answer.slug() + "|" + said)))
                    .sorted(Comparator.comparing(s -> !s.house()));
            Stream<SayingsWire.SayingWire> beside = hearing.sayings().get(pack.appliance()).stream()
                    .filter(s -> s.meaning().equals(meaning))
                    .map(Saying::text)
                    .map(text -> new SayingsWire.SayingWire(answer.slug(), text, false));
            Stream.concat(ofPack, beside).forEach(sayings::add);
        }
        return new SayingsWire.SayingsAnswer(finding, sayings);
    }

    /** What would be heard in a sentence, and why. */
    @PostMapping("/try")
    SayingsWire.TriedAnswer tried(@PathVariable String appliance, @Valid @RequestBody SayingsWire.TryRequest asked) {
        Pack pack = pack(appliance);
        Diagnoser diagnoser = counter.diagnoser(pack.appliance()).orElseThrow();
        ParsedComplaint parsed = diagnoser.hear(asked.text());
        List<MeaningModel.Explanation> explained = diagnoser.explain(asked.text());
        return new SayingsWire.TriedAnswer(
                explained.isEmpty()
                        ? parsed.heard().stream()
                                .map(heard -> SayingsWire.TriedReading.of(pack, heard))
                                .toList()
                        : explained.stream()
                                .map(e -> SayingsWire.TriedReading.of(pack, e, parsed))
                                .toList(),
                parsed.named().stream()
                        .map(n ->
                                new SayingsWire.TriedPart(n.partTypes(), n.how().slug(), n.phrase()))
                        .toList(),
                parsed.intents().stream()
                        .map(i -> new SayingsWire.TriedIntent(
                                i.intent(), i.probability(), asked.text().substring(i.from(), i.to())))
                        .toList(),
                parsed.unheard().stream().map(ParsedComplaint.Unheard::phrase).toList(),
                hearing.missing());
    }

    /** Adds a saying of the house, which is heard from now on and stays when the packs are updated. */
    @PostMapping("/sayings")
    SayingsWire.SayingsAnswer add(
            @PathVariable String appliance, @Valid @RequestBody SayingsWire.SayingRequest asked, Principal who) {
        Pack pack = pack(appliance);
        Finding finding = finding(pack, asked.finding());
        Proposal saying = SayingLearner.added(pack, finding, asked.answer(), asked.text());
        packs.learn(() -> learning.accept(who.getName(), List.of(saying), clock.instant()));
        return sayings(appliance, asked.finding());
    }

    /** Takes a saying of the house back. */
    @PostMapping("/sayings/withdraw")
    SayingsWire.SayingsAnswer withdraw(
            @PathVariable String appliance, @Valid @RequestBody SayingsWire.SayingRequest asked, Principal who) {
        Pack pack = pack(appliance);
        String subject = SayingLearner.subject(asked.finding(), asked.answer(), asked.text());
        String key = new Proposal.Learned(ParameterKind.SAYING, pack.appliance(), subject, 1).key();
        packs.learn(() -> learning.withdraw(who.getName(), key, clock.instant()));
        return sayings(appliance, asked.finding());
    }

    private Pack pack(String appliance) {
        return KnowledgeController.pack(packs, appliance);
    }

    private static Finding finding(Pack pack, String finding) {
        return pack.finding(finding)
                .orElseThrow(() -> ApiException.missing("There is no finding %s of the %s. See GET /api/knowledge/%s."
                        .formatted(
                                finding,
                                pack.appliance().slug(),
                                pack.appliance().slug())));
    }
}
