package synopta.core.line;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import synopta.core.catalog.Catalog;
import synopta.core.catalog.FuzzyLookup;
import synopta.core.catalog.NumberNormalizer;
import synopta.core.catalog.Part;

/**
 * Words that are spelt as part numbers are and are none: no model either, and none within one slip. They are asked about,
 * never guessed. Cost: one question to the catalog for a word whose letters begin no part number.
 */
final class MisreadPartNumbers {
    private static final Pattern TOKEN = Pattern.compile(
            "(?<![\\p{L}\\p{N}])(\\p{L}{2,3})[\\s-]?(?=\\p{N})[\\p{L}\\p{N}]{3,10}(?:-[\\p{L}\\p{N}]{1,3})?(?![\\p{L}\\p{N}])");
    private static final int MOST = 4;

    private final Catalog catalog;

    MisreadPartNumbers(Catalog catalog) {
        this.catalog = catalog;
    }

    /** Adds a piece for each. */
    List<MisreadPart> in(String line, List<LineToken> pieces) {
        List<MisreadPart> misread = new ArrayList<>();
        Matcher token = TOKEN.matcher(line);
        while (token.find()) {
            String key = NumberNormalizer.key(token.group());
            String letters = NumberNormalizer.key(token.group(1));
            if (LineToken.isFree(pieces, token.start(), token.end()) && isOfParts(letters)) {
                Set<String> slips = FuzzyLookup.slips(key);
                if (isModel(key, slips)) {
                    continue;
                }
                List<Part> closest = catalog.partsAmong(slips);
                if (!closest.isEmpty() || catalog.modelsFrom(letters, 1).isEmpty()) {
                    pieces.add(new LineToken(LineToken.Kind.PART_NUMBER, token.group(), token.start(), token.end()));
                    misread.add(new MisreadPart(token.group(), closest.subList(0, Math.min(MOST, closest.size()))));
                }
            }
        }
        return misread;
    }

    private boolean isOfParts(String letters) {
        return !catalog.partsFrom(letters, 1).isEmpty();
    }

    private boolean isModel(String key, Set<String> slips) {
        Set<String> near = new HashSet<>(slips);
        near.add(key);
        return !catalog.modelsAmong(near).isEmpty();
    }
}
