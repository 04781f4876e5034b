package synopta.core.line;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import synopta.core.catalog.Appliance;
import synopta.core.catalog.Brand;
import synopta.core.catalog.Catalog;
import synopta.core.catalog.Fuel;
import synopta.core.catalog.NumberNormalizer;

/**
 * Sorts a line as it is said ("dg740b2 thumps, no heat, 8 yrs, gas?") into model, serial, brand, appliance, fuel, age and the
 * complaint. A model number is the longest run of neighboring words that hold digits, with short letters before or a
 * single letter behind, at least {@value #SHORTEST_MODEL} characters, and no figure with a unit.
 */
public final class LineReader {
    private static final int SHORTEST_MODEL = 4;

    private static final List<String> NUMBERS = List.of(
            "zero",
            "one",
            "two",
            "three",
            "four",
            "five",
            "six",
            "seven",
            "eight",
            "nine",
            "ten",
            "eleven",
            "twelve",
            "thirteen",
            "fourteen",
            "fifteen",
            "sixteen",
            "seventeen",
            "eighteen",
            "nineteen",
            "twenty");
    private static final Pattern AGE =
            word("(\\d{1,2}(?:\\.\\d)?|%s)[\\s-]*(?:years?|yrs?|y)(?:[\\s-]*olds?)?\\b\\.?(?!\\s*(?:ago|back|later)\\b)"
                    .formatted(String.join("|", NUMBERS)));
    private static final Pattern FIGURE = word(
            "\\d+(?:\\.\\d+)?\\s*(?:ohms?|volts?|amps?|watts?|kw|btus?|psi|gallons?|pounds|lbs?|feet|ft|uf|mfd|microfarads?|percent|%|min(?:ute)?s?|hours?|days?|weeks?|months?|times|inch(?:es)?|mm|cm|degrees?)|\\d{1,3}\\s*[vaw]|\\d{2}[05]0\\s?w|\\d{2,3}\\s*/\\s*\\d{2,3}");
    private static final Pattern TOKEN = Pattern.compile("[\\p{L}\\p{N}]+(?:[/._-][\\p{L}\\p{N}]+)*");
    private static final Set<String> NOT_BEFORE = Set.of(
            "my", "a", "the", "no", "is", "its", "on", "old", "for", "an", "it", "gas", "fan", "and", "in", "to", "at",
            "of", "by");

    private final Optional<Pattern> brands;
    private final PartNumberFinder partNumbers;
    private final MisreadPartNumbers misreadNumbers;
    private final FaultCodeFinder faultCodes;

    /** Reads lines in which the brands and parts of this catalog may be named. */
    public static LineReader of(Catalog catalog) {
        return new LineReader(catalog.brands().stream().map(Brand::brand).toList(), catalog);
    }

    private LineReader(Collection<String> brands, Catalog catalog) {
        partNumbers = new PartNumberFinder(catalog);
        misreadNumbers = new MisreadPartNumbers(catalog);
        faultCodes = new FaultCodeFinder(catalog);
        this.brands = brands.isEmpty()
                ? Optional.empty()
                : Optional.of(word(brands.stream().map(Pattern::quote).collect(Collectors.joining("|"))));
    }

    static Pattern word(String inner) {
        return Pattern.compile(
                "(?<![\\p{L}\\p{N}])(?:%s)(?![\\p{L}\\p{N}])".formatted(inner),
                Pattern.CASE_INSENSITIVE | Pattern.UNICODE_CASE);
    }

    /** Sorts a line. */
    public ParsedLine read(String line) {
        List<LineToken> pieces = new ArrayList<>();
        Optional<String> serial = Optional.ofNullable(LabelledNumbers.serial(line, pieces));
        Optional<String> labelled = Optional.ofNullable(LabelledNumbers.model(line, pieces));
        LabelledNumbers.others(line, pieces);
        BesidesFinder.certain(line, pieces);
        List<RequestedPart> parts = partNumbers.in(line, pieces);
        List<MisreadPart> misread = misreadNumbers.in(line, pieces);
        BesidesFinder.ifNoPart(line, pieces);
        Optional<Double> age = grouped(AGE, LineToken.Kind.AGE, line, pieces).map(LineReader::number);
        Optional<String> brand = brands.flatMap(b -> first(b, LineToken.Kind.BRAND, line, pieces));
        Appliance appliance = NamedAppliances.in(line, pieces);
        Optional<Set<Fuel>> fuels = FuelWords.in(line, pieces);
        String code = faultCodes.in(line, pieces);
        Optional<String> model = labelled.or(() -> spelt(line, pieces));
        return new ParsedLine(
                List.copyOf(pieces),
                model.orElse(null),
                serial.orElse(null),
                brand.orElse(null),
                appliance,
                fuels.orElse(Set.of()),
                age.orElse(null),
                parts,
                misread,
                code,
                complaint(line, pieces));
    }

