package synopta.server.settings;

import java.io.IOException;
import java.nio.file.Path;
import java.time.Clock;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import java.util.List;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.locks.ReentrantLock;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;

/** A backup every night, or as soon as the server runs again. One that fails is tried again, and said in Settings. */
@Component
class BackupSchedule {
    private static final Logger LOG = LoggerFactory.getLogger(BackupSchedule.class);
    private static final LocalTime AT_NIGHT = LocalTime.of(2, 0);

    private final KeptBackups backups;
    private final Clock clock;
    private final ReentrantLock making = new ReentrantLock();
    private volatile @Nullable BackupFailure failure;

    BackupSchedule(@Value("${synopta.data}") String data, BackupWriter writer, Clock clock) {
        backups = new KeptBackups(Path.of(data).toAbsolutePath().resolve("backups"), writer);
        this.clock = clock.withZone(ZoneId.systemDefault());
    }

    /** Makes today's backup when the night has come and there is none. */
    @Scheduled(initialDelay = 10, fixedDelay = 10, timeUnit = TimeUnit.MINUTES)
    void makeWhenDue() throws IOException {
        boolean isMade = backups.list().stream().anyMatch(backup -> backup.day().equals(LocalDate.now(clock)));
        if (!isMade && LocalTime.now(clock).isAfter(AT_NIGHT)) {
            make();
        }
    }

    /** Makes one now; false when one is being made already. */
    boolean make() {
        if (!making.tryLock()) {
            return false;
        }
        try {
            backups.make(LocalDate.now(clock));
            failure = null;
        } catch (IOException | RuntimeException e) {
            LOG.warn("No backup could be made", e);
            failure = new BackupFailure(clock.instant(), String.valueOf(e.getMessage()));
        } finally {
            making.unlock();
        }
        return true;
    }

    Path folder() {
        return backups.folder();
    }

    List<KeptBackups.Kept> list() throws IOException {
        return backups.list();
    }

    @Nullable
    BackupFailure failure() {
        return failure;
    }
}
