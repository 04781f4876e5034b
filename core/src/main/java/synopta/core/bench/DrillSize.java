package synopta.core.bench;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * A twist drill by number or letter, and its diameter in inches: ASME B94.11M, from memory. Its own type, so that a
 * number of a drill is never taken for a diameter.
 *
 * @param name number or letter of the drill
 * @param inches diameter, in
 */
public record DrillSize(String name, double inches) {
    /** No. 80 to No. 1, in ten-thousandths of an inch. */
    private static final int[] NUMBERS = {
        135, 145, 160, 180, 200, 210, 225, 240, 250, 260, 280, 292, 310, 320, 330, 350, 360, 370, 380, 390, 400, 410,
        420, 430, 465, 520, 550, 595, 635, 670, 700, 730, 760, 785, 810, 820, 860, 890, 935, 960, 980, 995, 1015, 1040,
        1065, 1100, 1110, 1130, 1160, 1200, 1285, 1360, 1405, 1440, 1470, 1495, 1520, 1540, 1570, 1590, 1610, 1660,
        1695, 1730, 1770, 1800, 1820, 1850, 1890, 1910, 1935, 1960, 1990, 2010, 2040, 2055, 2090, 2130, 2210, 2280
    };

    /** A to Z, in thousandths of an inch. */
    private static final int[] LETTERS = {
        234, 238, 242, 246, 250, 257, 261, 266, 272, 277, 281, 290, 295, 302, 316, 323, 332, 339, 348, 358, 368, 377,
        386, 397, 404, 413
    };

    private static final List<DrillSize> ALL = all();

    private static List<DrillSize> all() {
        List<DrillSize> sizes = new ArrayList<>();
        for (int i = 0; i < NUMBERS.length; i++) {
            sizes.add(new DrillSize(String.valueOf(NUMBERS.length - i), NUMBERS[i] / 10_000.0));
        }
        for (int i = 0; i < LETTERS.length; i++) {
            sizes.add(new DrillSize(String.valueOf((char) ('A' + i)), LETTERS[i] / 1000.0));
        }
        return List.copyOf(sizes);
    }

    /** The drill of a number or letter, as `54` or `A`. */
    public static DrillSize of(String name) {
        return ALL.stream()
                .filter(d -> d.name.equalsIgnoreCase(name.trim()))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException(
                        "Drill size (%s) is not known. Use 80 to 1 or A to Z.".formatted(name)));
    }

    /** The largest drill that is not larger than a diameter; nothing when even No. 80 is. */
    public static Optional<DrillSize> notLargerThan(double inches) {
        return ALL.stream()
                .filter(d -> d.inches <= inches * (1 + 1e-12))
                .max(Comparator.comparingDouble(DrillSize::inches));
    }
}
