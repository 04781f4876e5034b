package synopta.server.order;

import jakarta.servlet.http.HttpServletResponse;
import jakarta.validation.Valid;
import java.io.IOException;
import java.util.List;
import java.util.function.Predicate;
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
import synopta.core.order.StockMovement;
import synopta.core.order.StockRepository;
import synopta.core.quantity.Slugged;
import synopta.demo.SimulatedSupplier;
import synopta.formats.order.StockMovementTable;
import synopta.server.web.ApiException;
import synopta.server.web.Attachment;

/** Reservations at branches and orders with the supplier. */
@RestController
@RequestMapping(path = "/api", produces = MediaType.APPLICATION_JSON_VALUE)
class ReservationController {
    private static final long AGAIN_MS = 20_000;
    private static final int MOST_MOVEMENTS = 200;

    private final OrderService service;
    private final ReservationRepository log;
    private final StockRepository stock;
    private final SimulatedSupplier feed;

    ReservationController(
            OrderService service, ReservationRepository log, StockRepository stock, SimulatedSupplier feed) {
        this.service = service;
        this.log = log;
        this.stock = stock;
        this.feed = feed;
    }

    @PostMapping("/reservations")
    OrderWire.PromiseAnswer reservation(@Valid @RequestBody OrderWire.PromiseRequest asked) {
        List<OrderService.Wanted> lines = asked.lines().stream()
                .map(l -> new OrderService.Wanted(new PartNumber(l.part()), l.quantity()))
                .toList();
        OrderService.Keeping keeping = new OrderService.Keeping(asked.branch(), asked.caseNumber(), asked.until());
        List<OrderService.Outcome> outcomes = Boolean.TRUE.equals(asked.order())
                ? service.reserveOrOrder(keeping, lines)
                : service.reserve(keeping, lines);
        return new OrderWire.PromiseAnswer(outcomes.stream()
                .map(outcome -> OrderWire.OutcomeWire.of(outcome, asked.branch()))
                .toList());
    }

    @GetMapping("/reservations")
    OrderWire.PromiseAnswer ofCase(@RequestParam long caseNumber) {
        return new OrderWire.PromiseAnswer(
                log.ofCase(caseNumber).stream().map(OrderWire.OutcomeWire::of).toList());
    }

    /** What is still to be fetched, oldest first. */
    @GetMapping("/reservations/standing")
    List<OrderWire.StandingWire> standing() {
        return log.standing().stream().map(OrderWire.StandingWire::of).toList();
    }

    @DeleteMapping("/reservations/{number}")
    OrderWire.OutcomeWire release(@PathVariable long number) {
        return changed(number, service::release, "cannot be cancelled here. Ask the supplier.");
    }

    /** What was ordered came in, and is kept. */
    @PostMapping("/reservations/{number}/arrival")
    OrderWire.OutcomeWire arrive(@PathVariable long number) {
        return changed(number, service::arrive, "was not ordered: only what was ordered can come in.");
    }

    /** The customer fetched it. */
    @PostMapping("/reservations/{number}/collection")
    OrderWire.OutcomeWire collect(@PathVariable long number) {
        return changed(number, service::collect, "is not on the shelf: it cannot be collected.");
    }

    /** The customer was told that it is there. */
    @PostMapping("/reservations/{number}/call")
    OrderWire.OutcomeWire call(@PathVariable long number) {
        return changed(number, service::call, "is not on the shelf yet: call when it is.");
    }

    private OrderWire.OutcomeWire changed(long number, Predicate<Reservation> change, String otherwise) {
        Reservation reservation = log.find(number)
                .orElseThrow(() -> ApiException.missing("There is no reservation %d.".formatted(number)));
        if (!change.test(reservation)) {
            throw ApiException.impossible(
                    "number",
                    "Reservation %d is %s and %s"
                            .formatted(number, reservation.state().slug(), otherwise));
        }
        return OrderWire.OutcomeWire.of(log.find(number).orElseThrow());
    }

    /** What left the shelves and came back: of a case, or the last of all. */
    @GetMapping("/stock-movements")
    List<OrderWire.MovementWire> movements(@RequestParam(required = false) Long caseNumber) {
        List<StockMovement> movements = caseNumber == null ? stock.last(MOST_MOVEMENTS) : stock.ofCase(caseNumber);
        return movements.stream().map(OrderWire.MovementWire::of).toList();
    }

    /** All of them as a table, for the stock system of the house. */
    @GetMapping(path = "/stock-movements.csv", produces = "text/csv")
    void movementsCsv(HttpServletResponse response) throws IOException {
        StockMovementTable.of(stock.last(Integer.MAX_VALUE)).csv(Attachment.csv(response, "stock-movements"));
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
