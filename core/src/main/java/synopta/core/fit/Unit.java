package synopta.core.fit;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import synopta.core.catalog.BuildRange;
import synopta.core.catalog.Fit;
import synopta.core.catalog.Model;

/**
 * What is known of the one machine that stands there.
 *
 * @param serial as written on the tag
 * @param built every span it may have been built in; none when nothing is known
 */
public record Unit(Optional<String> serial, List<BuildRange> built) {
    /** Nothing is known. */
    public static final Unit NOT_KNOWN = new Unit(Optional.empty(), List.of());

    /** Copies the spans. */
    public Unit {
        built = List.copyOf(built);
    }

    /** Built on that day. */
    public static Unit builtOn(LocalDate day) {
        return new Unit(Optional.empty(), List.of(new BuildRange(Optional.of(day), Optional.of(day))));
    }

    /** Whether a row holds whatever is still unknown of the machine. */
    boolean surely(Fit row, Model model) {
        boolean date = built.isEmpty()
                ? row.built().covers(model.built())
                : built.stream().allMatch(row.built()::covers);
        return date
                && (row.serials().isOpen() || serial.map(row.serials()::holds).orElse(false));
    }

    /** Whether a row may hold. */
    boolean perhaps(Fit row) {
        Predicate<BuildRange> meets = row.built()::meets;
        return (built.isEmpty() || built.stream().anyMatch(meets))
                && serial.map(row.serials()::holds).orElse(true);
    }

    /** What would settle a row that may hold: the serial, or the build date. */
    String missing(Fit row) {
        return serial.isEmpty() && !row.serials().isOpen() ? "serial" : "built";
    }
}
