package synopta.core.diagnosis;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import synopta.core.knowledge.MeterTest;
import synopta.core.knowledge.Pack;
import synopta.core.reading.Leads;
import synopta.core.reading.MeterUnit;
import synopta.core.reading.PartState;

/**
 * Hears meter readings: a figure with its unit or after a verb of measuring, "OL", "dead short". The part named nearest
 * gives the tests it may be of; among these its unit, the place of the leads ("to the case") and the state ("pressed")
 * choose. A reading without a place is across the part. The first test of a part is never the default: a reading that may
 * still be of several tests waits to be told which.
 */
final class ReadingParser {
    private static final Pattern TO_CASE = Pattern.compile(
            "\\b(?:to|from|against|and)\\s+(?:the\\s+|its\\s+|bare\\s+)*(?:case|casing|ground|earth|chassis|frame|cabinet|body|sheath|metal|housing)\\b",
            Pattern.CASE_INSENSITIVE);

    private static final Pattern PLACE = Pattern.compile(
            TO_CASE.pattern() + "|\\bend\\s+to\\s+end\\b|\\bacross(?:\\s+(?:it|its\\s+terminals))?\\b",
            Pattern.CASE_INSENSITIVE);

    private static final Pattern NOTHING_BETWEEN = Pattern.compile("[\\s,:;-]*");

    /** What is said behind a figure is of it up to here. */
    private static final Pattern NEXT = Pattern.compile("[,.;!?]|\\b(?:and|but|then)\\b", Pattern.CASE_INSENSITIVE);

    private static final Pattern SENTENCE = Pattern.compile("[.;!?](?=\\s|$)");

    private final Pack pack;
    /** Last words of the names of parts that have a test in ohms. */
    private final Set<String> measuredParts;

    ReadingParser(Pack pack) {
        this.pack = pack;
        Set<String> types = pack.tests().stream()
                .filter(t -> t.unit() == MeterUnit.OHM)
                .flatMap(t -> pack.partTypes(t).stream())
                .collect(Collectors.toSet());
        measuredParts = pack.partTypes().stream()
                .filter(t -> types.contains(t.slug()))
                .flatMap(t -> Stream.concat(Stream.of(t.name()), t.called().stream()))
                .map(ReadingParser::lastWord)
                .collect(Collectors.toSet());
    }

    private static String lastWord(String text) {
        String[] words = text.strip().toLowerCase(Locale.ROOT).split("\\s+");
        return words[words.length - 1];
    }

    /** What was said of readings in a text. */
    List<MatchResult> said(String text) {
        return SpokenReading.SAID
                .matcher(text)
                .results()
                .filter(m -> !m.group().matches("\\d+(?:\\.\\d+)?")
                        || Double.parseDouble(m.group()) < SpokenReading.NO_TEMPERATURE
                                && measuredParts.contains(lastWord(text.substring(0, m.start()))))
                .toList();
    }

    /**
     * Readings that were heard.
     *
     * @param parts places of the parts' names that a reading follows at once: they were measured, not asked for
     */
    record Read(List<ParsedComplaint.Measured> measured, List<ParsedComplaint.Unplaced> unplaced, Set<Integer> parts) {}

    /** Takes the words for where the leads went, before signs are listened for. */
    static void takePlaces(ComplaintParse ear, List<MatchResult> said) {
        if (!said.isEmpty()) {
            PLACE.matcher(ear.text()).results().forEach(r -> ear.understood(r.start(), r.end()));
        }
    }

    /** Takes note of the readings before parts' names are listened for. */
    static void notice(ComplaintParse ear, List<MatchResult> said) {
        said.forEach(r -> ear.tell(r.start(), r.end()));
    }

