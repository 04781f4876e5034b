package synopta.server.fit;

import jakarta.validation.Valid;
import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import synopta.core.catalog.BuildRange;
import synopta.core.catalog.Catalog;
import synopta.core.catalog.Model;
import synopta.core.catalog.ModelNumber;
import synopta.core.catalog.PartNumber;
import synopta.core.fit.FitFinder;
import synopta.core.fit.Unit;
import synopta.core.tag.SerialReader;

/** Whether a part is right for a machine. */
@RestController
@RequestMapping(path = "/api/fit", produces = MediaType.APPLICATION_JSON_VALUE)
class FitController {
    private final FitFinder finder;
    private final Catalog catalog;
    private final Clock clock;

    FitController(FitFinder finder, Catalog catalog, Clock clock) {
        this.finder = finder;
        this.catalog = catalog;
        this.clock = clock;
    }

    @PostMapping
    FitWire.FitAnswer judge(@Valid @RequestBody FitWire.FitRequest request) {
        ModelNumber model = new ModelNumber(request.model());
        return FitWire.FitAnswer.of(finder.judge(model, unit(request, model), new PartNumber(request.part())));
    }

    /** A build date that was given counts; without one, what the serial says. */
    private Unit unit(FitWire.FitRequest request, ModelNumber number) {
        Optional<String> serial = Optional.ofNullable(request.serial()).filter(s -> !s.isBlank());
        if (request.built() != null) {
            return new Unit(serial, Unit.builtOn(request.built()).built());
        }
        Optional<Model> model = catalog.model(number);
        List<BuildRange> built = serial.isPresent() && model.isPresent()
                ? new SerialReader(catalog)
                        .read(model.get().brand(), serial.get(), model, LocalDate.now(clock))
                        .built()
                : List.of();
        return new Unit(serial, built);
    }
}
