package synopta.core.catalog;

import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.BiFunction;
import java.util.function.Function;

/**
 * Numbers near what was typed: itself, all one slip away (a character wrong, missing, too many, or two swapped: Damerau
 * 1964), all that begin so, and else those that share the longest beginning. Cost: one question with about 73 keys a
 * character, and one a character for beginnings; nothing is gone through.
 */
public final class FuzzyLookup {
    private static final String CHARACTERS = "ABCDEFGHIJKLMNOPQRSTUVWXYZ0123456789";
    private static final int LONGEST = 40;
    private static final int SHORTEST_BEGINNING = 2;

    private FuzzyLookup() {}

    /** Parts, at most so many, the nearest first. */
    public static List<Part> parts(Catalog catalog, String typed, int most) {
        return near(
                typed,
                most,
                catalog::partsAmong,
                catalog::partsFrom,
                p -> p.number().key());
    }

    /** Models, at most so many, the nearest first. */
    public static List<Model> models(Catalog catalog, String typed, int most) {
        return near(
                typed,
                most,
                catalog::modelsAmong,
                catalog::modelsFrom,
                m -> m.number().key());
    }

    private static <T> List<T> near(
            String typed,
            int most,
            Function<Collection<String>, List<T>> among,
            BiFunction<String, Integer, List<T>> from,
            Function<T, String> key) {
        String wanted = NumberNormalizer.key(typed);
        if (wanted.isEmpty() || wanted.length() > LONGEST) {
            return List.of();
        }
        Map<String, T> found = new LinkedHashMap<>();
        among.apply(List.of(wanted)).forEach(row -> found.put(key.apply(row), row));
        from.apply(wanted, most).forEach(row -> found.putIfAbsent(key.apply(row), row));
        among.apply(slips(wanted)).forEach(row -> found.putIfAbsent(key.apply(row), row));
        for (int length = wanted.length() - 1; length >= SHORTEST_BEGINNING && found.isEmpty(); length--) {
            from.apply(wanted.substring(0, length), most).forEach(row -> found.put(key.apply(row), row));
        }
        return new ArrayList<>(found.values()).subList(0, Math.min(most, found.size()));
    }

    /** Every key one slip away. */
    public static Set<String> slips(String key) {
        Set<String> slips = new LinkedHashSet<>();
        for (int i = 0; i <= key.length(); i++) {
            String before = key.substring(0, i);
            String rest = key.substring(i);
            for (char c : CHARACTERS.toCharArray()) {
                slips.add(before + c + rest);
                if (!rest.isEmpty()) {
                    slips.add(before + c + rest.substring(1));
                }
            }
            if (!rest.isEmpty()) {
                slips.add(before + rest.substring(1));
            }
            if (rest.length() > 1) {
                slips.add(before + rest.charAt(1) + rest.charAt(0) + rest.substring(2));
            }
        }
        slips.remove(key);
        slips.remove("");
        return slips;
    }
}
