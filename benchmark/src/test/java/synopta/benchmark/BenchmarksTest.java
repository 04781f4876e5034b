package synopta.benchmark;

import static org.testng.Assert.assertTrue;

import java.io.ByteArrayOutputStream;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Each benchmark at a tiny size, so that a broken one is seen before somebody needs its figure. */
public class BenchmarksTest {
    private static final Path KNOWLEDGE = Path.of("..", "knowledge");

    @DataProvider
    Object[][] names() {
        return Benchmarks.names().stream().map(name -> new Object[] {name}).toArray(Object[][]::new);
    }

    @Test(dataProvider = "names")
    public void aBenchmarkRunsAndPrintsItsRatio(String name) throws Exception {
        PrintStream before = System.out;
        ByteArrayOutputStream printed = new ByteArrayOutputStream();
        System.setOut(new PrintStream(printed, true, StandardCharsets.UTF_8));
        try {
            Benchmarks.run(name, KNOWLEDGE, Scale.SMOKE);
        } finally {
            System.setOut(before);
        }
        String text = printed.toString(StandardCharsets.UTF_8);
        assertTrue(text.matches("(?s).*ratio[^\\n]* \\d+[.,]\\d+.*"), text);
    }
}
