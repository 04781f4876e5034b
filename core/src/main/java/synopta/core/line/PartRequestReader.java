package synopta.core.line;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.OptionalInt;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;
import synopta.core.casefile.PartRequest;
import synopta.core.casefile.PartRequest.Place;
import synopta.core.casefile.PartRequest.Source;
import synopta.core.diagnosis.ParsedComplaint;
import synopta.core.knowledge.RequestReason;

/**
 * How a part that is asked for by its name is asked for: how many, which of several, and why. Only words right beside the
 * name count: "front felt and rear rollers" has one place for each.
 */
public final class PartRequestReader {
    private static final Map<String, Place> PLACES = Map.ofEntries(
            Map.entry("front", Place.FRONT),
            Map.entry("rear", Place.REAR),
            Map.entry("back", Place.REAR),
            Map.entry("left", Place.LEFT),
            Map.entry("lefthand", Place.LEFT),
            Map.entry("right", Place.RIGHT),
            Map.entry("righthand", Place.RIGHT),
            Map.entry("upper", Place.UPPER),
            Map.entry("top", Place.UPPER),
            Map.entry("lower", Place.LOWER),
            Map.entry("bottom", Place.LOWER));

    private static final Map<String, Integer> NUMBERS = Map.of(
            "one", 1, "single", 1, "both", 2, "two", 2, "pair", 2, "couple", 2, "three", 3, "four", 4, "five", 5, "six",
            6);

    /** Before a name of two meanings it asks for each of them. */
    public static final String BOTH = "both";

    private static final Set<String> ALL = Set.of("all", "every", "set", "each");

    /** What may stand between a name and what is said of it. */
    private static final Set<String> BETWEEN = Set.of(
            "the", "a", "an", "of", "my", "new", "little", "big", "small", "large", "hand", "side", "ones", "on", "at",
            "in", "for", "only", "just", "x", "and", "drum", "please", "those", "them", "these");

    /** A number before one of these tells no pieces. */
    private static final Pattern UNIT = Pattern.compile(
            "(?:years?|yrs?|months?|weeks?|days?|hours?|minutes?|times?|loads?|cycles?|inch(?:es)?|mm|cm|v|volts?|w|watts?"
                    + "|amps?|ohms?|dollars?|bucks|kids|floors?|f|c|old)");

    private static final Pattern WORD = Pattern.compile("[\\p{L}\\d]+(?:'[\\p{L}]+)?|[,;.:!?&-]");
    private static final Set<String> SIZES = Set.of("small", "large", "big", "little", "smaller", "larger");
    private static final int FEW = 6;
    private static final int MOST = 99;

    private static final Map<RequestReason, Pattern> REASONS = reasons();

    private static final String SAYS =
            "\\b(?:says?|said|told (?:me|us)|thinks?|thought|reckons?|wants?|swears?|diagnosed)\\b";
    private static final Pattern TECHNICIAN = Pattern.compile(
            "\\b(?:tech|technician|repair ?man|repair guy|service ?man|mechanic|electrician|plumber)\\b.*" + SAYS,
            Pattern.CASE_INSENSITIVE);
    private static final Pattern DOUBTED = Pattern.compile(
            "^[^.;]*\\b(?:I don'?t think so|I don'?t (?:believe|buy) (?:it|that)|I doubt (?:it|that)|(?:but )?I'?m not (?:so )?sure"
                    + "|not convinced)\\b",
            Pattern.CASE_INSENSITIVE);

    private static final Pattern SOMEBODY_ELSE = Pattern.compile(
            "\\b(?:husband|wife|brother|sister|son|daughter|dad|father|mom|mother|neighbou?r|friend|buddy|landlord|tenant"
                    + "|boss|guy|somebody|someone|youtube|video|internet|google|forum)\\b.*" + SAYS,
            Pattern.CASE_INSENSITIVE);

    private PartRequestReader() {}

    private static Map<RequestReason, Pattern> reasons() {
        Map<RequestReason, Pattern> reasons = new EnumMap<>(RequestReason.class);
        reasons.put(
                RequestReason.CONVERSION, anyOf("convert\\w*|conversion|(?:from|to) (?:propane|lp|natural|bottled)"));
        reasons.put(
                RequestReason.INSTALLATION, anyOf("install\\w*|hook(?:ing)? up|moved|moving|new house|new apartment"));
        reasons.put(RequestReason.LOST, anyOf("lost|missing|can'?t find|cannot find|disappeared|gone missing|ate it"));
        reasons.put(
                RequestReason.PREVENTIVE,
                anyOf("wears|preventive|while (?:i'?m|you'?re|we'?re) (?:in|at)|just in case|spare|to have on hand"));
        reasons.put(RequestReason.WORN, anyOf("worn|wore|flat spots?|frayed|gone hard|glazed|tired"));
        reasons.put(
                RequestReason.BROKEN,
                anyOf("broke|broken|cracked|snapped|split|busted|torn|burn(?:ed|t) out|shot|melted|chipped|stripped"));
        return reasons;
    }

