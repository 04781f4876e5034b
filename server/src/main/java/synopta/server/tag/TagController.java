package synopta.server.tag;

import jakarta.validation.Valid;
import java.time.Clock;
import java.time.LocalDate;
import java.util.Optional;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import synopta.core.catalog.Catalog;
import synopta.core.catalog.ModelNumber;
import synopta.core.tag.LearnedCosts;
import synopta.core.tag.SerialReader;
import synopta.server.TagReaders;

/** Which machine a tag names, and when it was built. */
@RestController
@RequestMapping(path = "/api", produces = MediaType.APPLICATION_JSON_VALUE)
class TagController {
    private final TagReaders readers;
    private final Catalog catalog;
    private final Clock clock;

    TagController(TagReaders readers, Catalog catalog, Clock clock) {
        this.readers = readers;
        this.catalog = catalog;
        this.clock = clock;
    }

    @PostMapping("/tag/read")
    TagWire.TagAnswer read(@Valid @RequestBody TagWire.TagRequest request) {
        return TagWire.TagAnswer.of(readers.get().read(request.query()));
    }

    @GetMapping("/tag/weights")
    LearnedCosts weights() {
        return LearnedCosts.of(readers.confusion(), readers.get().weights());
    }

    @PostMapping("/serial/decode")
    SerialWire.SerialAnswer decode(@Valid @RequestBody SerialWire.SerialRequest request) {
        return SerialWire.SerialAnswer.of(new SerialReader(catalog)
                .read(
                        request.brand(),
                        request.serial(),
                        Optional.ofNullable(request.model())
                                .filter(m -> !m.isBlank())
                                .map(ModelNumber::new)
                                .flatMap(catalog::model)
                                .orElse(null),
                        LocalDate.now(clock)));
    }
}
