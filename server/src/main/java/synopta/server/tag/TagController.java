package synopta.server.tag;

import jakarta.validation.Valid;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import synopta.core.tag.TagReader;

/** Which machine a tag names. */
@RestController
@RequestMapping(path = "/api/tag", produces = MediaType.APPLICATION_JSON_VALUE)
class TagController {
    private final TagReader reader;

    TagController(TagReader reader) {
        this.reader = reader;
    }

    @PostMapping("/read")
    TagWire.TagAnswer read(@Valid @RequestBody TagWire.TagRequest request) {
        return TagWire.TagAnswer.of(reader.read(request.query()));
    }
}
