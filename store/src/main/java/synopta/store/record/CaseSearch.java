package synopta.store.record;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.time.ZoneId;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.BitSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.Collectors;
import synopta.core.record.CaseRepository;
import synopta.store.jdbc.Jdbc;

/**
 * Finds cases by their words, newest first. A word that few cases have is looked up. Words that many have are mostly met
 * soon, so the newest cases are read for them; where that does not fill the page, the rarest word is looked up after all.
 */
final class CaseSearch {
    /**
     * Up to where which way is the quicker; what is found is the same.
     *
     * @param many a word that more cases have than this is not looked up
     * @param few so few are read for the other words rather than looked up for each
     * @param newest so many cases are read before words that many cases have are looked up
     * @param atOnce so many are read at once
     */
    record Limits(int many, int few, int newest, int atOnce) {
        static final Limits USUAL = new Limits(20_000, 2_000, 1_000, 250);
    }

    /** Beginnings of words that were found in too many cases to be looked up: cases only get more. */
    private final Set<String> common = ConcurrentHashMap.newKeySet();

    private final Jdbc jdbc;
    private final Limits limits;

    CaseSearch(Jdbc jdbc, Limits limits) {
        this.jdbc = jdbc;
        this.limits = limits;
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

    private static final String NOT_INDEXED = """
            select c.number, c.searched
              from counter_case c
             where not exists (select 1
                                 from case_word w
                                where w.number = c.number)""";

    /** Indexes cases of before there was an index; how many. */
    int indexWhatIsNot() {
        Map<Long, String> texts =
                jdbc.list(NOT_INDEXED, row -> Map.entry(row.getLong("number"), row.getString("searched"))).stream()
                        .collect(Collectors.toMap(Map.Entry::getKey, Map.Entry::getValue));
        texts.forEach((number, text) -> index(number, CaseIndex.of(number + " " + text)));
        return texts.size();
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
            if (common.contains(word)) {
                continue;
            }
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
            } else if (most == limits.many) {
                common.add(word);
            }
        }
        return all;
    }

    private record Found(long number, String text) {}

    /** The numbers of a page. */
    List<Long> page(CaseRepository.Filter filter) {
        Asked asked =
                new Asked(CaseIndex.Asked.of(filter.text()), filter.where(), Span.of(filter.days()), filter.limit());
        long below = Objects.requireNonNullElse(filter.after(), Long.MAX_VALUE);
        Optional<Having> few = having(asked.words.words(), limits.few);
        if (few.isPresent()) {
            return lookedUp(few.get(), asked, below);
        }
        List<Long> newest = goneThrough(asked, below, limits.newest);
        if (newest.size() == filter.limit()) {
            return newest;
        }
        return having(asked.words.words(), limits.many)
                .map(having -> lookedUp(having, asked, below))
                .orElseGet(() -> goneThrough(asked, below, Integer.MAX_VALUE));
    }

    /** From the first to before the second. */
    private record Span(OffsetDateTime from, OffsetDateTime to) {
        static Span of(CaseRepository.Days days) {
            return new Span(
                    startOf(Objects.requireNonNullElse(days.from(), LocalDate.of(1970, 1, 1)), days.zone()),
                    startOf(
                            Objects.requireNonNullElse(days.to(), LocalDate.of(9998, 12, 30))
                                    .plusDays(1),
                            days.zone()));
        }

        private static OffsetDateTime startOf(LocalDate day, ZoneId zone) {
            return day.atStartOfDay(zone).toInstant().atOffset(ZoneOffset.UTC);
        }
    }

    /** The words, the text of a case in which they must stand, and how much of what is found is wanted. */
    private record Asked(CaseIndex.Asked words, CaseRepository.Where where, Span span, int limit) {
        /** The same without words that a case is known to have somewhere: anywhere is then enough. */
        Asked without(List<String> met) {
            return where == CaseRepository.Where.ANYWHERE ? new Asked(words.without(met), where, span, limit) : this;
        }

        /** A query that reads this text, with two places for the days and one for what is behind them. */
        String reading(String query) {
            return query.formatted(
                    switch (where) {
                        case ANYWHERE -> "c.searched";
                        case CUSTOMER -> CUSTOMER;
                        case SERVED_BY -> SERVED_BY;
                    });
        }
    }

    private static final String CUSTOMER = """
            (select lower(concat(k.name, ' ', k.phone))
               from case_customer k
              where k.number = c.number)""";

    private static final String SERVED_BY = """
            (select lower(r.specialist)
               from case_revision r
              where r.number = c.number
                and r.revision = c.revision)""";

    private static final String THESE = """
            select c.number, %s as said
              from counter_case c
             where c.number = any(?)
               and c.created_at >= ?
               and c.created_at < ?
             order by c.number desc""";

    private List<Long> lookedUp(Having having, Asked all, long below) {
        BitSet among = having.cases;
        int limit = all.limit;
        Asked asked = all.without(having.words);
        List<Long> page = new ArrayList<>();
        int next = among.previousSetBit((int) Math.min(Math.max(0, below - 1), among.length()));
        while (next >= 0 && page.size() < limit) {
            List<Long> batch = new ArrayList<>();
            for (; next >= 0 && batch.size() < limits.atOnce; next = next == 0 ? -1 : among.previousSetBit(next - 1)) {
                batch.add((long) next);
            }
            take(
                    page,
                    asked,
                    jdbc.list(
                            asked.reading(THESE),
                            CaseSearch::found,
                            batch.toArray(Long[]::new),
                            asked.span.from,
                            asked.span.to));
        }
        return page;
    }

    private static final String NEXT = """
            select c.number, %s as said
              from counter_case c
             where c.created_at >= ?
               and c.created_at < ?
               and c.number < ?
             order by c.number desc
             limit ?""";

    private List<Long> goneThrough(Asked asked, long below, int most) {
        List<Long> page = new ArrayList<>();
        long next = below;
        int read = 0;
        List<Found> batch;
        do {
            batch = jdbc.list(
                    asked.reading(NEXT), CaseSearch::found, asked.span.from, asked.span.to, next, limits.atOnce);
            read += batch.size();
            take(page, asked, batch);
            next = batch.isEmpty() ? next : batch.get(batch.size() - 1).number;
        } while (page.size() < asked.limit && read < most && batch.size() == limits.atOnce);
        return page;
    }

    private static Found found(ResultSet row) throws SQLException {
        return new Found(row.getLong("number"), Objects.requireNonNullElse(row.getString("said"), ""));
    }

    private static void take(List<Long> page, Asked asked, List<Found> batch) {
        for (Found found : batch) {
            if (page.size() < asked.limit && asked.words.isIn(found.text)) {
                page.add(found.number);
            }
        }
    }
}
