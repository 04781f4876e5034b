package synopta.server.record;

import java.util.List;
import java.util.Optional;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import synopta.core.knowledge.CurrentPacks;
import synopta.core.knowledge.Pack;
import synopta.core.order.QuoteRepository;
import synopta.core.record.CaseRepository;
import synopta.core.record.Revision;
import synopta.server.web.ApiException;

/** Cases as they stood. */
@RestController
@RequestMapping(path = "/api/cases", produces = MediaType.APPLICATION_JSON_VALUE)
class HistoryController {
    private final CaseRepository log;
    private final QuoteRepository quotes;
    private final CurrentPacks packs;

    HistoryController(CaseRepository log, QuoteRepository quotes, CurrentPacks packs) {
        this.log = log;
        this.quotes = quotes;
        this.packs = packs;
    }

    /** Every revision, the first first: what was changed, by whom, and how the case stood. */
    @GetMapping("/{number}/revisions")
    List<RevisionWire> revisions(@PathVariable long number) {
        List<Revision> revisions = Revision.of(log.revisions(number), quotes.of(number));
        if (revisions.isEmpty()) {
            throw ApiException.noCase(number);
        }
        return revisions.stream()
                .map(r -> RevisionWire.of(r, pack(r).orElse(null)))
                .toList();
    }

    private Optional<Pack> pack(Revision revision) {
        return Optional.ofNullable(revision.record().snapshot().appliance()).flatMap(packs::of);
    }
}
