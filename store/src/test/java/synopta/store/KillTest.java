package synopta.store;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import java.io.BufferedReader;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Random;
import org.testng.annotations.Test;
import synopta.core.record.CaseContent;
import synopta.core.record.CaseRecord;

/** What was acknowledged is there, whatever happens to the process. */
public class KillTest {
    private static final CaseContent KEPT = StoreTest.content("kept until killed", CaseContent.Status.OPEN);

    /** Keeps cases until it is killed, and says the number of each once it is kept. */
    public static final class Keeper {
        private Keeper() {}

        public static void main(String... arguments) {
            Store store = Store.inFolder(Path.of(arguments[0]));
            while (true) {
                CaseRecord kept = store.cases().add(KEPT, StoreTest.STOOD, StoreTest.NOON);
                System.out.println(kept.number());
                System.out.flush();
            }
        }
    }

    @Test
    public void whatWasAcknowledgedIsThereAfterTheProcessIsKilled() throws Exception {
        Path killed = Files.createTempDirectory("killed");
        Process keeper = new ProcessBuilder(
                        Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                        "-cp",
                        System.getProperty("surefire.test.class.path", System.getProperty("java.class.path")),
                        Keeper.class.getName(),
                        killed.toString())
                .redirectErrorStream(true)
                .start();
        long last = 0;
        int killedAfter = 1 + new Random().nextInt(100);
        try (BufferedReader said = keeper.inputReader(StandardCharsets.UTF_8)) {
            while (last < killedAfter) {
                String line = said.readLine();
                assertTrue(line != null, "the keeper ended by itself");
                last = line.matches("\\d+") ? Long.parseLong(line) : last;
            }
            keeper.destroyForcibly().waitFor();
        }
        assertFalse(keeper.isAlive());
        try (Store after = Store.inFolder(killed)) {
            for (long number = 1; number <= last; number++) {
                CaseRecord kept = after.cases().find(number).orElseThrow();
                assertEquals(kept.content(), KEPT, "case " + number);
                assertEquals(kept.snapshot(), StoreTest.STOOD, "case " + number);
            }
        }
    }
}
