package synopta.server.counter;

import java.util.List;
import java.util.Optional;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import synopta.core.counter.CaseLog;
import synopta.core.counter.Revision;
import synopta.core.knowledge.Pack;
import synopta.core.order.QuoteLog;
import synopta.server.Packs;
import synopta.server.web.Refused;

/** Cases as they stood. */
@RestController
@RequestMapping(path = "/api/cases", produces = MediaType.APPLICATION_JSON_VALUE)
class RecordController {
    private final CaseLog log;
    private final QuoteLog quotes;
    private final Packs packs;

    RecordController(CaseLog log, QuoteLog quotes, Packs packs) {
        this.log = log;
        this.quotes = quotes;
        this.packs = packs;
    }

    /** Every revision, the first first: what was changed, by whom, and how the case stood. */
    @GetMapping("/{number}/revisions")
    List<RevisionWire> revisions(@PathVariable long number) {
        List<Revision> revisions = Revision.of(log.revisions(number), quotes.of(number));
        if (revisions.isEmpty()) {
            throw Refused.noCase(number);
        }
        return revisions.stream().map(r -> RevisionWire.of(r, pack(r))).toList();
    }

    private Optional<Pack> pack(Revision revision) {
        return revision.record().stood().appliance().flatMap(packs::of);
    }
}
