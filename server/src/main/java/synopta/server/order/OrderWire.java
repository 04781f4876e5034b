package synopta.server.order;

import com.fasterxml.jackson.annotation.JsonUnwrapped;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import synopta.core.catalog.ModelNumber;
import synopta.core.order.OrderService;
import synopta.core.order.Quote;
import synopta.core.order.QuoteService;
import synopta.core.order.QuoteTotals;
import synopta.core.order.Reservation;
import synopta.core.order.StandingReservation;
import synopta.core.order.StockMovement;
import synopta.server.web.MayBeNull;

/** Wire records of quotes, reservations and orders. */
public final class OrderWire {
    private OrderWire() {}

    /** So many sale units of a part. */
    public record OrderLineWire(
            @NotBlank @Size(max = 80) String part,
            @NotNull @Min(1) @Max(10_000) Integer quantity) {}

    /** So many sale units of a quoted part; `fitChecked` false: no machine is known, and the quote says so. */
    public record QuoteLineWire(
            @NotBlank @Size(max = 80) String part,
            @NotNull @Min(1) @Max(10_000) Integer quantity,
            @MayBeNull Boolean fitChecked) {}

    /** What is to be quoted, at the prices of now, for these machines. */
    public record QuoteRequest(
            @NotBlank @Size(max = 80) String branch,
            @MayBeNull @Size(max = Quote.LONGEST_CUSTOMER) String customer,
            @MayBeNull Long caseNumber,
            @MayBeNull @Size(max = 5) List<@NotBlank @Size(max = 60) String> models,
            @NotEmpty @Size(max = 200) List<@Valid @NotNull QuoteLineWire> lines) {
        QuoteService.Recipient recipient() {
            return new QuoteService.Recipient(
                    branch,
                    customer,
                    caseNumber,
                    models == null
                            ? List.of()
                            : models.stream().map(ModelNumber::new).toList());
        }
    }

    /** A quote; `taxRule` says how its tax was rounded. */
    public record QuoteAnswer(String house, @JsonUnwrapped Quote quote, String taxRule, String currency) {
        static QuoteAnswer of(Quote quote, String house) {
            return new QuoteAnswer(
                    house, quote, QuoteTotals.RULE, quote.sum().total().currency());
        }
    }

    /** Quotes newest first; `next` is the `after` of the next page. */
    public record QuotePage(
            List<QuoteAnswer> quotes, @MayBeNull Long next) {}

    /**
     * What is to be kept at a branch, for a case, until a day; `order`: what is not there is ordered. What stands for the
     * case already is not reserved again.
     */
    public record PromiseRequest(
            @NotBlank @Size(max = 80) String branch,
            @MayBeNull Long caseNumber,
            @MayBeNull Boolean order,
            @MayBeNull LocalDate until,
            @NotEmpty @Size(max = 200) List<@Valid OrderLineWire> lines) {}

    /** What became of each line. */
    public record PromiseAnswer(List<OutcomeWire> outcomes) {}

    /**
     * What became of a line: `reserved`, `ordered`, `waiting`, `out-of-stock`, `released`, or `gone`: so many are not free any
     * more.
     */
    public record OutcomeWire(
            @MayBeNull Long number,
            String part,
            int quantity,
            String branch,
            String state,
            @MayBeNull Integer days,
            @MayBeNull Integer free,
            String said) {
        static OutcomeWire of(OrderService.Outcome outcome, String branch) {
            return outcome.fold(
                    reserved -> of(reserved.reservation()),
                    gone -> new OutcomeWire(
                            null,
                            gone.part().written(),
                            gone.quantity(),
                            branch,
                            "gone",
                            null,
                            gone.free(),
                            gone.words(branch)));
        }

        static OutcomeWire of(Reservation reservation) {
            Integer days = reservation.days();
            return new OutcomeWire(
                    reservation.number(),
                    reservation.part().written(),
                    reservation.quantity(),
                    reservation.branch(),
                    reservation.state().slug(),
                    days,
                    null,
                    reservation.words());
        }
    }

    /** What is still to be fetched: for whom, until when, and when they were told that it is there. */
    public record StandingWire(
            @JsonUnwrapped OutcomeWire outcome,
            @MayBeNull Long caseNumber,
            @MayBeNull String customer,
            @MayBeNull String phone,
            @MayBeNull LocalDate until,
            @MayBeNull Instant calledAt,
            Instant createdAt) {
        static StandingWire of(StandingReservation standing) {
            Reservation reservation = standing.reservation();
            return new StandingWire(
                    OutcomeWire.of(reservation),
                    reservation.caseNumber(),
                    standing.customer(),
                    standing.phone(),
                    reservation.until(),
                    reservation.calledAt(),
                    reservation.createdAt());
        }
    }

    /** Sale units that came onto a shelf, or left it (negative); `reason` as `handed-over`, `taken-back`, `collected`, `returned` or `arrived`. */
    public record MovementWire(
            Instant at,
            String branch,
            String part,
            int quantity,
            String reason,
            @MayBeNull Long caseNumber) {
        static MovementWire of(StockMovement movement) {
            return new MovementWire(
                    movement.at(),
                    movement.shelf().branch(),
                    movement.shelf().part().written(),
                    movement.quantity(),
                    movement.reason().slug(),
                    movement.caseNumber());
        }
    }

    /** How the stand-in for the supplier behaves: `up`, `slow`, `out-of-stock` or `down`. */
    public record FeedWire(@NotBlank @Size(max = 20) String mode) {}
}
