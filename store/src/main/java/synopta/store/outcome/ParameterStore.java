package synopta.store.outcome;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Instant;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import synopta.core.catalog.Appliance;
import synopta.core.outcome.Interval;
import synopta.core.outcome.ParameterKind;
import synopta.core.outcome.ParameterRepository;
import synopta.core.outcome.Proposal;
import synopta.core.outcome.SupportingCases;
import synopta.store.jdbc.Jdbc;

/** What was learned, in the store. */
public final class ParameterStore implements ParameterRepository {
    private final Jdbc jdbc;

    /** Reads and writes through this. */
    public ParameterStore(Jdbc jdbc) {
        this.jdbc = jdbc;
    }

    private static final String NEXT = """
            select coalesce(max(version), 0) + 1 as next
              from learnt_version""";
    private static final String ADD = """
            insert into learnt_version (version, accepted_at, accepted_by, like_version)
            values (?, ?, ?, ?)""";
    private static final String ADD_FIGURE = """
            insert into learnt_figure (version, place, kind, appliance, subject, words, believed, becomes, low, high, seen,
                                       of_cases, seen_in, not_in, figure, note)
            values (?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?)""";

    @Override
    public synchronized Version add(Instant at, String by, @Nullable Integer like, List<Proposal> figures) {
        return jdbc.inTransaction(() -> {
            int version = jdbc.one(NEXT, row -> row.getInt("next")).orElseThrow();
            jdbc.update(ADD, version, at.atOffset(ZoneOffset.UTC), by, like);
            int[] place = {0};
            jdbc.batch(ADD_FIGURE, figures.stream(), p -> new Object[] {
                version,
                place[0]++,
                p.kind().slug(),
                Optional.ofNullable(p.appliance()).map(Appliance::slug).orElse(null),
                p.subject(),
                p.words(),
                p.before(),
                p.after(),
                p.interval().low(),
                p.interval().high(),
                p.support().seen(),
                p.support().of(),
                numbers(p.support().seenIn()),
                numbers(p.support().others()),
                p.value(),
                p.note()
            });
            return new Version(version, at, by, like, figures);
        });
    }

    private static final String VERSIONS = """
            select version, accepted_at, accepted_by, like_version
              from learnt_version
             order by version""";
    private static final String FIGURES = """
            select version, kind, appliance, subject, words, believed, becomes, low, high, seen, of_cases, seen_in, not_in,
                   figure, note
              from learnt_figure
             order by version, place""";

    @Override
    public List<Version> versions() {
        Map<Integer, List<Proposal>> figures = new HashMap<>();
        jdbc.list(FIGURES, row -> Map.entry(row.getInt("version"), figure(row)))
                .forEach(e -> figures.computeIfAbsent(e.getKey(), v -> new ArrayList<>())
                        .add(e.getValue()));
        return jdbc.list(VERSIONS, row -> {
            int like = row.getInt("like_version");
            Optional<Integer> back = row.wasNull() ? Optional.empty() : Optional.of(like);
            int version = row.getInt("version");
            return new Version(
                    version,
                    row.getObject("accepted_at", OffsetDateTime.class).toInstant(),
                    row.getString("accepted_by"),
                    back.orElse(null),
                    figures.getOrDefault(version, List.of()));
        });
    }

    private static Proposal figure(ResultSet row) throws SQLException {
        return new Proposal(
                ParameterKind.of(row.getString("kind")),
                appliance(row).orElse(null),
                row.getString("subject"),
                row.getString("words"),
                row.getDouble("believed"),
                row.getDouble("becomes"),
                new Interval(row.getDouble("low"), row.getDouble("high")),
                new SupportingCases(
                        row.getInt("seen"),
                        row.getInt("of_cases"),
                        numbers(row.getString("seen_in")),
                        numbers(row.getString("not_in"))),
                row.getDouble("figure"),
                row.getString("note"));
    }

    private static Optional<Appliance> appliance(ResultSet row) throws SQLException {
        return Optional.ofNullable(row.getString("appliance")).map(Appliance::of);
    }

    private static String numbers(List<Long> cases) {
        return cases.stream().map(String::valueOf).collect(Collectors.joining(" "));
    }

    private static List<Long> numbers(String cases) {
        return Stream.of(cases.split(" "))
                .filter(number -> !number.isEmpty())
                .map(Long::valueOf)
                .toList();
    }

    private static final String DECLINE = """
            insert into learnt_declined (declined_at, declined_by, kind, appliance, subject, figure)
            values (?, ?, ?, ?, ?, ?)""";

    @Override
    public void decline(Instant at, String by, List<Proposal> proposals) {
        jdbc.inTransaction(() -> {
            jdbc.batch(DECLINE, proposals.stream(), p -> new Object[] {
                at.atOffset(ZoneOffset.UTC),
                by,
                p.kind().slug(),
                Optional.ofNullable(p.appliance()).map(Appliance::slug).orElse(null),
                p.subject(),
                p.value()
            });
            return by;
        });
    }

    private static final String DECLINED = """
            select declined_at, declined_by, kind, appliance, subject, figure
              from learnt_declined
             order by number""";

    @Override
    public List<Declined> declined() {
        return jdbc.list(
                DECLINED,
                row -> new Declined(
                        new Proposal.Learned(
                                ParameterKind.of(row.getString("kind")),
                                appliance(row).orElse(null),
                                row.getString("subject"),
                                row.getDouble("figure")),
                        row.getObject("declined_at", OffsetDateTime.class).toInstant(),
                        row.getString("declined_by")));
    }
}
