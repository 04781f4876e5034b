package synopta.server.record;

import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Instant;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.Set;
import java.util.stream.Collectors;
import synopta.core.casefile.CaseInput;
import synopta.core.casefile.Customer;
import synopta.core.catalog.Appliance;
import synopta.core.catalog.Fuel;
import synopta.core.catalog.ModelNumber;
import synopta.core.catalog.PartNumber;
import synopta.core.knowledge.Finding;
import synopta.core.knowledge.Hazard;
import synopta.core.record.CaseContent;
import synopta.core.record.CaseRecord;
import synopta.server.counter.ShoppingWire;
import synopta.server.diagnosis.AnswerWire;
import synopta.server.diagnosis.DiagnosisWire;
import synopta.server.tag.TagWire;
import synopta.server.web.MayBeNull;

/** Wire records of cases. */
public final class CaseWire {
    private CaseWire() {}

    /** A case as it is sent to be worked or kept. */
    public record CaseFields(
            @MayBeNull @Size(max = 20000) String line,
            @MayBeNull @Size(max = 80) String model,
            @MayBeNull @Size(max = 80) String serial,
            @MayBeNull String appliance,
            @MayBeNull String fuel,
            @MayBeNull Double ageYears,
            @MayBeNull @Size(max = 20000) String complaint,
            @MayBeNull @Size(max = 40) List<TagWire.@Valid RecheckWire> rechecked,
            @MayBeNull @Size(max = 200) List<DiagnosisWire.@Valid AnsweredWire> findings,
            @MayBeNull @Size(max = 100) List<DiagnosisWire.@Valid MeasuredWire> readings,
            @MayBeNull @Size(max = 200) List<@NotNull @Size(max = 120) String> excluded,
            @MayBeNull @Size(max = 200) List<@NotNull @Size(max = 120) String> selected,
            @MayBeNull @Size(max = 200) List<@NotNull @Size(max = 120) String> deselected,
            @MayBeNull @Size(max = 80) String platform,
            @MayBeNull @Size(max = 20) List<@NotNull @Size(max = 120) String> inspected,
            @MayBeNull String person,
            @MayBeNull @Size(max = 100) List<ShoppingWire.@Valid AdjustedWire> adjusted,
            @MayBeNull @Size(max = 80) String branch,
            @MayBeNull Integer neededInDays,
            @MayBeNull @Size(max = 200) List<@Valid CaseLineWire> lines,
            @MayBeNull @Size(max = 20) List<@NotNull String> cautionsShown,
            @MayBeNull @Size(max = 120) String readTo,
            @MayBeNull @Size(max = 80) String specialist,
            @MayBeNull @Size(max = 120) String customer,
            @MayBeNull @Size(max = 120) String customerPhone,
            @MayBeNull @Min(0) @Max(86_400) Integer answerSeconds,
            @MayBeNull String status) {
        public CaseInput input() {
            return new CaseInput(
                    spoken(),
                    Optional.ofNullable(model).filter(m -> !m.isBlank()).map(ModelNumber::new),
                    Optional.ofNullable(appliance).map(Appliance::of),
                    Optional.ofNullable(fuel).map(Fuel::of),
                    ageYears == null ? OptionalDouble.empty() : OptionalDouble.of(ageYears),
                    TagWire.rechecks(rechecked),
                    DiagnosisWire.answered(findings),
                    DiagnosisWire.measured(readings),
                    set(excluded),
                    set(selected),
                    set(deselected),
                    Optional.ofNullable(serial).filter(s -> !s.isBlank()),
                    Optional.ofNullable(platform).filter(p -> !p.isBlank()),
                    set(inspected),
                    DiagnosisWire.person(person),
                    ShoppingWire.of(adjusted, branch, neededInDays));
        }

        /** The line; without one the complaint is what was said. */
        private String spoken() {
            return line != null ? line : complaint != null ? complaint : "";
        }

        CaseContent content() {
            return new CaseContent(
                    input(),
                    Optional.ofNullable(complaint),
                    lines == null
                            ? List.of()
                            : lines.stream()
                                    .map(l -> new CaseContent.Line(new PartNumber(l.part()), l.quantity()))
                                    .toList(),
                    set(cautionsShown).stream().map(Hazard::of).collect(Collectors.toSet()),
                    words(readTo),
                    words(specialist),
                    new Customer(words(customer), words(customerPhone)),
                    answerSeconds == null ? OptionalInt.empty() : OptionalInt.of(answerSeconds),
                    status == null ? CaseContent.Status.OPEN : CaseContent.Status.of(status));
        }

        private static Optional<String> words(String text) {
            return Optional.ofNullable(text).map(String::strip).filter(words -> !words.isEmpty());
        }

        private static Set<String> set(Collection<String> items) {
            return items == null ? Set.of() : Set.copyOf(items);
        }

        static CaseFields of(CaseContent content) {
            CaseInput draft = content.input();
            return new CaseFields(
                    draft.line(),
                    draft.model().map(ModelNumber::written).orElse(null),
                    draft.serial().orElse(null),
                    draft.appliance().map(Appliance::slug).orElse(null),
                    draft.fuel().map(Fuel::slug).orElse(null),
                    draft.ageYears().isPresent() ? draft.ageYears().getAsDouble() : null,
                    content.complaint().orElse(null),
                    draft.rechecked().stream().map(TagWire.RecheckWire::of).toList(),
                    draft.findings().stream()
                            .map(DiagnosisWire.AnsweredWire::of)
                            .toList(),
                    draft.readings().stream()
                            .map(DiagnosisWire.MeasuredWire::of)
                            .toList(),
                    draft.excluded().stream().sorted().toList(),
                    draft.selected().stream().sorted().toList(),
                    draft.deselected().stream().sorted().toList(),
                    draft.platform().orElse(null),
                    draft.inspected().stream().sorted().toList(),
                    draft.person().slug(),
                    ShoppingWire.AdjustedWire.of(draft.shopping()),
                    draft.shopping().branch().orElse(null),
                    ShoppingWire.days(draft.shopping()),
                    content.lines().stream()
                            .map(l -> new CaseLineWire(l.part().written(), l.quantity()))
                            .toList(),
                    content.cautionsShown().stream().sorted().map(Hazard::slug).toList(),
                    content.readTo().orElse(null),
                    content.specialist().orElse(null),
                    content.customer().name().orElse(null),
                    content.customer().phone().orElse(null),
                    content.answerSeconds().isPresent()
                            ? content.answerSeconds().getAsInt()
                            : null,
                    content.status().slug());
        }
    }

