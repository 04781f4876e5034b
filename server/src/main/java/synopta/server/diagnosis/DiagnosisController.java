package synopta.server.diagnosis;

import jakarta.validation.Valid;
import java.util.Optional;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import synopta.core.casefile.CaseInput;
import synopta.core.catalog.Catalog;
import synopta.core.counter.CaseAssessment;
import synopta.core.counter.Counter;
import synopta.core.knowledge.CurrentPacks;
import synopta.core.knowledge.Pack;
import synopta.server.web.ApiException;

/** What is most likely wrong, and what to ask next. */
@RestController
@RequestMapping(path = "/api/diagnosis", produces = MediaType.APPLICATION_JSON_VALUE)
class DiagnosisController {
    private final Counter counter;
    private final Catalog catalog;
    private final CurrentPacks packs;

    DiagnosisController(Counter counter, Catalog catalog, CurrentPacks packs) {
        this.counter = counter;
        this.catalog = catalog;
        this.packs = packs;
    }

    @PostMapping
    AnswerWire.DiagnosisAnswer diagnose(@Valid @RequestBody DiagnosisWire.DiagnosisRequest request) {
        CaseInput draft = request.input();
        Optional.ofNullable(draft.model())
                .filter(m -> catalog.model(m).isEmpty())
                .ifPresent(m -> {
                    throw ApiException.impossible(
                            "model",
                            "Model %s is not in the catalog. Read the tag first, or leave it empty.".formatted(m));
                });
        CaseAssessment view = counter.work(draft);
        if (view.identified().notCovered() != null) {
            return AnswerWire.DiagnosisAnswer.notCovered(view);
        }
        Pack pack = view.appliance()
                .flatMap(packs::of)
                .orElseThrow(
                        () -> ApiException.impossible(
                                "appliance",
                                view.appliance().isPresent()
                                        ? "The fault guide does not cover this appliance yet."
                                        : "The appliance is not known. Send dryer, range, dishwasher or microwave, or a model."));
        return AnswerWire.DiagnosisAnswer.of(pack, view);
    }
}
