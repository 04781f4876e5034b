package synopta.server.settings;

import java.io.IOException;
import java.time.LocalDate;
import java.util.List;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import synopta.server.web.ApiException;
import synopta.server.web.MayBeNull;

/** The backups that are kept, and one more when it is wanted. */
@RestController
@RequestMapping(path = "/api/backups", produces = MediaType.APPLICATION_JSON_VALUE)
class KeptBackupsController {
    private final BackupSchedule schedule;

    KeptBackupsController(BackupSchedule schedule) {
        this.schedule = schedule;
    }

    /** The newest first; each was restored and compared before it was kept. */
    @GetMapping
    BackupsAnswer backups() throws IOException {
        return new BackupsAnswer(
                schedule.folder().toString(),
                schedule.list().stream()
                        .map(kept -> new BackupWire(
                                kept.day(), kept.file().getFileName().toString(), kept.bytes()))
                        .toList(),
                schedule.failure());
    }

    /** Makes the backup of today anew, and answers when it was verified. */
    @PostMapping
    BackupsAnswer make() throws IOException {
        if (!schedule.make()) {
            throw ApiException.conflict("A backup is being made. Wait until it is done.", List.of());
        }
        return backups();
    }

    /** A backup in the folder of backups. */
    record BackupWire(LocalDate day, String file, long bytes) {}

    /** `failure` is that of the last try, null when it went well. */
    record BackupsAnswer(
            String folder,
            List<BackupWire> backups,
            @MayBeNull BackupFailure failure) {}
}
