package synopta.server;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.io.ByteArrayOutputStream;
import java.io.PrintStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.util.Comparator;
import java.util.List;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.concurrent.atomic.AtomicBoolean;
import org.testng.annotations.Test;
import synopta.core.record.CaseRecord;
import synopta.store.Store;

/** A copy while the counters go on serving. */
public class BackupTest extends ServedTest {
    private static final String CASE = "{\"line\":\"th7820w thumps\",\"status\":\"open\"}";

    private static long kept() {
        return post("/api/cases", CASE).body().get("number").asLong();
    }

    @Test
    public void whatWasAnsweredBeforeTheCopyIsInItWholeAndNobodyWaitsForIt() throws Exception {
        List<Long> before = List.of(kept(), kept(), kept());
        List<Long> meanwhile = new CopyOnWriteArrayList<>();
        AtomicBoolean copying = new AtomicBoolean(true);
        Thread counter = new Thread(() -> {
            while (copying.get()) {
                meanwhile.add(kept());
            }
        });
        counter.start();
        Path folder = Files.createTempDirectory("copy");
        Path copy = folder.resolve("copy.zip");
        ByteArrayOutputStream said = new ByteArrayOutputStream();
        assertTrue(CommandLine.copied(data(), copy, new PrintStream(said)), said.toString());
        copying.set(false);
        counter.join();
        assertTrue(CommandLine.restored(copy, folder.resolve("data"), new PrintStream(said)), said.toString());
        try (Store store = Store.inFolder(folder.resolve("data"))) {
            for (long number : before) {
                CaseRecord record = store.cases().find(number).orElseThrow();
                assertEquals(record.content().input().line(), "th7820w thumps");
                assertEquals(store.cases().revisions(number).size(), 1);
            }
            // Of what came meanwhile the copy has the first ones: it is of one moment.
            List<Boolean> has = meanwhile.stream()
                    .map(number -> store.cases().find(number).isPresent())
                    .toList();
            assertEquals(has, has.stream().sorted(Comparator.reverseOrder()).toList());
        }
    }

    @Test
    public void onlyWhoMayReadTheFolderMayHaveItCopied() throws Exception {
        assertEquals(post("/api/backup", "").status(), 403, "a manager's password is not enough");
        Answer wrong = send("POST", "/api/backup", "", "Synopta-Key", "guessed");
        assertEquals(wrong.status(), 403);
        assertTrue(wrong.text("/detail").contains("./synopta backup"));
        assertEquals(
                PosixFilePermissions.toString(Files.getPosixFilePermissions(data().resolve("serving"))), "rw-------");
    }
}
