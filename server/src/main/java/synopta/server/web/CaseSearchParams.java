package synopta.server.web;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.ZoneOffset;
import java.util.Objects;
import java.util.Optional;
import synopta.core.knowledge.HouseSettings;
import synopta.core.knowledge.Region;
import synopta.core.quantity.Slugged;
import synopta.core.record.CaseQuery;
import synopta.core.record.CaseRepository;

/**
 * Which cases are asked for.
 *
 * @param q words, and a day as it is shown
 * @param where where the words must stand: `anywhere`, `customer` or `served-by`
 * @param from first day
 * @param to last day
 * @param zone time zone of the days; UTC where it is left out
 */
public record CaseSearchParams(
        @MayBeNull String q,
        @MayBeNull String where,
        @MayBeNull LocalDate from,
        @MayBeNull LocalDate to,
        @MayBeNull ZoneId zone) {
    /** The newest of these cases. */
    public CaseRepository.Filter filter(HouseSettings settings, Instant now, int limit) {
        ZoneId at = Objects.requireNonNullElse(zone, ZoneOffset.UTC);
        CaseQuery query = CaseQuery.read(
                Objects.requireNonNullElse(q, ""),
                LocalDate.ofInstant(now, at),
                settings.region().profile() == Region.Profile.METRIC);
        return new CaseRepository.Filter(
                query.words(),
                where == null ? CaseRepository.Where.ANYWHERE : Slugged.of(CaseRepository.Where.class, "Where", where),
                new CaseRepository.Days(
                        Optional.ofNullable(from).orElse(query.day()),
                        Optional.ofNullable(to).orElse(query.day()),
                        at),
                null,
                limit);
    }
}
