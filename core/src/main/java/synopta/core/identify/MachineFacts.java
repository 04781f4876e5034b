package synopta.core.identify;

import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Collectors;
import synopta.core.casefile.CaseInput;
import synopta.core.casefile.KnownFact;
import synopta.core.catalog.Appliance;
import synopta.core.catalog.BuildRange;
import synopta.core.catalog.Fuel;
import synopta.core.catalog.Model;

/** What is known of the machine besides its signs, each with where it comes from. */
public record MachineFacts(CaseInput draft, IdentifiedModel settled) {
    public List<KnownFact> known() {
        List<KnownFact> known = new ArrayList<>();
        appliance().ifPresent(known::add);
        fuel().ifPresent(known::add);
        serial().ifPresent(known::add);
        settled.parts()
                .forEach(asked -> known.add(new KnownFact(
                        asked.key(),
                        "Asked for: %s%s, %s"
                                .formatted(
                                        asked.quantity() > 1 ? asked.quantity() + " x " : "",
                                        asked.part().number(),
                                        asked.part().name()),
                        "caller",
                        true)));
        settled.ageYears()
                .ifPresent(years -> known.add(new KnownFact(
                        "age",
                        String.format(
                                Locale.ROOT,
                                "%s years old",
                                years == Math.rint(years) ? "" + (long) years : "" + years),
                        draft.ageYears().isPresent() ? "asked" : "caller",
                        true)));
        return known;
    }

    private Optional<KnownFact> serial() {
        return settled.serial().map(reading -> {
            String built = reading.built().stream().map(MachineFacts::span).collect(Collectors.joining(", or "));
            String not = reading.dropped().stream()
                    .map(d -> "" + d.span().from().orElseThrow().getYear())
                    .collect(Collectors.joining(" or "));
            String words = reading.unreadable().orElse("Built in " + built)
                    + (not.isEmpty() ? "" : "; not %s, when this model was not made".formatted(not));
            return new KnownFact("serial", words, "serial", reading.built().size() == 1);
        });
    }

    /** "March 2017", "the week of 6 March 2017", "2017". */
    private static String span(BuildRange span) {
        LocalDate from = span.from().orElseThrow();
        long days = ChronoUnit.DAYS.between(from, span.to().orElseThrow()) + 1;
        String pattern = days == 7 ? "'the week of' d MMMM yyyy" : days > 31 ? "yyyy" : "MMMM yyyy";
        return from.format(DateTimeFormatter.ofPattern(pattern, Locale.ENGLISH));
    }

    private Optional<KnownFact> appliance() {
        if (settled.chosen().isPresent()) {
            String name = settled.chosen().get().platform().platform();
            return Optional.of(new KnownFact(
                    "platform", "Construction %s".formatted(name), "chosen; the model is unlisted", false));
        }
        if (settled.model().isPresent()) {
            return Optional.empty();
        }
        return draft.appliance()
                .map(a -> new KnownFact("appliance", name(a), "asked", true))
                .or(() -> draft.struck().contains("appliance")
                        ? Optional.empty()
                        : settled.line().appliance().map(a -> new KnownFact("appliance", name(a), "caller", true)))
                .or(() -> settled.guessed()
                        .map(a -> new KnownFact(
                                "appliance",
                                name(a),
                                "assumed from the %s: ask"
                                        .formatted(settled.parts().isEmpty() ? "complaint" : "part"),
                                false)));
    }

    private Optional<KnownFact> fuel() {
        boolean burns = settled.model()
                .map(Model::appliance)
                .or(() -> settled.chosen().map(c -> c.platform().appliance()))
                .or(draft::appliance)
                .or(settled.line()::appliance)
                .or(settled::guessed)
                .map(Appliance::mayBurnGas)
                .orElse(false);
        if (!burns) {
            return Optional.empty();
        }
        String words = settled.fuels().size() == Fuel.values().length
                ? "Fuel not known"
                : "Fuel: "
                        + settled.fuels().stream()
                                .sorted()
                                .map(MachineFacts::name)
                                .collect(Collectors.joining(" or "));
        boolean said =
                !draft.struck().contains("fuel") && !settled.line().fuels().isEmpty();
        if (settled.model().flatMap(Model::fuel).isPresent()) {
            boolean agrees = !said || settled.line().fuels().containsAll(settled.fuels());
            return Optional.of(new KnownFact(
                    "fuel", words, agrees ? "tag" : "tag; the caller says otherwise: read the tag again", agrees));
        }
        String source = draft.fuel().isPresent() ? "asked" : said ? "caller" : "ask: electric, mains or bottled gas?";
        return Optional.of(new KnownFact("fuel", words, source, settled.fuels().size() == 1));
    }

    private static String name(Appliance appliance) {
        String slug = appliance.slug();
        return slug.substring(0, 1).toUpperCase(Locale.ROOT) + slug.substring(1);
    }

    private static String name(Fuel fuel) {
        return switch (fuel) {
            case ELECTRIC -> "electric";
            case NATURAL_GAS -> "mains gas";
            default -> "bottled gas";
        };
    }
}
