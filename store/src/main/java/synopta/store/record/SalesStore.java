package synopta.store.record;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.List;
import synopta.core.record.SalesRepository;
import synopta.store.jdbc.Jdbc;

/** What sells, from the last revisions of the cases that were handed over. */
public final class SalesStore implements SalesRepository {
    private static final String PARTS = """
            select e.name as number, sum(cast(e.detail as bigint)) as sold
              from counter_case c
              join case_entry e on e.number = c.number and e.revision = c.revision and e.kind = 'line'
             where c.created_at >= ?
               and c.status = 'handed-over'
             group by e.name
             order by sold desc, e.name
             limit ?""";
    private static final String MODELS = """
            select r.model as number, count(*) as sold
              from counter_case c
              join case_revision r on r.number = c.number and r.revision = c.revision
             where c.created_at >= ?
               and c.status = 'handed-over'
               and r.model is not null
             group by r.model
             order by sold desc, r.model
             limit ?""";

    private final Jdbc jdbc;

    /** Reads through this. */
    public SalesStore(Jdbc jdbc) {
        this.jdbc = jdbc;
    }

    @Override
    public List<Sold> parts(Instant since, int most) {
        return jdbc.list(PARTS, SalesStore::sold, since.atOffset(ZoneOffset.UTC), most);
    }

    @Override
    public List<Sold> models(Instant since, int most) {
        return jdbc.list(MODELS, SalesStore::sold, since.atOffset(ZoneOffset.UTC), most);
    }

    private static Sold sold(ResultSet row) throws SQLException {
        return new Sold(row.getString("number"), row.getLong("sold"));
    }
}
