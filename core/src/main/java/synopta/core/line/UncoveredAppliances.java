package synopta.core.line;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;

/** Appliances that parts are not sold for: a line that begins by speaking of one is not diagnosed. */
public final class UncoveredAppliances {
    private static final Map<String, String> NAMES = new LinkedHashMap<>();

    static {
        NAMES.put("washer", "clothes\\s*washer|wash(?:ing)?\\s*machine|washer(?!\\s*[/&-]?\\s*(?:and\\s+)?dr[yi]er)");
        NAMES.put("refrigerator", "refrigerator|fridge|frig|icebox");
        NAMES.put("freezer", "(?:deep\\s*)?freezer");
        NAMES.put("air-conditioner", "air\\s*-?\\s*condition(?:er|ing)|a/?c(?=\\s+unit)|window\\s+unit|mini\\s*split");
        NAMES.put("water-heater", "(?:hot\\s+)?water\\s+heater|hot\\s+water\\s+tank");
        NAMES.put("garbage-disposal", "(?:garbage\\s+)?disposal|disposer");
        NAMES.put("ice-maker", "ice\\s*maker|ice\\s+machine");
        NAMES.put("trash-compactor", "trash\\s+compactor");
        NAMES.put("furnace", "furnace|boiler|heat\\s+pump");
        NAMES.put("dehumidifier", "dehumidifier");
        NAMES.put("vacuum-cleaner", "vacuum(?:\\s+cleaner)?");
        NAMES.put("range-hood", "(?:range|vent|exhaust)\\s+hood");
        NAMES.put("coffee-maker", "coffee\\s*(?:maker|pot|machine)");
        NAMES.put("toaster", "toaster(?:\\s+oven)?");
    }

    private static final String OWNER = "(?:my|our|her|his|their|(?:the\\s+)?customer'?s|(?:the\\s+)?tenant'?s)";

    /** What may stand before: a greeting, a reason to call, whose it is, and two words on its make. */
    private static final String BEFORE =
            "^\\W*(?:(?:hi|hello|hey|yeah|yes|ok|okay|so|well|um|uh|morning|afternoon|good|there|it's|its|got|have|i"
                    + "|i've|we|we've|calling|about|for|need|help|with|parts?|it|is|do|you|sell|problem|trouble)\\W+)*";

    /** A washer of metal lies, falls or belongs somewhere. */
    private static final String NOT_A_PART =
            "(?!s?\\s+(?:fell|falls|dropped|came|goes|is\\s+missing|between|under|behind|off|on\\s+the|that\\s+goes|from))";

    private static final Map<String, Pattern> ANYONES =
            patterns("(?:(?:%s|the|this|that|an?(?=\\s+\\p{L}+\\s))\\s+)?(?:[\\p{L}]+\\s+){0,2}?".formatted(OWNER));
    private static final Map<String, Pattern> SOMEONES = patterns(OWNER + "\\s+(?:[\\p{L}]+\\s+){0,2}?");

    private UncoveredAppliances() {}

    private static Map<String, Pattern> patterns(String whose) {
        Map<String, Pattern> patterns = new LinkedHashMap<>();
        NAMES.forEach((slug, name) -> patterns.put(
                slug,
                Pattern.compile(
                        BEFORE + whose + "(?<name>" + name + ")(?![\\p{L}\\p{N}])" + NOT_A_PART,
                        Pattern.CASE_INSENSITIVE)));
        return patterns;
    }

    /**
     * The slug of the appliance that a line is about.
     *
     * @param isKnown whether it is known which machine the case is about: then only one that is called someone's own counts
     * @return null when it is about none of them
     */
    public static @Nullable String in(String line, boolean isKnown) {
        for (Map.Entry<String, Pattern> pattern : (isKnown ? SOMEONES : ANYONES).entrySet()) {
            Matcher matcher = pattern.getValue().matcher(line);
            if (matcher.find() && !NamedAppliances.isNamed(line.substring(0, matcher.start("name")))) {
                return pattern.getKey();
            }
        }
        return null;
    }
}
