package synopta.server.order;

import jakarta.validation.Valid;
import java.util.List;
import org.springframework.http.MediaType;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import synopta.core.catalog.PartNumber;
import synopta.core.order.OrderService;
import synopta.core.order.Reservation;
import synopta.core.order.ReservationRepository;
import synopta.core.quantity.Slugged;
import synopta.demo.SimulatedSupplier;
import synopta.server.web.ApiException;

/** Reservations at branches and orders with the supplier. */
@RestController
@RequestMapping(path = "/api", produces = MediaType.APPLICATION_JSON_VALUE)
class ReservationController {
    private static final long AGAIN_MS = 20_000;

    private final OrderService service;
    private final ReservationRepository log;
    private final SimulatedSupplier feed;

    ReservationController(OrderService service, ReservationRepository log, SimulatedSupplier feed) {
        this.service = service;
        this.log = log;
        this.feed = feed;
    }

    @PostMapping("/reservations")
    OrderWire.PromiseAnswer reservation(@Valid @RequestBody OrderWire.PromiseRequest asked) {
        List<OrderService.Wanted> lines = asked.lines().stream()
                .map(l -> new OrderService.Wanted(new PartNumber(l.part()), l.quantity()))
                .toList();
        List<OrderService.Outcome> outcomes = Boolean.TRUE.equals(asked.order())
                ? service.reserveOrOrder(asked.branch(), asked.caseNumber(), lines)
                : service.reserve(asked.branch(), asked.caseNumber(), lines);
        return new OrderWire.PromiseAnswer(outcomes.stream()
                .map(outcome -> OrderWire.OutcomeWire.of(outcome, asked.branch()))
                .toList());
    }

    @GetMapping("/reservations")
    OrderWire.PromiseAnswer ofCase(@RequestParam long caseNumber) {
        return new OrderWire.PromiseAnswer(
                log.ofCase(caseNumber).stream().map(OrderWire.OutcomeWire::of).toList());
    }

    @DeleteMapping("/reservations/{number}")
    OrderWire.OutcomeWire release(@PathVariable long number) {
        Reservation reservation = log.find(number)
                .orElseThrow(() -> ApiException.missing("There is no reservation %d.".formatted(number)));
        if (!service.release(reservation)) {
            throw ApiException.impossible(
                    "number",
                    "Reservation %d is %s and cannot be cancelled here. Ask the supplier."
                            .formatted(number, reservation.state().slug()));
        }
        return OrderWire.OutcomeWire.of(log.find(number).orElseThrow());
    }

    @GetMapping("/supplier-feed")
    OrderWire.FeedWire feed() {
        return new OrderWire.FeedWire(feed.mode().slug());
    }

    @PutMapping("/supplier-feed")
    OrderWire.FeedWire behave(@Valid @RequestBody OrderWire.FeedWire wanted) {
        feed.behave(Slugged.of(SimulatedSupplier.Mode.class, "Mode", wanted.mode()));
        if (feed.mode() == SimulatedSupplier.Mode.UP) {
            service.sendWaiting();
        }
        return feed();
    }

    /** What the supplier did not answer is sent again. */
    @Scheduled(fixedDelay = AGAIN_MS)
    void sendWaiting() {
        service.sendWaiting();
    }
}
