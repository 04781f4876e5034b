package synopta.core.line;

import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import synopta.core.catalog.Fuel;

/**
 * What a line says of the fuel that a machine burns today. The gas that it is to be converted to says nothing of it: a
 * number that is read as an electric machine's stays one, and is asked about.
 */
final class FuelWords {
    private static final Map<Set<Fuel>, Pattern> FUELS = new LinkedHashMap<>();

    static {
        FUELS.put(EnumSet.of(Fuel.NATURAL_GAS), LineReader.word("natural[\\s-]*gas|mains[\\s-]*gas|town[\\s-]*gas"));
        FUELS.put(EnumSet.of(Fuel.LP), LineReader.word("lpg?|propane|butane|bottled?[\\s-]*gas|lp[\\s-]*gas"));
        FUELS.put(EnumSet.of(Fuel.ELECTRIC), LineReader.word("electric(?:al|ity)?"));
        FUELS.put(EnumSet.of(Fuel.NATURAL_GAS, Fuel.LP), LineReader.word("gas"));
    }

    private static final String EITHER = "(natural|propane|lp|bottled)";
    private static final List<Pattern> FROM = List.of(
            LineReader.word("from " + EITHER),
            LineReader.word(EITHER + "(?: gas)?(?: over)? to (?:natural|propane|lp|bottled)"));
    private static final List<Pattern> TO = List.of(
            LineReader.word("(?:conver|chang|switch|go|set up)\\w*(?: \\w+){0,4}? (?:to|for) " + EITHER),
            LineReader.word(EITHER + "(?: gas)? conversion"));

    private FuelWords() {}

    /** The fuels that a line allows, with the piece that says so; empty where it says nothing. */
    static Optional<Set<Fuel>> in(String line, List<LineToken> pieces) {
        Optional<Set<Fuel>> from = today(line);
        if (from.isPresent()) {
            return from;
        }
        if (TO.stream().anyMatch(to -> to.matcher(line).find())) {
            return Optional.empty();
        }
        for (Map.Entry<Set<Fuel>, Pattern> fuel : FUELS.entrySet()) {
            Matcher said = fuel.getValue().matcher(line);
            if (said.find()) {
                pieces.add(new LineToken(LineToken.Kind.FUEL, said.group(), said.start(), said.end()));
                return Optional.of(fuel.getKey());
            }
        }
        return Optional.empty();
    }

    private static Optional<Set<Fuel>> today(String line) {
        return FROM.stream()
                .map(pattern -> pattern.matcher(line))
                .filter(Matcher::find)
                .map(said -> said.group(1).toLowerCase(Locale.ROOT).equals("natural") ? Fuel.NATURAL_GAS : Fuel.LP)
                .<Set<Fuel>>map(EnumSet::of)
                .findFirst();
    }
}
