package synopta.core.tag;

import java.time.LocalDate;
import java.time.YearMonth;
import java.time.temporal.IsoFields;
import java.time.temporal.WeekFields;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import java.util.Optional;
import java.util.TreeSet;
import org.jspecify.annotations.Nullable;
import synopta.core.catalog.Brand;
import synopta.core.catalog.BuildRange;
import synopta.core.catalog.Catalog;
import synopta.core.catalog.Model;
import synopta.core.catalog.NumberNormalizer;
import synopta.core.catalog.SerialScheme;

/**
 * Reads the build date off a serial number by its brand's {@link SerialScheme}. A year code that comes back after its
 * cycle gives a span for every round up to today; weeks are those of ISO 8601 (Monday first, week 1 holds 4 January; a
 * year has 52 or 53). Spans that lie after today, or outside the build years of the model, are dropped, and said.
 */
public final class SerialReader {
    private final Catalog catalog;

    /** Reads by the schemes of this catalog. */
    public SerialReader(Catalog catalog) {
        this.catalog = catalog;
    }

    /** Every span of a serial of that brand, as of a day; the model, when known, drops what it was not built in. */
    public SerialReading read(String brandName, String serial, @Nullable Model model, LocalDate today) {
        if (brandName.isBlank()) {
            return SerialReading.not("Ask for the brand: each brand encodes the build date differently.");
        }
        Optional<Brand> brand = catalog.brands().stream()
                .filter(b -> b.brand().equalsIgnoreCase(brandName.strip()))
                .findFirst();
        if (brand.isEmpty()) {
            return SerialReading.not(
                    "Brand %s is not in the catalog. Check the name on the door.".formatted(brandName));
        }
        Optional<SerialScheme> scheme = Optional.ofNullable(brand.get().serialScheme())
                .flatMap(name -> catalog.serialSchemes().stream()
                        .filter(s -> s.scheme().equals(name))
                        .findFirst());
        if (scheme.isEmpty()) {
            return SerialReading.not("The serial scheme of %s is not known. Ask when the machine was bought."
                    .formatted(brand.get().brand()));
        }
        return read(scheme.get(), NumberNormalizer.key(serial), model, today);
    }

    private static SerialReading read(SerialScheme scheme, String key, @Nullable Model model, LocalDate today) {
        String pattern = scheme.pattern();
        Optional<String> slip = slip(pattern, key);
        if (slip.isPresent()) {
            return SerialReading.not(slip.get());
        }
        String yearCode = at(pattern, 'Y', key);
        Integer first = scheme.yearCodes().get(yearCode);
        if (first == null) {
            return SerialReading.not("%s is not a year code (%s). Check character %d."
                    .formatted(
                            yearCode,
                            String.join(" ", new TreeSet<>(scheme.yearCodes().keySet())),
                            pattern.indexOf('Y') + 1));
        }
        String periodCode = at(pattern, 'P', key);
        int period = 0;
        if (!periodCode.isEmpty()) {
            Optional<Integer> counted = period(scheme, periodCode);
            if (counted.isEmpty()) {
                return SerialReading.not("%s is not a %s code. Check character %d."
                        .formatted(periodCode, scheme.period().slug(), pattern.indexOf('P') + 1));
            }
            period = counted.get();
        }
        return spans(scheme, first, period, model, today);
    }

    private static SerialReading spans(
            SerialScheme scheme, int first, int period, @Nullable Model model, LocalDate today) {
        List<BuildRange> built = new ArrayList<>();
        List<SerialReading.Dropped> dropped = new ArrayList<>();
        List<String> impossible = new ArrayList<>();
        int cycle = Objects.requireNonNullElse(scheme.yearCycle(), Integer.MAX_VALUE);
        for (long year = first; year <= today.getYear() + 1L; year += cycle) {
            Optional<BuildRange> span = span(scheme.period(), (int) year, period);
            if (span.isEmpty()) {
                impossible.add("%d has %d ISO weeks".formatted(year, weeks((int) year)));
                continue;
            }
            if (span.get().from().isAfter(today)) {
                continue;
            }
            if (model == null || model.built().meets(span.get())) {
                built.add(0, span.get());
            } else {
                String why = "%s was %s".formatted(model.number(), model.built().words());
                dropped.add(0, new SerialReading.Dropped(span.get(), why));
            }
        }
        String why = built.isEmpty() ? why(dropped, impossible, period) : null;
        return new SerialReading(built, dropped, why);
    }

