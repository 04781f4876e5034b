package synopta.server.basket;

import jakarta.validation.Valid;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import synopta.core.basket.BasketPlan;
import synopta.core.basket.BasketPlanner;
import synopta.core.catalog.PriceCurrency;

/** What to sell. */
@RestController
@RequestMapping(path = "/api/basket", produces = MediaType.APPLICATION_JSON_VALUE)
class BasketController {
    private final BasketPlanner planner;
    private final PriceCurrency currency;

    BasketController(BasketPlanner planner, PriceCurrency currency) {
        this.planner = planner;
        this.currency = currency;
    }

    @PostMapping
    BasketPlan plan(@Valid @RequestBody BasketWire.BasketRequest request) {
        return planner.plan(request.query(currency.get()));
    }
}
