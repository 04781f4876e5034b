package synopta.server.settings;

import io.swagger.v3.oas.annotations.Hidden;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RestController;
import synopta.server.web.ApiException;
import synopta.server.web.Attachment;
import synopta.server.web.ServerLock;

/** A copy of all that is kept, for the verb of the script, which knows the key from the data folder. */
@Hidden
@RestController
class BackupController {
    private final BackupWriter backups;
    private final ServerLock serving;

    BackupController(BackupWriter backups, ServerLock serving) {
        this.backups = backups;
        this.serving = serving;
    }

    @PostMapping("/api/backup")
    void copy(@RequestHeader(name = ServerLock.HEADER, required = false) String key, HttpServletResponse response)
            throws IOException {
        if (!serving.knows(key)) {
            throw ApiException.notAllowed("Backups are made on the server itself: ./synopta backup --data DIR FILE.");
        }
        Path copy = Files.createTempDirectory("backup").resolve("synopta.zip");
        try {
            backups.write(copy);
            Files.copy(copy, Attachment.of(response, "application/zip", "synopta.zip"));
        } finally {
            Files.deleteIfExists(copy);
            Files.delete(copy.getParent());
        }
    }
}
