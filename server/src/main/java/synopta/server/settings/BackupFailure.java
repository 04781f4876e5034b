package synopta.server.settings;

import java.time.Instant;

/** The last try at a backup, when it failed. */
record BackupFailure(Instant at, String detail) {}
