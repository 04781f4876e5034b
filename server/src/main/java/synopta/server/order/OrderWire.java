package synopta.server.order;

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
import synopta.core.order.OrderService;
import synopta.core.order.Quote;
import synopta.core.order.QuoteTotals;
import synopta.core.order.Reservation;
import synopta.server.web.MayBeNull;

/** Wire records of quotes, reservations and orders. */
public final class OrderWire {
    private OrderWire() {}

    /** So many sale units of a part. */
    public record OrderLineWire(
            @NotBlank @Size(max = 80) String part,
            @NotNull @Min(1) @Max(10_000) Integer quantity) {}

    /** What is to be quoted, at the prices of now. */
    public record QuoteRequest(
            @NotBlank @Size(max = 80) String branch,
            @MayBeNull @Size(max = Quote.LONGEST_CUSTOMER) String customer,
            @MayBeNull Long caseNumber,
            @NotEmpty @Size(max = 200) List<@Valid OrderLineWire> lines) {}

    /** A quote; `taxRule` says how its tax was rounded. */
    public record QuoteAnswer(
            long number,
            String house,
            Instant createdAt,
            LocalDate validUntil,
            String branch,
            @MayBeNull String customer,
            @MayBeNull Long caseNumber,
            List<QuoteLineWire> lines,
            String goods,
            String taxPercent,
            boolean taxIncluded,
            String tax,
            String taxRule,
            String total,
            String currency) {
        static QuoteAnswer of(Quote quote, String house) {
            QuoteTotals sum = quote.sum();
            return new QuoteAnswer(
                    quote.number(),
                    house,
                    quote.createdAt(),
                    quote.validUntil(),
                    quote.branch(),
                    quote.customer().orElse(null),
                    quote.caseNumber().isPresent() ? quote.caseNumber().getAsLong() : null,
                    quote.lines().stream().map(QuoteLineWire::of).toList(),
                    sum.goods().decimal(),
                    sum.taxPercent().toPlainString(),
                    sum.taxIncluded(),
                    sum.tax().decimal(),
                    QuoteTotals.RULE,
                    sum.total().decimal(),
                    sum.total().currency());
        }
    }

    /** A line of a quote. */
    public record QuoteLineWire(String part, String name, int quantity, String unitPrice, String price) {
        static QuoteLineWire of(Quote.Line line) {
            return new QuoteLineWire(
                    line.part().written(),
                    line.name(),
                    line.quantity(),
                    line.unitPrice().decimal(),
                    line.price().decimal());
        }
    }

    /** Quotes newest first; `next` is the `after` of the next page. */
    public record QuotePage(
            List<QuoteAnswer> quotes, @MayBeNull Long next) {}

    /** What is to be kept at a branch; `order`: what is not there is ordered. */
    public record PromiseRequest(
            @NotBlank @Size(max = 80) String branch,
            @MayBeNull Long caseNumber,
            @MayBeNull Boolean order,
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
                            "Only %2$d left at %1$s. Order it, or choose another branch."
                                    .formatted(branch, gone.free())));
        }

        static OutcomeWire of(Reservation reservation) {
            Integer days = reservation.days().isPresent() ? reservation.days().getAsInt() : null;
            return new OutcomeWire(
                    reservation.number(),
                    reservation.part().written(),
                    reservation.quantity(),
                    reservation.branch(),
                    reservation.state().slug(),
                    days,
                    null,
                    said(reservation));
        }

        private static String said(Reservation reservation) {
            return switch (reservation.state()) {
                case RESERVED -> "Reserved at %s.".formatted(reservation.branch());
                case ORDERED ->
                    reservation.days().orElse(0) == 1
                            ? "Ordered, available tomorrow."
                            : "Ordered, available in %d days."
                                    .formatted(reservation.days().orElse(0));
                case WAITING ->
                    "The supplier does not answer. The order is saved and will be sent again automatically.";
                case OUT_OF_STOCK -> "The supplier is out of stock. Try an equivalent or another branch.";
                case RELEASED -> "Cancelled.";
            };
        }
    }

    /** How the stand-in for the supplier behaves: `up`, `slow`, `out-of-stock` or `down`. */
    public record FeedWire(@NotBlank @Size(max = 20) String mode) {
        static FeedWire of(SimulatedSupplier.Mode mode) {
            return new FeedWire(mode.slug());
        }
    }
}