    /** What is spelt as a model number, with its piece added. */
    private Optional<String> spelt(String line, List<LineToken> pieces) {
        Optional<LineToken> found = model(line, pieces);
        found.ifPresent(pieces::add);
        return found.map(LineToken::text);
    }

    private static String complaint(String line, List<LineToken> pieces) {
        StringBuilder complaint = new StringBuilder(line);
        pieces.stream()
                .filter(p -> p.kind() != LineToken.Kind.FUEL && p.kind() != LineToken.Kind.APPLIANCE)
                .forEach(p -> complaint.replace(p.from(), p.to(), " ".repeat(p.to() - p.from())));
        return complaint.toString();
    }

    private static LineToken piece(LineToken.Kind kind, Matcher matcher) {
        return new LineToken(kind, matcher.group(), matcher.start(), matcher.end());
    }

    private static Optional<String> first(Pattern pattern, LineToken.Kind kind, String line, List<LineToken> pieces) {
        Matcher matcher = pattern.matcher(line);
        if (!matcher.find()) {
            return Optional.empty();
        }
        pieces.add(piece(kind, matcher));
        return Optional.of(matcher.group());
    }

    /** What the pattern's group says where it is first found. */
    private static Optional<String> grouped(Pattern pattern, LineToken.Kind kind, String line, List<LineToken> pieces) {
        Matcher matcher = pattern.matcher(line);
        if (!matcher.find()) {
            return Optional.empty();
        }
        pieces.add(piece(kind, matcher));
        return Optional.of(matcher.group(1));
    }

    private static double number(String text) {
        int word = NUMBERS.indexOf(text.toLowerCase(Locale.ROOT));
        return word >= 0 ? word : Double.parseDouble(text);
    }

    private record Token(String text, int from, int to) {
        boolean hasDigit() {
            return text.chars().anyMatch(Character::isDigit);
        }

        boolean follows(Token before, String line) {
            return line.substring(before.to, from).isBlank();
        }
    }

    /** The last token of a run with digits or single letters that begins with this one. */
    private static int last(List<Token> tokens, int first, String line) {
        int last = first;
        while (last + 1 < tokens.size()
                && tokens.get(last + 1).follows(tokens.get(last), line)
                && (tokens.get(last + 1).hasDigit() || tokens.get(last + 1).text.length() == 1)) {
            last++;
        }
        return last;
    }

    /** Where no model stands: what was taken for something else, a number that is called a part's, figures with a unit. */
    private static List<int[]> closed(String line, List<LineToken> taken) {
        List<int[]> closed =
                taken.stream().map(p -> new int[] {p.from(), p.to()}).collect(Collectors.toList());
        LineToken part = LabelledNumbers.part(line);
        if (part != null) {
            closed.add(new int[] {part.from(), part.to()});
        }
        FIGURE.matcher(line).results().forEach(r -> closed.add(new int[] {r.start(), r.end()}));
        return closed;
    }

    private static Optional<LineToken> model(String line, List<LineToken> taken) {
        List<int[]> closed = closed(line, taken);
        List<Token> tokens = TOKEN.matcher(line)
                .results()
                .map(r -> new Token(r.group(), r.start(), r.end()))
                .filter(t -> closed.stream().noneMatch(c -> t.from < c[1] && c[0] < t.to))
                .toList();
        List<LineToken> runs = new ArrayList<>();
        for (int i = 0; i < tokens.size(); i++) {
            if (!tokens.get(i).hasDigit()) {
                continue;
            }
            int first =
                    i > 0 && isPrefix(tokens.get(i - 1)) && tokens.get(i).follows(tokens.get(i - 1), line) ? i - 1 : i;
            int last = last(tokens, i, line);
            int from = tokens.get(first).from;
            int to = tokens.get(last).to;
            runs.add(new LineToken(LineToken.Kind.MODEL, line.substring(from, to), from, to));
            i = last;
        }
        return runs.stream()
                .filter(run -> NumberNormalizer.key(run.text()).length() >= SHORTEST_MODEL)
                .max(Comparator.comparingInt((LineToken run) ->
                                NumberNormalizer.key(run.text()).length())
                        .thenComparing(run -> -run.from()));
    }

    private static boolean isPrefix(Token token) {
        return token.text.length() <= 3 && !NOT_BEFORE.contains(token.text.toLowerCase(Locale.ROOT));
    }
}
