package synopta.core.record;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import synopta.core.casefile.CaseInput;
import synopta.core.casefile.Customer;
import synopta.core.casefile.Shopping;
import synopta.core.knowledge.Hazard;

/**
 * A field of a case that differs between two of its revisions; an empty text where it was not filled in.
 *
 * @param field its name in the API
 * @param before text before
 * @param after text after
 */
public record FieldChange(String field, String before, String after) {
    /** What is another in the later one, in the order of the fields. */
    public static List<FieldChange> between(CaseContent before, CaseContent after) {
        Map<String, String> then = told(before);
        List<FieldChange> changes = new ArrayList<>();
        told(after).forEach((field, now) -> {
            if (!now.equals(then.get(field))) {
                changes.add(new FieldChange(field, then.get(field), now));
            }
        });
        return changes;
    }

    private static Map<String, String> told(CaseContent content) {
        CaseInput input = content.input();
        Map<String, String> told = new LinkedHashMap<>();
        told.put("line", input.line());
        told.put("complaint", Objects.requireNonNullElse(content.complaint(), ""));
        told.put("model", input.model() == null ? "" : input.model().written());
        told.put("serial", Objects.requireNonNullElse(input.serial(), ""));
        told.put("appliance", input.appliance() == null ? "" : input.appliance().slug());
        told.put("fuel", input.fuel() == null ? "" : input.fuel().slug());
        told.put("ageYears", input.ageYears() != null ? "" + input.ageYears() : "");
        told.put("platform", Objects.requireNonNullElse(input.platform(), ""));
        told.put(
                "rechecked",
                list(input.rechecked().stream()
                        .map(r -> r.position() + " " + (r.character() == null ? "nothing" : r.character()))));
        told.put("inspected", list(input.inspected().stream().sorted()));
        told.put(
                "findings",
                list(input.findings().stream()
                        .map(f -> f.finding() + " " + f.answer() + (f.sure() ? "" : ", perhaps"))));
        told.put(
                "readings",
                list(input.readings().stream()
                        .map(r -> r.test() + " " + r.reading().fold(value -> "" + value, open -> "OL"))));
        overruled(input, told);
        handedOver(content, told);
        return told;
    }

    private static void overruled(CaseInput input, Map<String, String> told) {
        told.put("excluded", list(input.excluded().stream().sorted()));
        told.put("selected", list(input.selected().stream().sorted()));
        told.put("deselected", list(input.deselected().stream().sorted()));
        told.put("person", input.person().slug());
        told.put("adjusted", list(input.shopping().adjusted().stream().map(FieldChange::adjusted)));
    }

    private static void handedOver(CaseContent content, Map<String, String> told) {
        Shopping shopping = content.input().shopping();
        told.put("lines", list(content.lines().stream().map(l -> l.quantity() + " x " + l.part())));
        told.put(
                "cautionsShown",
                list(content.cautionsShown().stream()
                        .sorted(Comparator.naturalOrder())
                        .map(Hazard::slug)));
        told.put("readTo", Objects.requireNonNullElse(content.readTo(), ""));
        told.put("branch", Objects.requireNonNullElse(shopping.branch(), ""));
        told.put("neededInDays", shopping.neededInDays() != null ? "" + shopping.neededInDays() : "");
        told.put("specialist", Objects.requireNonNullElse(content.specialist(), ""));
        told.put("customer", list(who(content.customer())));
        told.put("status", content.status().slug());
    }

    private static String adjusted(Shopping.Adjusted a) {
        return (a.quantity() != null ? a.quantity() + " x " : "")
                + a.part()
                + (a.valueCents() != null ? ", worth " + a.valueCents() + " cents" : "")
                + (a.needed() ? ", needed" : "");
    }

    private static Stream<String> who(Customer customer) {
        return Stream.of(Optional.ofNullable(customer.name()), Optional.ofNullable(customer.phone()))
                .flatMap(Optional::stream);
    }

    private static String list(Stream<String> items) {
        return items.collect(Collectors.joining(", "));
    }
}