    private static String why(List<SerialReading.Dropped> dropped, List<String> impossible, int week) {
        if (!dropped.isEmpty()) {
            return "No date of this serial falls within the build years of the model. Check serial and model.";
        }
        return impossible.isEmpty()
                ? "The serial gives a date in the future. Check the serial."
                : "%s, so there is no week %d. Check the serial.".formatted(String.join(", ", impossible), week);
    }

    /** What keeps a key from having the shape of a pattern. */
    private static Optional<String> slip(String pattern, String key) {
        if (key.length() != pattern.length()) {
            return Optional.of("Serial %s has %d letters and digits; this brand uses %d. Check the serial."
                    .formatted(key, key.length(), pattern.length()));
        }
        for (int i = 0; i < key.length(); i++) {
            char sign = pattern.charAt(i);
            boolean digit = Character.isDigit(key.charAt(i));
            if ((sign == 'L' && digit) || (sign == 'N' && !digit)) {
                return Optional.of("Character %d of the serial (%s) must be a %s. Check the serial."
                        .formatted(i + 1, key.charAt(i), sign == 'L' ? "letter" : "digit"));
            }
        }
        return Optional.empty();
    }

    private static String at(String pattern, char sign, String key) {
        int from = pattern.indexOf(sign);
        return from < 0 ? "" : key.substring(from, pattern.lastIndexOf(sign) + 1);
    }

    private static Optional<Integer> period(SerialScheme scheme, String code) {
        if (!scheme.periodCodes().isEmpty()) {
            int index = scheme.periodCodes().indexOf(code);
            return index < 0 ? Optional.empty() : Optional.of(index + 1);
        }
        if (!code.matches("[0-9]{1,3}")) {
            return Optional.empty();
        }
        int counted = Integer.parseInt(code);
        return counted >= 1 && counted <= scheme.period().most() ? Optional.of(counted) : Optional.empty();
    }

    /** The days of a week or month of a year, of the whole year for period 0; none for a week 53 it does not have. */
    private static Optional<BuildRange> span(SerialScheme.Period period, int year, int counted) {
        if (counted == 0) {
            return Optional.of(range(LocalDate.of(year, 1, 1), LocalDate.of(year, 12, 31)));
        }
        if (period == SerialScheme.Period.MONTH) {
            YearMonth month = YearMonth.of(year, counted);
            return Optional.of(range(month.atDay(1), month.atEndOfMonth()));
        }
        if (counted > weeks(year)) {
            return Optional.empty();
        }
        LocalDate monday =
                LocalDate.of(year, 1, 4).with(WeekFields.ISO.dayOfWeek(), 1).plusWeeks(counted - 1L);
        return Optional.of(range(monday, monday.plusDays(6)));
    }

    private static BuildRange range(LocalDate from, LocalDate to) {
        return new BuildRange(from, to);
    }

    private static int weeks(int year) {
        return (int) IsoFields.WEEK_OF_WEEK_BASED_YEAR
                .rangeRefinedBy(LocalDate.of(year, 6, 1))
                .getMaximum();
    }

    private static String ordinal(int place) {
        String end = place % 100 / 10 == 1
                ? "th"
                : place % 10 == 1 ? "st" : place % 10 == 2 ? "nd" : place % 10 == 3 ? "rd" : "th";
        return String.format(Locale.ROOT, "%d%s", place, end);
    }
}