    Read read(ComplaintParse ear, List<MatchResult> said, List<ParsedComplaint.Named> named) {
        List<ParsedComplaint.Measured> measured = new ArrayList<>();
        List<ParsedComplaint.Unplaced> unplaced = new ArrayList<>();
        for (int i = 0; i < said.size(); i++) {
            MatchResult match = said.get(i);
            int after = i == 0 ? 0 : said.get(i - 1).end();
            SpokenReading figure = SpokenReading.of(match);
            List<MeterTest> tests = tests(figure, around(ear.text(), after, match), nearest(match, named));
            if (tests.isEmpty()) {
                continue;
            }
            ear.understood(match.start(), match.end());
            if (tests.size() == 1) {
                measured.add(new ParsedComplaint.Measured(
                        tests.get(0), figure.reading(), match.group(), match.start(), match.end()));
            } else {
                List<String> ids = tests.stream().map(t -> t.finding().id()).toList();
                unplaced.add(
                        new ParsedComplaint.Unplaced(ids, figure.reading(), match.group(), match.start(), match.end()));
            }
        }
        return new Read(measured, unplaced, followed(ear.text(), said, named));
    }

    /** Where the names stand that a reading follows at once. */
    private static Set<Integer> followed(String text, List<MatchResult> said, List<ParsedComplaint.Named> named) {
        return named.stream()
                .filter(n -> said.stream()
                        .anyMatch(m -> m.start() >= n.to()
                                && NOTHING_BETWEEN
                                        .matcher(text.substring(n.to(), m.start()))
                                        .matches()))
                .map(ParsedComplaint.Named::from)
                .collect(Collectors.toSet());
    }

    /** The words about a figure: from the sentence's or the last figure's end, to where something else begins. */
    private static String around(String text, int after, MatchResult match) {
        int from = after;
        for (MatchResult end :
                SENTENCE.matcher(text.substring(after, match.start())).results().toList()) {
            from = after + end.end();
        }
        if (after > 0) {
            Optional<MatchResult> next =
                    NEXT.matcher(text.substring(from, match.start())).results().findFirst();
            from = next.isPresent() ? from + next.get().end() : from;
        }
        String behind = text.substring(match.end());
        int to = NEXT.matcher(behind)
                .results()
                .findFirst()
                .map(MatchResult::start)
                .orElse(behind.length());
        return text.substring(from, match.end() + to);
    }

    private static Optional<ParsedComplaint.Named> nearest(MatchResult match, List<ParsedComplaint.Named> named) {
        return named.stream()
                .min(Comparator.comparingInt(
                        n -> Math.min(Math.abs(n.to() - match.start()), Math.abs(n.from() - match.end()))));
    }

    /** The tests it may be of: those of the part named nearest, by unit, place of the leads and state. */
    private List<MeterTest> tests(SpokenReading figure, String around, Optional<ParsedComplaint.Named> nearest) {
        List<MeterTest> inUnit = pack.tests().stream()
                .filter(t -> figure.unit() == null || t.unit() == figure.unit())
                .toList();
        List<MeterTest> ofPart = inUnit.stream()
                .filter(t -> nearest.stream()
                        .anyMatch(n -> pack.partTypes(t).stream().anyMatch(n.partTypes()::contains)))
                .toList();
        if (nearest.isPresent() && ofPart.isEmpty()) {
            return List.of();
        }
        boolean toCase = TO_CASE.matcher(around).find();
        List<MeterTest> placed = (ofPart.isEmpty() ? inUnit : ofPart)
                .stream()
                        .filter(t -> t.leads().isToCase() == toCase)
                        .filter(t -> figure.unit() != null || !ofPart.isEmpty() || t.unit() == MeterUnit.OHM)
                        .toList();
        List<MeterTest> ofPairs = placed.stream()
                .filter(t -> figure.isPairs() && t.leads().place() == Leads.Place.EACH_PAIR)
                .toList();
        return inState(ofPairs.isEmpty() ? placed : ofPairs, around);
    }

    /** Those in a state that is said; all of them where none is. */
    private static List<MeterTest> inState(List<MeterTest> tests, String around) {
        List<PartState> said = PartState.saidIn(around);
        List<MeterTest> those = tests.stream()
                .filter(t -> t.state() != null && said.contains(t.state()))
                .toList();
        return those.isEmpty() ? tests : those;
    }
}
