package synopta.core.order;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import synopta.core.catalog.Catalog;
import synopta.core.catalog.ModelNumber;
import synopta.core.catalog.Part;
import synopta.core.catalog.PartNumber;
import synopta.core.knowledge.HouseSettings;
import synopta.core.quantity.Money;

/** Writes quotes at the prices of today and by the rules of the house. */
public final class QuoteService {
    private final Catalog catalog;
    private final QuoteRepository log;
    private final Supplier<HouseSettings> rules;
    private final Clock clock;
    private final Supplier<String> currency;

    /** Writes into this log; days are those of the clock in UTC. */
    public QuoteService(
            Catalog catalog,
            QuoteRepository log,
            Supplier<HouseSettings> rules,
            Clock clock,
            Supplier<String> currency) {
        this.catalog = catalog;
        this.log = log;
        this.rules = rules;
        this.clock = clock;
        this.currency = currency;
    }

    /**
     * What is to be quoted.
     *
     * @param part number of the part
     * @param quantity pieces, at least 1
     * @param fitChecked whether it is known to fit
     */
    public record Asked(PartNumber part, int quantity, boolean fitChecked) {}

    /**
     * For whom a quote is.
     *
     * @param branch name of the branch
     * @param customer name of the customer; null when not named
     * @param caseNumber the case it is written for; null when there is none
     * @param models machines it is for; one that is not in the catalog is named by its number
     */
    public record Recipient(
            String branch,
            @Nullable String customer,
            @Nullable Long caseNumber,
            List<ModelNumber> models) {}

    /** Writes and keeps a quote; refuses a part that is unknown or has no price. */
    public Quote write(Recipient recipient, List<Asked> asked) {
        HouseSettings house = rules.get();
        Money goods = new Money(0, currency.get());
        List<Quote.Line> lines = new ArrayList<>();
        for (Asked line : asked) {
            Quote.Line written = line(line);
            lines.add(written);
            goods = goods.plus(written.price());
        }
        Instant now = clock.instant();
        LocalDate until = LocalDate.ofInstant(now, ZoneOffset.UTC).plusDays(house.quoteDays());
        QuoteTotals sum = QuoteTotals.of(goods, house.taxPercent(), house.taxIncluded());
        return log.add(new Quote(
                0,
                now,
                until,
                recipient.branch,
                Optional.ofNullable(recipient.customer)
                        .map(String::strip)
                        .filter(c -> !c.isEmpty())
                        .orElse(null),
                recipient.caseNumber,
                machine(recipient.models),
                house.contacts().of(recipient.branch),
                house.quoteTerms(),
                lines,
                sum));
    }

    private @Nullable String machine(List<ModelNumber> models) {
        return models.isEmpty()
                ? null
                : models.stream()
                        .map(number -> catalog.model(number)
                                .map(m -> "%s %s, %s"
                                        .formatted(
                                                m.brand(),
                                                m.number().written(),
                                                m.appliance().slug()))
                                .orElse(number.written()))
                        .collect(Collectors.joining("; "));
    }

    private Quote.Line line(Asked asked) {
        Part part = catalog.part(asked.part)
                .orElseThrow(() -> new IllegalArgumentException(
                        "Part (%s) is not in the catalog. Check the number, or look it up by model."
                                .formatted(asked.part)));
        Money price = catalog.price(asked.part)
                .orElseThrow(() -> new IllegalArgumentException(
                        "Part (%s) has no price and cannot be quoted. Import a price, or quote its replacement."
                                .formatted(asked.part)));
        return new Quote.Line(part.number(), part.name(), asked.quantity, price, asked.fitChecked);
    }
}
