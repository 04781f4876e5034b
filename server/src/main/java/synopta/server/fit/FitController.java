package synopta.server.fit;

import jakarta.validation.Valid;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import synopta.core.catalog.ModelNumber;
import synopta.core.catalog.PartNumber;
import synopta.core.fit.FitFinder;
import synopta.core.fit.MachineUnit;

/** Whether a part is right for a machine. */
@RestController
@RequestMapping(path = "/api/fit", produces = MediaType.APPLICATION_JSON_VALUE)
class FitController {
    private final FitFinder finder;

    FitController(FitFinder finder) {
        this.finder = finder;
    }

    @PostMapping
    FitWire.FitAnswer judge(@Valid @RequestBody FitWire.FitRequest request) {
        ModelNumber model = new ModelNumber(request.model());
        MachineUnit unit = finder.unit(model, request.serial(), request.built());
        return FitWire.FitAnswer.of(finder.judge(model, unit, new PartNumber(request.part())));
    }
}
