package synopta.server.account;

import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.List;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import synopta.core.account.TrailEntry;
import synopta.core.account.TrailService;
import synopta.formats.table.TableWriter;
import synopta.server.web.Attachment;

/** The trail, for managers: read, exported and checked. */
@RestController
@RequestMapping("/api/trail")
class TrailController {
    private static final int PAGE = 100;
    private static final List<String> COLUMNS = List.of("number", "at", "who", "terminal", "action", "subject", "hash");

    private final TrailService trail;

    TrailController(TrailService trail) {
        this.trail = trail;
    }

    /** A hundred entries before a number, the newest first. */
    @GetMapping(produces = MediaType.APPLICATION_JSON_VALUE)
    List<TrailEntry> entries(@RequestParam(defaultValue = "9223372036854775807") long before) {
        return trail.before(before, PAGE);
    }

    /** All of it as a table, the first entry first. */
    @GetMapping(path = "/trail.csv", produces = "text/csv")
    void csv(HttpServletResponse response) throws IOException {
        new TableWriter(
                        "trail",
                        COLUMNS,
                        reader -> trail.each(entry -> reader.accept(new String[] {
                            Long.toString(entry.number()),
                            entry.at().toString(),
                            entry.who(),
                            entry.terminal(),
                            entry.action(),
                            entry.subject(),
                            entry.hash()
                        })))
                .csv(Attachment.csv(response, "trail"));
    }

    /** Whether every entry is as it was written; `broken` is the first that is not. */
    @GetMapping(path = "/check", produces = MediaType.APPLICATION_JSON_VALUE)
    SessionWire.TrailAnswer check() {
        return SessionWire.TrailAnswer.of(trail.check());
    }
}
