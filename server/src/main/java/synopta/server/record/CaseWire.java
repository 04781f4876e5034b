package synopta.server.record;

import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Duration;
import java.time.Instant;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import synopta.core.casefile.CaseInput;
import synopta.core.casefile.Customer;
import synopta.core.catalog.Appliance;
import synopta.core.catalog.Fuel;
import synopta.core.catalog.ModelNumber;
import synopta.core.catalog.PartNumber;
import synopta.core.knowledge.Hazard;
import synopta.core.record.CaseContent;
import synopta.core.record.CaseRecord;
import synopta.server.diagnosis.DiagnosisWire;
import synopta.server.tag.TagWire;
import synopta.server.web.MayBeNull;

/** Wire records of cases. */
public final class CaseWire {
    private CaseWire() {}

    /** A case as it is sent to be worked or kept. */
    public record CaseFields(
            @MayBeNull @Size(max = 2000) String line,
            @MayBeNull @Size(max = 80) String model,
            @MayBeNull @Size(max = 80) String serial,
            @MayBeNull String appliance,
            @MayBeNull String fuel,
            @MayBeNull Double ageYears,
            @MayBeNull @Size(max = 2000) String complaint,
            @MayBeNull @Size(max = 40) List<TagWire.@Valid RecheckWire> rechecked,
            @MayBeNull @Size(max = 200) List<DiagnosisWire.@Valid AnsweredWire> findings,
            @MayBeNull @Size(max = 100) List<DiagnosisWire.@Valid MeasuredWire> readings,
            @MayBeNull @Size(max = 200) List<@NotNull @Size(max = 560) String> excluded,
            @MayBeNull @Size(max = 200) List<@NotNull @Size(max = 120) String> selected,
            @MayBeNull @Size(max = 200) List<@NotNull @Size(max = 120) String> deselected,
            @MayBeNull @Size(max = 80) String platform,
            @MayBeNull @Size(max = 20) List<@NotNull @Size(max = 120) String> inspected,
            @MayBeNull String person,
            @MayBeNull @Size(max = 40) String code,
            @MayBeNull @Size(max = 100) List<ShoppingWire.@Valid AdjustedWire> adjusted,
            @MayBeNull @Size(max = 80) String branch,
            @MayBeNull Integer neededInDays,
            @MayBeNull @Size(max = 200) List<@Valid CaseLineWire> lines,
            @MayBeNull @Size(max = 20) List<@NotNull String> cautionsShown,
            @MayBeNull @Size(max = 120) String readTo,
            @MayBeNull @Size(max = 120) String customer,
            @MayBeNull @Size(max = 120) String customerPhone,
            @MayBeNull @Min(0) @Max(86_400) Integer answerSeconds,
            @MayBeNull String status,
            @MayBeNull Long visit) {
        public CaseInput input() {
            return new CaseInput(
                    spoken(),
                    Optional.ofNullable(model)
                            .filter(m -> !m.isBlank())
                            .map(ModelNumber::new)
                            .orElse(null),
                    Optional.ofNullable(appliance).map(Appliance::of).orElse(null),
                    Optional.ofNullable(fuel).map(Fuel::of).orElse(null),
                    ageYears,
                    TagWire.rechecks(rechecked),
                    DiagnosisWire.answered(findings),
                    DiagnosisWire.measured(readings),
                    set(excluded),
                    set(selected),
                    set(deselected),
                    Optional.ofNullable(serial).filter(s -> !s.isBlank()).orElse(null),
                    Optional.ofNullable(platform).filter(p -> !p.isBlank()).orElse(null),
                    set(inspected),
                    DiagnosisWire.person(person),
                    ShoppingWire.of(adjusted, branch, neededInDays));
        }

        /** The line; without one the complaint is what was said. */
        private String spoken() {
            return DiagnosisWire.withCode(line != null ? line : complaint != null ? complaint : "", code);
        }

        /** @param specialist who keeps it */
        CaseContent content(String specialist) {
            return new CaseContent(
                    input(),
                    complaint,
                    lines == null
                            ? List.of()
                            : lines.stream()
                                    .map(l -> new CaseContent.Line(new PartNumber(l.part()), l.quantity()))
                                    .toList(),
                    set(cautionsShown).stream().map(Hazard::of).collect(Collectors.toSet()),
                    words(readTo).orElse(null),
                    specialist,
                    new Customer(
                            words(customer).orElse(null), words(customerPhone).orElse(null)),
                    answerSeconds,
                    status == null ? CaseContent.Status.OPEN : CaseContent.Status.of(status),
                    visit);
        }

        private static Optional<String> words(String text) {
            return Optional.ofNullable(text).map(String::strip).filter(words -> !words.isEmpty());
        }

        private static Set<String> set(Collection<String> items) {
            return items == null ? Set.of() : Set.copyOf(items);
        }
    }

    /** A case of a visit: what was said and for which machine. */
    public record VisitCase(
            long number, String line, @MayBeNull String model, String status) {
        static VisitCase of(CaseRecord record) {
            CaseContent content = record.content();
            return new VisitCase(
                    record.number(),
                    content.input().line(),
                    Optional.ofNullable(content.input().model())
                            .map(ModelNumber::written)
                            .orElse(null),
                    content.status().slug());
        }
    }

    /** A call that is open: whose parts have not left; `minutes` since it began, by the clock of the server. */
    public record OpenCall(
            long number,
            String line,
            @MayBeNull String model,
            @MayBeNull String customer,
            long minutes) {
        static OpenCall of(CaseRecord record, Instant now) {
            VisitCase named = VisitCase.of(record);
            return new OpenCall(
                    named.number,
                    named.line,
                    named.model,
                    record.content().customer().name(),
                    Duration.between(record.createdAt(), now).toMinutes());
        }
    }

    /** So many sale units of a part. */
    public record CaseLineWire(
            @NotBlank @Size(max = 80) String part, @NotNull Integer quantity) {}

    /** Cases newest first; `next` is the `after` of the next page. */
    public record CasePage(
            List<CaseRecord> cases, @MayBeNull Long next) {}
}