    private static Pattern anyOf(String words) {
        return Pattern.compile("\\b(?:" + words + ")\\b", Pattern.CASE_INSENSITIVE);
    }

    /** Every part of a complaint that is asked for by its name, in the order it was said; a question about one asks for none. */
    public static List<PartRequest> of(String complaint, ParsedComplaint parsed) {
        return parsed.named().stream()
                .filter(n -> n.how() == ParsedComplaint.Named.How.ASKED)
                .filter(n ->
                        parsed.doubts().stream().noneMatch(doubt -> doubt.from() < n.to() && n.from() < doubt.to()))
                .filter(n -> !PLACES.containsKey(n.phrase().strip().toLowerCase(Locale.ROOT)))
                .filter(n -> !isDoubted(complaint, n))
                .map(n -> of(complaint, n))
                .toList();
    }

    private static PartRequest of(String complaint, ParsedComplaint.Named named) {
        List<String> before = words(complaint.substring(0, named.from()));
        List<String> beside = new ArrayList<>();
        int from = before.size();
        while (from > 0 && before.size() - from < FEW && isBeside(before, from - 1)) {
            from--;
        }
        beside.addAll(before.subList(from, before.size()));
        beside.addAll(words(named.phrase()));
        List<String> behind = words(complaint.substring(named.to()));
        int to = 0;
        while (to < behind.size()
                && to < FEW
                && (isBeside(behind, to) || to == 0 && behind.get(to).equals(","))) {
            to++;
        }
        beside.addAll(behind.subList(0, to));
        Set<Place> places = EnumSet.noneOf(Place.class);
        beside.stream().filter(PLACES::containsKey).map(PLACES::get).forEach(places::add);
        OptionalInt pieces = RequestedQuantity.of(complaint, named.from(), named.to());
        return new PartRequest(
                named.partTypes(),
                pieces.isPresent() ? Integer.valueOf(pieces.getAsInt()) : counted(beside, behind, to),
                beside.stream().anyMatch(ALL::contains) || isPlural(named.phrase()),
                places,
                reason(complaint),
                source(complaint, named.from()),
                (isBoth(before) ? BOTH + " " : "") + named.phrase().strip(),
                null);
    }

    private static boolean isBoth(List<String> before) {
        return !before.isEmpty() && before.get(before.size() - 1).equals(BOTH);
    }

    /** "My husband says belt, I don't think so". */
    private static boolean isDoubted(String complaint, ParsedComplaint.Named named) {
        return source(complaint, named.from()) != Source.CALLER
                && DOUBTED.matcher(complaint.substring(named.to())).find();
    }

    /** Whose word a name is, by what stands before it in its sentence. */
    private static Source source(String complaint, int from) {
        String before = complaint.substring(
                1 + Math.max(complaint.lastIndexOf('.', from), complaint.lastIndexOf(';', from)), from);
        if (TECHNICIAN.matcher(before).find()) {
            return Source.TECHNICIAN;
        }
        return SOMEBODY_ELSE.matcher(before).find() ? Source.SOMEBODY_ELSE : Source.CALLER;
    }

    private static List<String> words(String text) {
        List<String> words = new ArrayList<>();
        Matcher word = WORD.matcher(text.toLowerCase(Locale.ROOT));
        while (word.find()) {
            words.add(word.group());
        }
        return words;
    }

    private static boolean isBeside(List<String> words, int at) {
        String word = words.get(at);
        return PLACES.containsKey(word)
                || BETWEEN.contains(word)
                || ALL.contains(word)
                || number(word) != null
                        && (at + 1 >= words.size()
                                || !UNIT.matcher(words.get(at + 1)).matches());
    }

    private static @Nullable Integer counted(List<String> beside, List<String> behind, int to) {
        boolean isUnit = to < behind.size() && UNIT.matcher(behind.get(to)).matches();
        return isUnit ? null : summed(beside);
    }

    /** The first number, or the sum of those that each have their own size or place: "two small and two large". */
    private static @Nullable Integer summed(List<String> beside) {
        int sum = 0;
        Integer first = null;
        for (int i = 0; i < beside.size(); i++) {
            Integer number = number(beside.get(i));
            if (number != null) {
                first = first == null ? number : first;
                String next = i + 1 < beside.size() ? beside.get(i + 1) : "";
                sum += SIZES.contains(next) || PLACES.containsKey(next) ? number : 0;
            }
        }
        return sum > 0 ? Integer.valueOf(sum) : first;
    }

    private static @Nullable Integer number(String word) {
        if (word.matches("\\d{1,2}")) {
            int number = Integer.parseInt(word);
            return number > 0 && number <= MOST ? number : null;
        }
        return NUMBERS.get(word);
    }

    private static boolean isPlural(String phrase) {
        return phrase.matches("(?i).*[^su']s");
    }

    private static @Nullable RequestReason reason(String complaint) {
        return REASONS.entrySet().stream()
                .filter(reason -> reason.getValue().matcher(complaint).find())
                .map(Map.Entry::getKey)
                .findFirst()
                .orElse(null);
    }
}
