package synopta.server.knowledge;

import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import synopta.core.bench.MeterSimulator;
import synopta.core.catalog.Appliance;
import synopta.core.knowledge.FaultGuide;
import synopta.core.knowledge.Pack;
import synopta.server.KnowledgeService;
import synopta.server.web.ApiException;

/** What is known of each appliance, to be looked through. */
@RestController
@RequestMapping(path = "/api/knowledge", produces = MediaType.APPLICATION_JSON_VALUE)
class KnowledgeController {
    private final KnowledgeService packs;

    KnowledgeController(KnowledgeService packs) {
        this.packs = packs;
    }

    @GetMapping
    KnowledgeWire.Shelf all() {
        return new KnowledgeWire.Shelf(
                packs.current().all().stream().map(KnowledgeWire.PackLine::of).toList(), packs.refused());
    }

    @GetMapping("/{appliance}")
    FaultGuide one(@PathVariable String appliance) {
        return FaultGuide.of(pack(appliance), MeterSimulator::serves);
    }

    @GetMapping("/{appliance}/pictures")
    PicturesWire pictures(@PathVariable String appliance) {
        return PicturesWire.of(pack(appliance));
    }

    private Pack pack(String appliance) {
        return pack(packs, appliance);
    }

    /** The pack in force of an appliance; 404 where there is none. */
    static Pack pack(KnowledgeService packs, String appliance) {
        return packs.current()
                .of(Appliance.of(appliance))
                .orElseThrow(() -> ApiException.missing(
                        "The fault guide does not cover %s. See GET /api/knowledge.".formatted(appliance)));
    }
}
