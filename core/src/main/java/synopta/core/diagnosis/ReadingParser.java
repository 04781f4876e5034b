package synopta.core.diagnosis;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import synopta.core.knowledge.MeterTest;
import synopta.core.knowledge.MeterUnit;
import synopta.core.knowledge.Pack;
import synopta.core.knowledge.Reading;

/**
 * Hears meter readings: a figure and its unit, or "OL", are of the test whose part was named nearest; where none was,
 * or its name has two meanings, the reading waits to be told what it is of. Of several tests of one part the pack's first
 * is the usual one.
 */
final class ReadingParser {
    private static final Pattern FIGURE = Pattern.compile(
            "(?<![\\p{L}\\p{N}.])(?:(?<figure>\\d+(?:\\.\\d+)?)\\s*(?<kilo>k(?:ilo)?[\\s-]*)?(?<unit>%s)|(?<open>OL|O\\.L\\.|reads? open|no reading|no continuity|infinite|infinity)|(?<beep>meter beeps|beeps across|has continuity))(?![\\p{L}\\p{N}])"
                    .formatted(Arrays.stream(MeterUnit.values())
                            .flatMap(u -> u.said().stream())
                            .distinct()
                            .sorted(Comparator.comparingInt(String::length).reversed())
                            .map(Pattern::quote)
                            .collect(Collectors.joining("|"))),
            Pattern.CASE_INSENSITIVE | Pattern.UNICODE_CASE);

    private final Pack pack;

    ReadingParser(Pack pack) {
        this.pack = pack;
    }

    /** Readings that were heard. */
    record Read(List<ParsedComplaint.Measured> measured, List<ParsedComplaint.Unplaced> unplaced) {}

    /** Takes note of the readings before parts' names are listened for. */
    void notice(ComplaintParse ear) {
        FIGURE.matcher(ear.text()).results().forEach(r -> ear.tell(r.start(), r.end()));
    }

    Read read(ComplaintParse ear, List<ParsedComplaint.Named> named) {
        List<ParsedComplaint.Measured> measured = new ArrayList<>();
        List<ParsedComplaint.Unplaced> unplaced = new ArrayList<>();
        Matcher matcher = FIGURE.matcher(ear.text());
        while (matcher.find()) {
            List<MeterTest> tests = tests(matcher, named);
            if (tests.isEmpty()) {
                continue;
            }
            ear.understood(matcher.start(), matcher.end());
            if (tests.size() == 1) {
                measured.add(new ParsedComplaint.Measured(
                        tests.get(0), reading(matcher), matcher.group(), matcher.start(), matcher.end()));
            } else {
                List<String> ids = tests.stream().map(t -> t.finding().id()).toList();
                unplaced.add(new ParsedComplaint.Unplaced(
                        ids, reading(matcher), matcher.group(), matcher.start(), matcher.end()));
            }
        }
        return new Read(measured, unplaced);
    }

    private static Reading reading(Matcher matcher) {
        if (matcher.group("open") != null) {
            return new Reading.Overload();
        }
        if (matcher.group("beep") != null) {
            return new Reading.Figure(0);
        }
        double figure = Double.parseDouble(matcher.group("figure"));
        return new Reading.Figure(matcher.group("kilo") == null ? figure : 1000 * figure);
    }

    /** The tests it may be of: those in the unit, and of the part named nearest where there is one. */
    private List<MeterTest> tests(Matcher matcher, List<ParsedComplaint.Named> named) {
        String unit = matcher.group("unit");
        List<MeterTest> inUnit = pack.tests().stream()
                .filter(t -> unit == null
                        ? t.unit() == MeterUnit.OHM
                        : t.unit().said().stream().anyMatch(unit::equalsIgnoreCase))
                .toList();
        Optional<ParsedComplaint.Named> nearest = named.stream()
                .min(Comparator.comparingInt(
                        n -> Math.min(Math.abs(n.to() - matcher.start()), Math.abs(n.from() - matcher.end()))));
        List<MeterTest> ofPart = inUnit.stream()
                .filter(t ->
                        nearest.stream().anyMatch(n -> partTypes(t).stream().anyMatch(n.partTypes()::contains)))
                .toList();
        boolean one = nearest.map(n -> n.partTypes().size() == 1).orElse(false);
        return ofPart.isEmpty() ? inUnit : one ? ofPart.subList(0, 1) : ofPart;
    }

    private Set<String> partTypes(MeterTest test) {
        return test.finds().stream()
                .flatMap(id -> pack.fault(id).stream())
                .map(f -> f.partType())
                .collect(Collectors.toCollection(TreeSet::new));
    }
}