    /** So many sale units of a part. */
    public record CaseLineWire(
            @NotBlank @Size(max = 80) String part, @NotNull Integer quantity) {}

    /** A case as it is kept. */
    public record CaseAnswer(
            long number,
            Instant createdAt,
            long revision,
            String line,
            @MayBeNull String model,
            @MayBeNull String serial,
            @MayBeNull String appliance,
            @MayBeNull String fuel,
            @MayBeNull Double ageYears,
            @MayBeNull String complaint,
            List<TagWire.RecheckWire> rechecked,
            List<DiagnosisWire.AnsweredWire> findings,
            List<DiagnosisWire.MeasuredWire> readings,
            List<String> excluded,
            List<String> selected,
            List<String> deselected,
            @MayBeNull String platform,
            List<String> inspected,
            Finding.Who person,
            List<ShoppingWire.AdjustedWire> adjusted,
            @MayBeNull String branch,
            @MayBeNull Integer neededInDays,
            List<CaseLineWire> lines,
            List<String> cautionsShown,
            @MayBeNull String readTo,
            @MayBeNull String specialist,
            @MayBeNull String customer,
            @MayBeNull String customerPhone,
            @MayBeNull Integer answerSeconds,
            CaseContent.Status status,
            List<AnswerWire.CautionWire> cautions) {
        static CaseAnswer of(CaseRecord record) {
            CaseFields f = CaseFields.of(record.content());
            return new CaseAnswer(
                    record.number(),
                    record.createdAt(),
                    record.revision(),
                    f.line(),
                    f.model(),
                    f.serial(),
                    f.appliance(),
                    f.fuel(),
                    f.ageYears(),
                    f.complaint(),
                    f.rechecked(),
                    f.findings(),
                    f.readings(),
                    f.excluded(),
                    f.selected(),
                    f.deselected(),
                    f.platform(),
                    f.inspected(),
                    record.content().input().person(),
                    f.adjusted(),
                    f.branch(),
                    f.neededInDays(),
                    f.lines(),
                    f.cautionsShown(),
                    f.readTo(),
                    f.specialist(),
                    f.customer(),
                    f.customerPhone(),
                    f.answerSeconds(),
                    record.content().status(),
                    record.snapshot().cautions().stream()
                            .map(c -> AnswerWire.CautionWire.of(c.hazard(), c.text()))
                            .toList());
        }
    }

    /** Cases newest first; `next` is the `after` of the next page. */
    public record CasePage(
            List<CaseAnswer> cases, @MayBeNull Long next) {}
}
