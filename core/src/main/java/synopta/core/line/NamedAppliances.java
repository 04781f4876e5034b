package synopta.core.line;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;
import synopta.core.catalog.Appliance;

/**
 * Finds the appliance that a line is about: the first that is named, not denied ("not the dryer") and no mere place ("over
 * the range"), unless a later one corrects it ("no, I mean the dishwasher").
 */
final class NamedAppliances {
    private static final Map<Appliance, Pattern> NAMES = new LinkedHashMap<>();

    static {
        NAMES.put(Appliance.DRYER, LineReader.word("(?:tumble[\\s-]*)?(?:dryer|drier)s?"));
        NAMES.put(Appliance.DISHWASHER, LineReader.word("dish[\\s-]*washers?"));
        NAMES.put(Appliance.MICROWAVE, LineReader.word("micro[\\s-]*waves?|mw"));
        NAMES.put(Appliance.RANGE, LineReader.word("ranges?|ovens?|cookers?|stoves?|hobs?"));
    }

    private static final String ARTICLE = "(?:\\s+(?:the|my|our|his|her|their|a|an|that|this))?\\s+$";
    private static final Pattern DENIED =
            before("(?:not|isn't|wasn't|instead\\s+of|rather\\s+than|never\\s+mind)(?:\\s+(?:for|about|on))?");
    private static final Pattern PLACE =
            before("(?:over|above|under|next\\s+to|beside|behind|near|by|across\\s+from|left\\s+of|right\\s+of)");
    private static final Pattern CORRECTED =
            before("(?:no|wait|i\\s+mean|sorry|actually|scratch\\s+that|make\\s+that)[\\s,.-]*"
                    + "(?:(?:it's|its|i\\s+mean|make\\s+that|for|about|on)\\b)?");

    private NamedAppliances() {}

    private static Pattern before(String words) {
        return Pattern.compile("(?<![\\p{L}\\p{N}])" + words + ARTICLE, Pattern.CASE_INSENSITIVE);
    }

    private record Mention(Appliance appliance, LineToken piece) {
        boolean isAfter(Pattern words, String line) {
            return words.matcher(line.substring(0, piece.from())).find();
        }

        /** Whether it only says where the next one is: "stove microwave". */
        boolean isPartOf(Mention other, String line) {
            return piece.to() <= other.piece.from()
                    && line.substring(piece.to(), other.piece.from()).matches("[\\s-]*")
                    && other.appliance == Appliance.MICROWAVE;
        }
    }

    /** Whether an appliance that parts are sold for is named. */
    static boolean isNamed(String words) {
        return NAMES.values().stream().anyMatch(name -> name.matcher(words).find());
    }

    /** The appliance of a name; null where it is none that parts are sold for. */
    static @Nullable Appliance of(String name) {
        return NAMES.entrySet().stream()
                .filter(e -> e.getValue().matcher(name).matches())
                .map(Map.Entry::getKey)
                .findFirst()
                .orElse(null);
    }

    /** The appliance that is meant, with its piece added; null where none is named. */
    static @Nullable Appliance in(String line, List<LineToken> pieces) {
        Mention meant = meant(line);
        if (meant == null) {
            return null;
        }
        pieces.add(meant.piece);
        return meant.appliance;
    }

    private static @Nullable Mention meant(String line) {
        List<Mention> all = mentions(line);
        List<Mention> told = all.stream()
                .filter(m -> !m.isAfter(DENIED, line) && !m.isAfter(PLACE, line))
                .filter(m -> all.stream().noneMatch(other -> m.isPartOf(other, line)))
                .toList();
        if (told.isEmpty()) {
            return all.stream().findFirst().orElse(null);
        }
        return told.stream()
                .filter(m -> m.isAfter(CORRECTED, line))
                .reduce((earlier, later) -> later)
                .orElse(told.get(0));
    }

    /** All that are named, in the order of the line. */
    private static List<Mention> mentions(String line) {
        List<Mention> mentions = new ArrayList<>();
        NAMES.forEach((appliance, name) -> name.matcher(line)
                .results()
                .forEach(r -> mentions.add(new Mention(
                        appliance, new LineToken(LineToken.Kind.APPLIANCE, r.group(), r.start(), r.end())))));
        mentions.sort(Comparator.comparingInt(m -> m.piece.from()));
        return mentions;
    }
}
