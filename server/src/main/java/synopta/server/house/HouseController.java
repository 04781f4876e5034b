package synopta.server.house;

import jakarta.validation.Valid;
import jakarta.validation.constraints.Size;
import java.math.BigDecimal;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import synopta.core.knowledge.HouseRules;
import synopta.core.quantity.Money;
import synopta.server.web.MayBeNull;
import synopta.store.house.HouseRuleStore;

/** Which of the trade's schools the house follows. */
@RestController
@RequestMapping(path = "/api/house-rules", produces = MediaType.APPLICATION_JSON_VALUE)
class HouseController {
    private final HouseRuleStore rules;
    private final String currency;

    HouseController(HouseRuleStore rules, @Value("${synopta.currency}") String currency) {
        this.rules = rules;
        this.currency = currency;
    }

    @GetMapping
    HouseRulesWire rules() {
        HouseRules now = rules.get();
        return new HouseRulesWire(
                now.genuineOnly(),
                now.renewAll(),
                decimal(now.hourCents()),
                decimal(now.visitCents()),
                now.horizonYears(),
                now.taxPercent().toPlainString(),
                now.taxIncluded(),
                now.quoteDays(),
                now.contact(),
                currency);
    }

    /** What is not sent stays as it is. */
    @PutMapping
    HouseRulesWire choose(@Valid @RequestBody HouseRulesChange wanted) {
        HouseRules now = rules.get();
        rules.choose(new HouseRules(
                or(wanted.genuineOnly(), now.genuineOnly()),
                or(wanted.renewAll(), now.renewAll()),
                wanted.perHour() == null ? now.hourCents() : cents(wanted.perHour()),
                wanted.visit() == null ? now.visitCents() : cents(wanted.visit()),
                or(wanted.horizonYears(), now.horizonYears()),
                wanted.taxPercent() == null ? now.taxPercent() : percent(wanted.taxPercent()),
                or(wanted.taxIncluded(), now.taxIncluded()),
                or(wanted.quoteDays(), now.quoteDays()),
                or(wanted.contact(), now.contact()).strip()));
        return rules();
    }

    private static <T> T or(T wanted, T now) {
        return wanted == null ? now : wanted;
    }

    private String decimal(long cents) {
        return new Money(cents, currency).decimal();
    }

    private long cents(String decimal) {
        return Money.of(decimal, currency).cents();
    }

    private static BigDecimal percent(String text) {
        try {
            return new BigDecimal(text);
        } catch (NumberFormatException e) {
            throw new IllegalArgumentException(
                    "Tax (%s) must be a decimal number, as in 15 or 7.5.".formatted(text), e);
        }
    }

    /**
     * The rules; `genuineOnly`: no equivalent of another make is supplied; `renewAll`: what wears together is renewed
     * together; `perHour` and `visit` are money.
     */
    record HouseRulesWire(
            boolean genuineOnly,
            boolean renewAll,
            String perHour,
            String visit,
            int horizonYears,
            String taxPercent,
            boolean taxIncluded,
            int quoteDays,
            String contact,
            String currency) {}

    /** Rules to change. */
    record HouseRulesChange(
            @MayBeNull Boolean genuineOnly,
            @MayBeNull Boolean renewAll,
            @MayBeNull @Size(max = 20) String perHour,
            @MayBeNull @Size(max = 20) String visit,
            @MayBeNull Integer horizonYears,
            @MayBeNull @Size(max = 10) String taxPercent,
            @MayBeNull Boolean taxIncluded,
            @MayBeNull Integer quoteDays,
            @MayBeNull @Size(max = 200) String contact) {}
}
