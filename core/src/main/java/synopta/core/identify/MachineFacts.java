package synopta.core.identify;

import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import synopta.core.casefile.CaseInput;
import synopta.core.casefile.KnownFact;
import synopta.core.catalog.Appliance;
import synopta.core.catalog.BuildRange;
import synopta.core.catalog.Fuel;
import synopta.core.catalog.Model;
import synopta.core.tag.SerialReading;

/**
 * What is known of the machine besides its signs, each with where it comes from.
 *
 * @param input what was entered
 * @param identified what the machine is
 * @param today the day on which the age is told
 */
public record MachineFacts(CaseInput input, IdentifiedModel identified, LocalDate today) {
    /** A machine may stand in a store so long before it is bought, and ages are told in round years; our judgment. */
    private static final int YEARS_IN_STORE = 3;

    private static final int ROUNDED_YEARS = 1;
    private static final double DAYS_A_YEAR = 365.25;

    public List<KnownFact> known() {
        List<KnownFact> known = new ArrayList<>();
        appliance().ifPresent(known::add);
        fuel().ifPresent(known::add);
        serial().ifPresent(known::add);
        Optional.ofNullable(identified.code())
                .ifPresent(code -> known.add(new KnownFact(
                        "code", "Code %s: %s".formatted(code.code(), code.means()), "caller", code.known() != null)));
        identified
                .parts()
                .forEach(asked -> known.add(new KnownFact(
                        asked.key(),
                        "Requested: %s%s, %s"
                                .formatted(
                                        asked.quantity() > 1 ? asked.quantity() + " x " : "",
                                        asked.part().number(),
                                        asked.part().name()),
                        "caller",
                        true)));
        Optional.ofNullable(identified.ageYears()).map(this::age).ifPresent(known::add);
        return known;
    }

    private KnownFact age(Double years) {
        Optional<String> against = against(years);
        String source = input.ageYears() != null ? "entered" : "caller";
        return new KnownFact(
                "age",
                String.format(
                        Locale.ROOT, "%s years old", years == Math.rint(years) ? "" + years.longValue() : "" + years),
                source + against.map("; "::concat).orElse(""),
                against.isEmpty());
    }

    /** What speaks against an age: the years in which the model, or the machine by its serial number, was built. */
    private Optional<String> against(double years) {
        List<BuildRange> read = Optional.ofNullable(identified.serial())
                .map(SerialReading::built)
                .filter(built -> !built.isEmpty())
                .orElseGet(() -> Optional.ofNullable(identified.model()).map(Model::built).stream()
                        .toList());
        if (read.isEmpty() || read.stream().anyMatch(built -> agrees(built, years))) {
            return Optional.empty();
        }
        String built = read.stream().map(MachineFacts::yearsOf).collect(Collectors.joining(" or "));
        return Optional.of("does not agree with the tag, built %s: ask for both again".formatted(built));
    }

    private boolean agrees(BuildRange built, double years) {
        boolean isTooOld = built.from() != null && years > yearsSince(built.from()) + ROUNDED_YEARS;
        boolean isTooYoung = built.to() != null && years < yearsSince(built.to()) - YEARS_IN_STORE - ROUNDED_YEARS;
        return !isTooOld && !isTooYoung;
    }

    private double yearsSince(LocalDate day) {
        return ChronoUnit.DAYS.between(day, today) / DAYS_A_YEAR;
    }

    private static String yearsOf(BuildRange built) {
        String from = built.from() == null ? "" : "" + built.from().getYear();
        String to = built.to() == null ? "" : "" + built.to().getYear();
        return from.equals(to)
                ? from
                : from.isEmpty() ? "until " + to : to.isEmpty() ? "since " + from : from + " to " + to;
    }

    private Optional<KnownFact> serial() {
        return Optional.ofNullable(identified.serial()).map(reading -> {
            String built = reading.built().stream().map(MachineFacts::span).collect(Collectors.joining(", or "));
            String not = reading.dropped().stream()
                    .map(d -> "" + d.span().from().getYear())
                    .collect(Collectors.joining(" or "));
            String words = Objects.requireNonNullElse(reading.unreadable(), "Built in " + built)
                    + (not.isEmpty() ? "" : "; not %s, when this model was not built".formatted(not));
            return new KnownFact("serial", words, "serial", reading.built().size() == 1);
        });
    }

    /** "March 2017", "the week of 6 March 2017", "2017". */
    private static String span(BuildRange span) {
        LocalDate from = span.from();
        long days = ChronoUnit.DAYS.between(from, span.to()) + 1;
        String pattern = days == 7 ? "'the week of' MMMM d, yyyy" : days > 31 ? "yyyy" : "MMMM yyyy";
        return from.format(DateTimeFormatter.ofPattern(pattern, Locale.ENGLISH));
    }

    private Optional<KnownFact> appliance() {
        if (identified.chosen() != null) {
            String name = identified.chosen().platform().platform();
            return Optional.of(new KnownFact(
                    "platform", "Platform %s".formatted(name), "chosen; the model is not in the catalog", false));
        }
        if (identified.model() != null) {
            return Optional.empty();
        }
        return Optional.ofNullable(input.appliance())
                .map(a -> new KnownFact("appliance", name(a), "entered", true))
                .or(() -> input.excluded().contains("appliance")
                        ? Optional.empty()
                        : Optional.ofNullable(identified.line().appliance())
                                .map(a -> new KnownFact("appliance", name(a), "caller", true)))
                .or(() -> Optional.ofNullable(identified.guessed())
                        .map(a -> new KnownFact(
                                "appliance",
                                name(a),
                                "assumed from the %s: ask"
                                        .formatted(identified.parts().isEmpty() ? "complaint" : "part"),
                                false)));
    }

    private boolean mayBurnGas() {
        return Stream.of(
                        Optional.ofNullable(identified.model()).map(Model::appliance),
                        Optional.ofNullable(identified.chosen())
                                .map(c -> c.platform().appliance()),
                        Optional.ofNullable(input.appliance()),
                        Optional.ofNullable(identified.line().appliance()),
                        Optional.ofNullable(identified.guessed()))
                .flatMap(Optional::stream)
                .findFirst()
                .map(Appliance::mayBurnGas)
                .orElse(false);
    }

    private Optional<KnownFact> fuel() {
        if (!mayBurnGas()) {
            return Optional.empty();
        }
        String words = identified.fuels().size() == Fuel.values().length
                ? "Fuel not known"
                : "Fuel: "
                        + identified.fuels().stream()
                                .sorted()
                                .map(MachineFacts::name)
                                .collect(Collectors.joining(" or "));
        boolean said =
                !input.excluded().contains("fuel") && !identified.line().fuels().isEmpty();
        if (identified.model() != null && identified.model().fuel() != null) {
            boolean agrees = !said || identified.line().fuels().containsAll(identified.fuels());
            return Optional.of(new KnownFact(
                    "fuel", words, agrees ? "tag" : "tag; the caller says otherwise: check the tag", agrees));
        }
        String source =
                input.fuel() != null ? "entered" : said ? "caller" : "ask: electric, natural gas or LP (propane)?";
        return Optional.of(
                new KnownFact("fuel", words, source, identified.fuels().size() == 1));
    }

    private static String name(Appliance appliance) {
        String slug = appliance.slug();
        return slug.substring(0, 1).toUpperCase(Locale.ROOT) + slug.substring(1);
    }

    private static String name(Fuel fuel) {
        return switch (fuel) {
            case ELECTRIC -> "electric";
            case NATURAL_GAS -> "natural gas";
            default -> "LP (propane)";
        };
    }
}
