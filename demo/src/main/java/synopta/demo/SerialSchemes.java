package synopta.demo;

import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import synopta.core.catalog.SerialScheme;

/** How the two invented families write the build date into a serial number. */
final class SerialSchemes {
    /** Two digits of the week, a letter of the year that comes back after twenty, the plant, a running number. */
    static final SerialScheme NORTH =
            new SerialScheme("north", "PPYLNNNNNN", letters(1995), 20, SerialScheme.Period.WEEK, List.of());
    /** A digit of the year, a letter of the month, the plant, a running number: every decade looks alike. */
    static final SerialScheme SOUTH = new SerialScheme(
            "south", "YPLNNNNN", digits(1990), 10, SerialScheme.Period.MONTH, List.of("ABCDEFGHJKLM".split("")));

    static final List<SerialScheme> ALL = List.of(NORTH, SOUTH);

    private SerialSchemes() {}

    static SerialScheme of(String family) {
        return family.equals(PlatformBuilder.NORTH) ? NORTH : SOUTH;
    }

    private static Map<String, Integer> letters(int first) {
        Map<String, Integer> years = new TreeMap<>();
        for (String letter : "ABCDEFGHJKLMNPRSTVWX".split("")) {
            years.put(letter, first + years.size());
        }
        return years;
    }

    private static Map<String, Integer> digits(int first) {
        Map<String, Integer> years = new TreeMap<>();
        for (int i = 0; i < 10; i++) {
            years.put(String.valueOf((first + i) % 10), first + i);
        }
        return years;
    }
}
