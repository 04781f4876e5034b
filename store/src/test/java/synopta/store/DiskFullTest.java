package synopta.store;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;
import static org.testng.Assert.expectThrows;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.concurrent.atomic.AtomicLong;
import org.testng.annotations.Test;
import synopta.core.record.CaseContent;

/** A disk that runs full, and a database that closes itself because of it. */
public class DiskFullTest {
    private static final CaseContent KEPT = StoreTest.content("kept", CaseContent.Status.OPEN);

    @Test
    public void onANearlyFullDiskNothingIsChangedAndAllCanBeLookedUpUntilThereIsRoom() throws IOException {
        AtomicLong left = new AtomicLong(Long.MAX_VALUE);
        Path folder = Files.createTempDirectory("full");
        try (Store store = Store.inFolder(folder, left::get)) {
            long number =
                    store.cases().add(KEPT, StoreTest.STOOD, StoreTest.NOON).number();
            left.set(5_000_000);
            store.cases().find(number);
            UncheckedIOException full = expectThrows(UncheckedIOException.class, () -> {
                // What is left is looked at once a second.
                for (int tries = 0; tries < 100; tries++) {
                    store.cases().add(KEPT, StoreTest.STOOD, StoreTest.NOON);
                    Thread.sleep(50);
                }
            });
            assertTrue(full.getMessage().contains("4 MB are left, and 64 are needed. Nothing was changed"));
            assertEquals(store.cases().find(number).orElseThrow().content(), KEPT);
            left.set(Long.MAX_VALUE);
            store.cases().add(KEPT, StoreTest.STOOD, StoreTest.NOON);
        }
    }

    /** As a write to a full disk does: without a word, and without what a tidy closing writes. */
    @Test
    public void aDatabaseThatClosedItselfIsOpenAgainWithAllThatWasAcknowledged() throws Exception {
        Path folder = Files.createTempDirectory("closed");
        try (Store store = Store.inFolder(folder)) {
            long number =
                    store.cases().add(KEPT, StoreTest.STOOD, StoreTest.NOON).number();
            try (Connection connection = DriverManager.getConnection(new DataFile(folder).url(), "synopta", "");
                    Statement statement = connection.createStatement()) {
                statement.execute("shutdown immediately");
            } catch (SQLException e) {
                // Its own connection is closed as well.
                assertEquals(e.getErrorCode(), 90_098);
            }
            for (int connections = 0; connections < 8; connections++) {
                try {
                    store.cases().find(number);
                } catch (IllegalStateException e) {
                    assertTrue(e.getMessage().contains("closed"), e.getMessage());
                }
            }
            assertEquals(store.cases().find(number).orElseThrow().content(), KEPT);
        }
    }
}
