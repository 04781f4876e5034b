package synopta.core.line;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import synopta.core.catalog.Catalog;
import synopta.core.catalog.NumberNormalizer;
import synopta.core.catalog.Part;

/**
 * Part numbers in a line: up to three words running that are, letter for letter, a part of the catalog and no model,
 * with how many are wanted when that stands before it ("2 x QV-1183"). Cost: two questions to the catalog, and none
 * for a line without a digit.
 */
final class PartNumberFinder {
    private static final int MOST_WORDS = 3;
    private static final int SHORTEST = 4;
    private static final int LONGEST = 60;
    private static final int MOST_TOKENS = 200;
    private static final Pattern TOKEN = Pattern.compile("[\\p{L}\\p{N}]+(?:[/._-][\\p{L}\\p{N}]+)*");
    private static final Pattern COUNT =
            Pattern.compile("(\\d{1,2})\\s*(?:x|×|of|off|pcs)\\s*$", Pattern.CASE_INSENSITIVE);

    private final Catalog catalog;

    PartNumberFinder(Catalog catalog) {
        this.catalog = catalog;
    }

    private record Run(String key, int from, int to) {}

    /** Adds a piece for each, and gives what is asked for. */
    List<RequestedPart> in(String line, List<LineToken> pieces) {
        List<Run> runs = runs(line);
        if (runs.isEmpty()) {
            return List.of();
        }
        List<String> keys = runs.stream().map(Run::key).distinct().toList();
        Map<String, Part> parts = new HashMap<>();
        catalog.partsAmong(keys).forEach(part -> parts.put(part.number().key(), part));
        if (!parts.isEmpty()) {
            catalog.modelsAmong(List.copyOf(parts.keySet()))
                    .forEach(model -> parts.remove(model.number().key()));
        }
        Map<String, RequestedPart> asked = new LinkedHashMap<>();
        int taken = 0;
        for (Run run : runs) {
            Part part = parts.get(run.key);
            if (part != null && run.from >= taken && LineToken.isFree(pieces, run.from, run.to)) {
                Matcher count = COUNT.matcher(line.substring(taken, run.from));
                boolean counted = count.find() && Integer.parseInt(count.group(1)) > 0;
                int from = counted ? taken + count.start() : run.from;
                pieces.add(new LineToken(LineToken.Kind.PART_NUMBER, line.substring(from, run.to), from, run.to));
                asked.putIfAbsent(run.key, new RequestedPart(part, counted ? Integer.parseInt(count.group(1)) : 1));
                taken = run.to;
            }
        }
        return List.copyOf(asked.values());
    }

    /** From left to right, at each word the longest first. */
    private static List<Run> runs(String line) {
        List<int[]> tokens = TOKEN.matcher(line)
                .results()
                .limit(MOST_TOKENS)
                .map(r -> new int[] {r.start(), r.end()})
                .toList();
        List<Run> runs = new ArrayList<>();
        for (int first = 0; first < tokens.size(); first++) {
            for (int last = Math.min(first + MOST_WORDS, tokens.size()) - 1; last >= first; last--) {
                String text = line.substring(tokens.get(first)[0], tokens.get(last)[1]);
                String key = NumberNormalizer.key(text);
                boolean numbered = text.chars().anyMatch(Character::isDigit);
                if (numbered && key.length() >= SHORTEST && key.length() <= LONGEST) {
                    runs.add(new Run(key, tokens.get(first)[0], tokens.get(last)[1]));
                }
            }
        }
        return runs;
    }
}
