package synopta.store.record;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Instant;
import java.time.OffsetDateTime;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import synopta.core.casefile.CaseInput;
import synopta.core.casefile.Customer;
import synopta.core.catalog.Appliance;
import synopta.core.catalog.Fuel;
import synopta.core.catalog.ModelNumber;
import synopta.core.record.CaseContent;
import synopta.core.record.CaseRecord;
import synopta.core.record.CaseSnapshot;

/** One revision of a case as its row says, without the lists that go with it. */
record CaseRow(
        long number,
        Instant createdAt,
        long revision,
        Instant changedAt,
        String status,
        String line,
        @Nullable String complaint,
        @Nullable String model,
        @Nullable String serial,
        @Nullable String appliance,
        @Nullable String fuel,
        @Nullable Double ageYears,
        @Nullable String specialist,
        @Nullable Integer answerSeconds,
        CaseSnapshot snapshot,
        Customer customer,
        @Nullable Long visit) {
    static final String COLUMNS = """
            select r.number, c.created_at, r.revision, r.changed_at, r.status, r.line, r.complaint, r.model, r.serial,
                   r.appliance, r.fuel, r.age_years, r.specialist, r.answer_seconds, r.stood, u.name, u.phone,
                   c.visit
              from counter_case c
              join case_revision r on r.number = c.number
              left join case_customer u on u.number = c.number
            """;

    static CaseRow read(ResultSet row) throws SQLException {
        return new CaseRow(
                row.getLong("number"),
                row.getObject("created_at", OffsetDateTime.class).toInstant(),
                row.getLong("revision"),
                row.getObject("changed_at", OffsetDateTime.class).toInstant(),
                row.getString("status"),
                row.getString("line"),
                row.getString("complaint"),
                row.getString("model"),
                row.getString("serial"),
                row.getString("appliance"),
                row.getString("fuel"),
                row.getObject("age_years", Double.class),
                row.getString("specialist"),
                row.getObject("answer_seconds", Integer.class),
                SnapshotCodec.read(row.getString("stood")),
                new Customer(row.getString("name"), row.getString("phone")),
                row.getObject("visit", Long.class));
    }

    CaseRecord record(CaseItems.Read lists) {
        CaseInput input = CaseInput.of(line)
                .but()
                .model(Optional.ofNullable(model).map(ModelNumber::new).orElse(null))
                .appliance(Optional.ofNullable(appliance).map(Appliance::of).orElse(null))
                .fuel(Optional.ofNullable(fuel).map(Fuel::of).orElse(null))
                .ageYears(ageYears)
                .serial(serial)
                .input();
        CaseContent row = new CaseContent(
                input,
                complaint,
                List.of(),
                Set.of(),
                null,
                specialist,
                customer,
                answerSeconds,
                CaseContent.Status.of(status),
                visit);
        return new CaseRecord(number, createdAt, revision, changedAt, lists.into(row), snapshot);
    }
}
