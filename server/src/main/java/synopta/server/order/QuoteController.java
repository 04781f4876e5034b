package synopta.server.order;

import jakarta.servlet.http.HttpServletResponse;
import jakarta.validation.Valid;
import java.io.IOException;
import java.net.URI;
import java.util.List;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import synopta.core.catalog.PartNumber;
import synopta.core.knowledge.SettingsRepository;
import synopta.core.order.Quote;
import synopta.core.order.QuoteRepository;
import synopta.core.order.QuoteService;
import synopta.formats.order.QuotePdf;
import synopta.formats.order.QuoteTable;
import synopta.server.web.ApiException;
import synopta.server.web.Attachment;

/** Quotes. */
@RestController
@RequestMapping("/api/quotes")
class QuoteController {
    private static final int PAGE = 50;

    private final QuoteService service;
    private final QuoteRepository log;
    private final SettingsRepository settings;
    private final String house;

    QuoteController(
            QuoteService service,
            QuoteRepository log,
            SettingsRepository settings,
            @Value("${synopta.house}") String house) {
        this.service = service;
        this.log = log;
        this.settings = settings;
        this.house = house;
    }

    @PostMapping(produces = MediaType.APPLICATION_JSON_VALUE)
    ResponseEntity<OrderWire.QuoteAnswer> write(@Valid @RequestBody OrderWire.QuoteRequest asked) {
        Quote quote = service.write(
                asked.recipient(),
                asked.lines().stream()
                        .map(l -> new QuoteService.Asked(
                                new PartNumber(l.part()), l.quantity(), !Boolean.FALSE.equals(l.fitChecked())))
                        .toList());
        return ResponseEntity.created(URI.create("/api/quotes/" + quote.number()))
                .body(OrderWire.QuoteAnswer.of(quote, house));
    }

    @GetMapping(produces = MediaType.APPLICATION_JSON_VALUE)
    OrderWire.QuotePage list(@RequestParam(required = false) Long after) {
        List<OrderWire.QuoteAnswer> quotes = log.list(after, PAGE).stream()
                .map(quote -> OrderWire.QuoteAnswer.of(quote, house))
                .toList();
        return new OrderWire.QuotePage(
                quotes,
                quotes.size() < PAGE ? null : quotes.get(PAGE - 1).quote().number());
    }

    @GetMapping(path = "/{number}", produces = MediaType.APPLICATION_JSON_VALUE)
    OrderWire.QuoteAnswer one(@PathVariable long number) {
        return OrderWire.QuoteAnswer.of(found(number), house);
    }

    @GetMapping(path = "/{number}/quote.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    void pdf(@PathVariable long number, HttpServletResponse response) throws IOException {
        Quote quote = found(number);
        new QuotePdf(house, quote, settings.get().region())
                .write(Attachment.of(response, MediaType.APPLICATION_PDF_VALUE, "quote-%d.pdf".formatted(number)));
    }

    @GetMapping(path = "/{number}/quote.csv", produces = "text/csv")
    void csv(@PathVariable long number, HttpServletResponse response) throws IOException {
        QuoteTable.of(found(number)).csv(Attachment.csv(response, "quote-%d".formatted(number)));
    }

    private Quote found(long number) {
        return log.find(number)
                .orElseThrow(() ->
                        ApiException.missing("There is no quote %d. Check the number under Quotes.".formatted(number)));
    }
}
