package synopta.server.record;

import java.time.Clock;
import java.time.ZoneId;
import java.util.List;
import java.util.concurrent.TimeUnit;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;
import synopta.core.account.TrailEntry;
import synopta.core.account.TrailService;
import synopta.core.knowledge.SettingsRepository;
import synopta.core.record.CaseRepository;
import synopta.core.record.RetentionService;

/** Erases names every hour that are not to be kept any longer, and notes it in the trail. */
@Component
class RetentionSchedule {
    private final RetentionService retention;
    private final TrailService trail;

    RetentionSchedule(CaseRepository cases, SettingsRepository settings, TrailService trail, Clock clock) {
        retention = new RetentionService(
                cases, () -> settings.get().access().retentionMonths(), clock.withZone(ZoneId.systemDefault()));
        this.trail = trail;
    }

    @Scheduled(initialDelay = 1, fixedDelay = 60, timeUnit = TimeUnit.MINUTES)
    void eraseDue() {
        List<Long> erased = retention.eraseDue();
        if (!erased.isEmpty()) {
            trail.note(new TrailEntry.Deed(
                    "Synopta",
                    "",
                    "Erase customer data",
                    "%d cases, as long as names are kept".formatted(erased.size())));
        }
    }
}
