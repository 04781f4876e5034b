package synopta.store;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;
import static org.testng.Assert.expectThrows;

import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import java.util.Set;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.Test;
import synopta.core.casefile.CaseInput;
import synopta.core.casefile.Customer;
import synopta.core.catalog.Appliance;
import synopta.core.knowledge.Finding;
import synopta.core.knowledge.Pack;
import synopta.core.outcome.ParameterKind;
import synopta.core.outcome.ParameterRepository;
import synopta.core.outcome.Proposal;
import synopta.core.outcome.SayingLearner;
import synopta.core.record.CaseContent;
import synopta.core.record.CaseRecord;
import synopta.core.record.CaseSnapshot;
import synopta.core.review.LearningService;
import synopta.core.tag.EditCosts;
import synopta.formats.knowledge.EditCostsReader;
import synopta.formats.knowledge.PackReader;
import synopta.formats.knowledge.PackRejectedException;

/** Readings of callers' words that were confirmed and rejected, kept with their cases, and what they teach. */
public class ReadingsInStoreTest extends StoredCases {
    private static final String LONG = "it went and " + "frumiously ".repeat(30) + "quit";

    private List<Pack> packs;
    private EditCosts weights;

    @BeforeClass
    public void read() throws IOException, PackRejectedException {
        Path knowledge = Path.of("..", "knowledge");
        packs = PackReader.folder(knowledge).packs();
        weights = EditCosts.of(EditCostsReader.folder(knowledge));
    }

    private LearningService service() {
        return new LearningService(
                packs, weights, store.catalogStore(), store.cases(), store.outcomes(), store.learned());
    }

    private CaseRecord said(String words, Set<String> excluded) {
        CaseInput input = CaseInput.of("dryer " + words)
                .but()
                .findings(List.of(
                        new CaseInput.Answered("heats", "no", true, words),
                        new CaseInput.Answered("thumps", "yes", false)))
                .excluded(excluded)
                .input();
        CaseSnapshot dryer = new CaseSnapshot(
                Appliance.DRYER,
                null,
                Set.of(),
                null,
                List.of(),
                List.of(),
                List.of(),
                null,
                Set.of(),
                List.of(),
                List.of(),
                null);
        CaseContent content = new CaseContent(
                input, null, List.of(), Set.of(), null, null, Customer.NONE, null, CaseContent.Status.OPEN);
        return store.cases().add(content, dryer, NOON);
    }

    private List<Proposal> sayings() {
        return service().learned().proposals().stream()
                .filter(p -> p.kind() == ParameterKind.SAYING)
                .toList();
    }

    @Test
    public void theWordsOfAReadingAreKeptWithItAndLongOnesToo() {
        long first = said("gone frosty", Set.of()).number();
        add("nothing was confirmed here", CaseContent.Status.OPEN);
        long last = said(LONG, Set.of("reading:dead=yes:" + LONG, "age")).number();
        assertEquals(store.cases().withReadings(10), List.of(last, first), "the newest first");
        assertEquals(store.cases().withReadings(1), List.of(last));
        CaseInput kept = store.cases().find(last).orElseThrow().content().input();
        assertEquals(
                kept.findings(),
                List.of(
                        new CaseInput.Answered("heats", "no", true, LONG),
                        new CaseInput.Answered("thumps", "yes", false)));
        assertEquals(kept.excluded(), Set.of("reading:dead=yes:" + LONG, "age"));
    }

    @Test
    public void whatWasConfirmedTwiceIsProposedAndOnceAcceptedNoMore() {
        said("Gone frosty!", Set.of());
        assertEquals(sayings(), List.of(), "once is one caller's way of speaking");
        said("gone frosty", Set.of("reading:dead=yes:gone frosty"));
        List<Proposal> proposals = sayings();
        assertEquals(proposals.stream().map(Proposal::subject).toList(), List.of("heats|no|gone frosty"));
        LearningService service = service();
        ParameterRepository.Version version = service.accept("Ida", proposals, NOON);
        assertEquals(store.learned().last().orElseThrow().figures(), version.figures());
        assertTrue(service.suggestions(service.learned()).stream()
                .noneMatch(s -> s.proposal().kind() == ParameterKind.SAYING));
        Pack dryer = packs.stream()
                .filter(p -> p.appliance() == Appliance.DRYER)
                .findFirst()
                .orElseThrow();
        assertTrue(version.layer()
                .over(dryer)
                .finding("heats")
                .orElseThrow()
                .answer("no")
                .said()
                .contains("gone frosty"));
    }

    @Test
    public void aSayingThatWasAddedByHandIsTakenBackAloneAndAnEarlierVersionBringsItAgain() {
        Pack dryer = packs.stream()
                .filter(p -> p.appliance() == Appliance.DRYER)
                .findFirst()
                .orElseThrow();
        Finding heats = dryer.finding("heats").orElseThrow();
        Proposal one = SayingLearner.added(dryer, heats, "no", "went frumious");
        Proposal other = SayingLearner.added(dryer, heats, "yes", LONG);
        LearningService service = service();
        service.accept("Ida", List.of(one, other), NOON);
        ParameterRepository.Version without = service.withdraw("Tom", one.key(), NOON);
        assertEquals(without.figures().stream().map(Proposal::key).toList(), List.of(other.key()));
        IllegalArgumentException gone =
                expectThrows(IllegalArgumentException.class, () -> service.withdraw("Tom", one.key(), NOON));
        assertTrue(gone.getMessage().contains("not in force"), gone.getMessage());
        assertEquals(service.back("Ida", 1, NOON).figures().size(), 2);
        service.decline("Ida", List.of(other), NOON);
        assertEquals(store.learned().declined().get(0).figure().subject(), other.subject());
    }
}
