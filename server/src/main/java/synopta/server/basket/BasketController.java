package synopta.server.basket;

import jakarta.validation.Valid;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import synopta.core.basket.BasketPlanner;

/** What to sell. */
@RestController
@RequestMapping(path = "/api/basket", produces = MediaType.APPLICATION_JSON_VALUE)
class BasketController {
    private final BasketPlanner planner;
    private final String currency;

    BasketController(BasketPlanner planner, @Value("${synopta.currency}") String currency) {
        this.planner = planner;
        this.currency = currency;
    }

    @PostMapping
    BasketWire.BasketAnswer plan(@Valid @RequestBody BasketWire.BasketRequest request) {
        return BasketWire.BasketAnswer.of(planner.plan(request.query(currency)));
    }
}
