package synopta.server.diagnosis;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import org.jspecify.annotations.Nullable;
import synopta.core.casefile.CaseInput;
import synopta.core.catalog.Appliance;
import synopta.core.catalog.Fuel;
import synopta.core.catalog.ModelNumber;
import synopta.core.knowledge.Finding;
import synopta.core.reading.Conditions;
import synopta.core.reading.Reading;
import synopta.server.web.ApiException;
import synopta.server.web.MayBeNull;
import synopta.server.web.ReadingConditions;

/** Wire records of the diagnosis. */
public final class DiagnosisWire {
    private DiagnosisWire() {}

    /** What is known of a case. */
    public record DiagnosisRequest(
            @MayBeNull @Size(max = 80) String model,
            @MayBeNull String appliance,
            @MayBeNull String fuel,
            @MayBeNull Double ageYears,
            @MayBeNull @Size(max = 2000) String complaint,
            @MayBeNull @Size(max = 200) List<@Valid AnsweredWire> findings,
            @MayBeNull @Size(max = 100) List<@Valid MeasuredWire> readings,
            @MayBeNull String person,
            @MayBeNull @Size(max = 40) String code) {
        CaseInput input() {
            return CaseInput.of(withCode(complaint == null ? "" : complaint, code))
                    .but()
                    .model(model == null ? null : new ModelNumber(model))
                    .appliance(appliance == null ? null : Appliance.of(appliance))
                    .fuel(fuel == null ? null : Fuel.of(fuel))
                    .ageYears(ageYears)
                    .findings(answered(findings))
                    .readings(measured(readings))
                    .person(DiagnosisWire.person(person))
                    .input();
        }
    }

    /** The line with a code that was sent beside it. */
    public static String withCode(String line, @Nullable String code) {
        return code == null || code.isBlank() ? line : "%s, code %s".formatted(line, code.strip());
    }

    /** Who would find out what is asked next; a technician unless it is said. */
    public static Finding.Who person(String slug) {
        return slug == null ? Finding.Who.TECHNICIAN : Finding.Who.of(slug);
    }

    /** The core's form of answers; none when the field is missing. */
    public static List<CaseInput.Answered> answered(List<AnsweredWire> findings) {
        return findings == null
                ? List.of()
                : findings.stream().map(AnsweredWire::answered).toList();
    }

    /** The core's form of readings; none when the field is missing. */
    public static List<CaseInput.Measured> measured(List<MeasuredWire> readings) {
        return readings == null
                ? List.of()
                : readings.stream().map(MeasuredWire::measured).toList();
    }

    /** An answer to a finding; `sure` is false for an "I think so", `said` the words that were taken to say so. */
    public record AnsweredWire(
            @NotNull @Size(max = 100) String finding,
            @NotNull @Size(max = 40) String answer,
            @MayBeNull Boolean sure,
            @MayBeNull @Size(max = 400) String said) {
        private CaseInput.Answered answered() {
            return new CaseInput.Answered(finding, answer, sure == null || sure, said);
        }
    }

    /** A meter's reading: a number in the test's unit, or "OL", and what it is judged by. */
    public record MeasuredWire(
            @NotNull @Size(max = 100) String test,

            @NotNull @io.swagger.v3.oas.annotations.media.Schema(oneOf = {Double.class, String.class})
            Object value,

            @MayBeNull Double celsius,
            @MayBeNull Double volts,
            @MayBeNull Double watts,
            @MayBeNull Double r25Ohms,
            @MayBeNull @Size(max = 40) String kind) {
        private CaseInput.Measured measured() {
            Conditions beside = ReadingConditions.of(celsius, volts, watts, r25Ohms, kind);
            if (value instanceof Number number) {
                return new CaseInput.Measured(test, new Reading.Figure(number.doubleValue()), beside);
            }
            if ("OL".equals(value)) {
                return new CaseInput.Measured(test, new Reading.Overload(), beside);
            }
            throw ApiException.impossible(
                    "readings.value", "Reading (%s) of %s must be a number or \"OL\".".formatted(value, test));
        }
    }
}
