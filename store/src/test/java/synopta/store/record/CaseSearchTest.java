package synopta.store.record;

import static org.testng.Assert.assertEquals;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.Random;
import org.h2.jdbcx.JdbcDataSource;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import synopta.core.record.CaseRepository;
import synopta.core.record.CaseSnapshot;
import synopta.store.SampleCases;
import synopta.store.Store;
import synopta.store.jdbc.Jdbc;

/** Whichever way is taken, a search finds what reading every case would find. */
public class CaseSearchTest {
    private static final int CASES = 500;
    private static final LocalDate FIRST = LocalDate.of(2026, 1, 1);
    private final List<String> lines = new ArrayList<>();
    private final List<LocalDate> days = new ArrayList<>();
    private Jdbc jdbc;

    @BeforeClass
    public void write() throws IOException {
        Path folder = Files.createTempDirectory("search");
        Random random = new Random(6);
        try (Store store = Store.inFolder(folder)) {
            store.together(() -> {
                for (int i = 0; i < CASES; i++) {
                    // Words of all degrees of being common: in half of the cases, down to one in a few hundred.
                    String line = "all w%d w%d w%d".formatted(word(random), word(random), word(random));
                    LocalDate day = FIRST.plusDays(random.nextInt(60));
                    lines.add(line);
                    days.add(day);
                    store.cases().add(SampleCases.bare(line), CaseSnapshot.UNTOLD, noon(day));
                }
            });
        }
        JdbcDataSource source = new JdbcDataSource();
        source.setURL("jdbc:h2:file:%s;DB_CLOSE_DELAY=-1".formatted(folder.resolve("synopta")));
        source.setUser("synopta");
        jdbc = new Jdbc(source, () -> {}, IllegalStateException::new);
    }

    private static int word(Random random) {
        return (int) (300 * Math.pow(random.nextDouble(), 5));
    }

    private static Instant noon(LocalDate day) {
        return day.atTime(12, 0).toInstant(ZoneOffset.UTC);
    }

    /** From all words looked up to none, in large and small steps. */
    @DataProvider(name = "ways")
    Object[][] ways() {
        return new Object[][] {
            {"as it is in a house", CaseSearch.Limits.USUAL},
            {"rare words alone, read soon", new CaseSearch.Limits(60, 10, 40, 16)},
            {"nothing is rare", new CaseSearch.Limits(0, 0, 30, 7)},
            {"the newest are never read first", new CaseSearch.Limits(120, 5, 0, 1)},
        };
    }

    @Test(dataProvider = "ways")
    public void theSamePageIsFound(String way, CaseSearch.Limits limits) {
        CaseSearch search = new CaseSearch(jdbc, limits);
        Random random = new Random(2);
        for (int i = 0; i < 150; i++) {
            String query = (random.nextInt(4) == 0 ? "al " : "") + "w" + word(random)
                    + (random.nextBoolean() ? " w" + word(random) : "");
            Optional<LocalDate> from = random.nextInt(3) == 0 ? Optional.of(FIRST.plusDays(20)) : Optional.empty();
            Optional<LocalDate> to = random.nextInt(3) == 0 ? Optional.of(FIRST.plusDays(40)) : Optional.empty();
            Optional<Long> after = random.nextInt(3) == 0 ? Optional.of(1L + random.nextInt(CASES)) : Optional.empty();
            CaseRepository.Filter filter = new CaseRepository.Filter(
                    query,
                    CaseRepository.Where.ANYWHERE,
                    new CaseRepository.Days(from.orElse(null), to.orElse(null), ZoneOffset.UTC),
                    after.orElse(null),
                    1 + random.nextInt(60));
            assertEquals(search.page(filter), read(filter), way + ": " + filter);
        }
    }

    private List<Long> read(CaseRepository.Filter filter) {
        List<Long> page = new ArrayList<>();
        for (int number = CASES; number > 0 && page.size() < filter.limit(); number--) {
            String text = " " + lines.get(number - 1);
            LocalDate day = days.get(number - 1);
            boolean has = Arrays.stream(filter.text().split(" ")).allMatch(word -> text.contains(" " + word));
            boolean inTime = !day.isBefore(
                            Objects.requireNonNullElse(filter.days().from(), FIRST))
                    && !day.isAfter(Objects.requireNonNullElse(filter.days().to(), day))
                    && number < Objects.requireNonNullElse(filter.after(), Long.MAX_VALUE);
            if (has && inTime) {
                page.add((long) number);
            }
        }
        return page;
    }
}
