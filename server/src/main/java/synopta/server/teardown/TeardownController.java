package synopta.server.teardown;

import jakarta.validation.Valid;
import java.util.Optional;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import synopta.core.catalog.ModelNumber;
import synopta.core.catalog.PriceCurrency;
import synopta.core.sale.TeardownService;

/** What it takes to reach some places. */
@RestController
@RequestMapping(path = "/api/teardown", produces = MediaType.APPLICATION_JSON_VALUE)
class TeardownController {
    private final TeardownService service;
    private final PriceCurrency currency;

    TeardownController(TeardownService service, PriceCurrency currency) {
        this.service = service;
        this.currency = currency;
    }

    @PostMapping
    TeardownWire.TeardownAnswer open(@Valid @RequestBody TeardownWire.TeardownRequest asked) {
        return TeardownWire.TeardownAnswer.of(
                service.open(
                        Optional.ofNullable(asked.model())
                                .filter(m -> !m.isBlank())
                                .map(ModelNumber::new)
                                .orElse(null),
                        Optional.ofNullable(asked.platform())
                                .filter(p -> !p.isBlank())
                                .orElse(null),
                        asked.slots(),
                        asked.ageYears()),
                currency.get());
    }
}
