package synopta.core.fit;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;
import synopta.core.catalog.BuildRange;
import synopta.core.catalog.Catalog;
import synopta.core.catalog.Fit;
import synopta.core.catalog.Model;
import synopta.core.catalog.SerialOrder;
import synopta.core.catalog.SerialRange;
import synopta.core.tag.SerialReader;

/**
 * What is known of the one machine that stands there.
 *
 * @param serial as written on the tag
 * @param built every span it may have been built in; none when nothing is known
 */
public record MachineUnit(@Nullable String serial, List<BuildRange> built) {
    /** Nothing is known. */
    public static final MachineUnit NOT_KNOWN = new MachineUnit(null, List.of());

    /** Copies the spans. */
    public MachineUnit {
        serial = Optional.ofNullable(serial).filter(s -> !s.isBlank()).orElse(null);
        built = List.copyOf(built);
    }

    /** Built on that day. */
    public static MachineUnit builtOn(LocalDate day) {
        return NOT_KNOWN.and(day);
    }

    /** A machine of a model with its serial, from which the build date is read as of a day. */
    public static MachineUnit ofSerial(Catalog catalog, Model model, String serial, LocalDate today) {
        MachineUnit bare = new MachineUnit(serial, List.of());
        return bare.serial == null
                ? bare
                : new MachineUnit(
                        bare.serial,
                        new SerialReader(catalog)
                                .read(model.brand(), serial, model, today)
                                .built());
    }

    /** The same machine, known to be built on that day. */
    public MachineUnit and(LocalDate day) {
        return new MachineUnit(serial, List.of(new BuildRange(day, day)));
    }

    /** Whether a row holds whatever is still unknown of the machine. */
    boolean surely(Fit row, Model model, Supplier<SerialOrder> order) {
        return spans(model).stream().allMatch(row.built()::covers) && holds(row, order) == SerialRange.Holds.YES;
    }

    /** Whether a row may hold. */
    boolean perhaps(Fit row, Model model, Supplier<SerialOrder> order) {
        return spans(model).stream().anyMatch(row.built()::meets) && holds(row, order) != SerialRange.Holds.NO;
    }

    private List<BuildRange> spans(Model model) {
        return built.isEmpty() ? List.of(model.built()) : built;
    }

    private SerialRange.Holds holds(Fit row, Supplier<SerialOrder> order) {
        if (row.serials().isOpen()) {
            return SerialRange.Holds.YES;
        }
        return Optional.ofNullable(serial)
                .map(s -> row.serials().holds(s, order.get()))
                .orElse(SerialRange.Holds.CANNOT_TELL);
    }

    /** What would settle a row that may hold: the serial, or the build date. */
    FitVerdict.Missing missing(Fit row, Supplier<SerialOrder> order) {
        return holds(row, order) == SerialRange.Holds.CANNOT_TELL
                ? FitVerdict.Missing.SERIAL
                : FitVerdict.Missing.BUILT;
    }
}
