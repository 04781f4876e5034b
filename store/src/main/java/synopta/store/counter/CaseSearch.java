package synopta.store.counter;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.BitSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import synopta.core.counter.CaseLog;
import synopta.store.jdbc.Jdbc;

/**
 * Finds cases by their words, newest first. A word that few cases have is looked up; one that many have is met soon anyway,
 * so the cases are gone through from the newest, and read for it.
 */
final class CaseSearch {
    /** A word that more cases have than this is not looked up. */
    private static final int MANY = 20_000;

    /** So few are read for the other words rather than looked up for each. */
    private static final int FEW = 2_000;

    private static final int AT_ONCE = 250;

    private final Jdbc jdbc;

    CaseSearch(Jdbc jdbc) {
        this.jdbc = jdbc;
    }

    private static final String FORGET = """
            delete from case_word
             where number = ?""";

    private static final String LEARN = """
            insert into case_word (word, number)
            values (?, ?)""";

    /** From now on a case is found by these words alone. */
    void index(long number, Set<String> words) {
        jdbc.update(FORGET, number);
        jdbc.batch(LEARN, words.stream(), word -> new Object[] {word, number});
    }

    private static final String HAVING = """
            select number
              from case_word
             where word >= ?
               and word < ?
             limit ?""";

    /** Cases that have some of the words asked for, and which words those are. */
    private record Having(BitSet cases, List<String> words) {}

    /** The cases that have every word that no more than so many have; empty where all words have more. */
    private Optional<Having> having(List<String> words, int most) {
        Optional<Having> all = Optional.empty();
        for (String word : words) {
            List<Integer> numbers =
                    jdbc.list(HAVING, row -> (int) row.getLong("number"), word, word + Character.MAX_VALUE, most + 1);
            if (numbers.size() <= most) {
                BitSet cases = new BitSet();
                numbers.forEach(cases::set);
                List<String> met = new ArrayList<>(List.of(word));
                all.ifPresent(before -> {
                    cases.and(before.cases);
                    met.addAll(before.words);
                });
                all = Optional.of(new Having(cases, met));
            }
        }
        return all;
    }

    private record Found(long number, String text) {}

    /** The numbers of a page. */
    List<Long> page(CaseLog.Filter filter) {
        CaseWords.Asked asked = CaseWords.Asked.of(filter.text().orElse(""));
        OffsetDateTime from = startOf(filter.from().orElse(LocalDate.of(1970, 1, 1)));
        OffsetDateTime to =
                startOf(filter.to().orElse(LocalDate.of(9998, 12, 30)).plusDays(1));
        Optional<Having> having = having(asked.words(), FEW).or(() -> having(asked.words(), MANY));
        long below = filter.after().orElse(Long.MAX_VALUE);
        return having.isPresent()
                ? lookedUp(having.get().cases, asked.without(having.get().words), from, to, below, filter.limit())
                : goneThrough(asked, from, to, below, filter.limit());
    }

    private static final String THESE = """
            select number, searched
              from counter_case
             where number = any(?)
               and created_at >= ?
               and created_at < ?
             order by number desc""";

    private List<Long> lookedUp(
            BitSet among, CaseWords.Asked asked, OffsetDateTime from, OffsetDateTime to, long below, int limit) {
        List<Long> page = new ArrayList<>();
        int next = among.previousSetBit((int) Math.min(Math.max(0, below - 1), among.length()));
        while (next >= 0 && page.size() < limit) {
            List<Long> batch = new ArrayList<>();
            for (; next >= 0 && batch.size() < AT_ONCE; next = next == 0 ? -1 : among.previousSetBit(next - 1)) {
                batch.add((long) next);
            }
            take(page, limit, asked, jdbc.list(THESE, CaseSearch::found, batch.toArray(Long[]::new), from, to));
        }
        return page;
    }

    private static final String NEXT = """
            select number, searched
              from counter_case
             where created_at >= ?
               and created_at < ?
               and number < ?
             order by number desc
             limit ?""";

    private List<Long> goneThrough(
            CaseWords.Asked asked, OffsetDateTime from, OffsetDateTime to, long below, int limit) {
        List<Long> page = new ArrayList<>();
        long next = below;
        List<Found> batch;
        do {
            batch = jdbc.list(NEXT, CaseSearch::found, from, to, next, AT_ONCE);
            take(page, limit, asked, batch);
            next = batch.isEmpty() ? next : batch.get(batch.size() - 1).number;
        } while (page.size() < limit && batch.size() == AT_ONCE);
        return page;
    }

    private static Found found(ResultSet row) throws SQLException {
        return new Found(row.getLong("number"), row.getString("searched"));
    }

    private static void take(List<Long> page, int limit, CaseWords.Asked asked, List<Found> batch) {
        for (Found found : batch) {
            if (page.size() < limit && asked.isIn(found.text)) {
                page.add(found.number);
            }
        }
    }

    private static OffsetDateTime startOf(LocalDate day) {
        return day.atStartOfDay().atOffset(ZoneOffset.UTC);
    }
}
