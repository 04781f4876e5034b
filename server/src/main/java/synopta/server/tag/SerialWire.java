package synopta.server.tag;

import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.List;
import synopta.core.catalog.BuildRange;
import synopta.core.tag.SerialReading;
import synopta.server.web.MayBeNull;

/** Wire records of reading a serial number. */
public final class SerialWire {
    private SerialWire() {}

    /** A serial of a brand; the model, when known, drops spans it was not built in. */
    public record SerialRequest(
            @NotNull @Size(max = 80) String brand,
            @NotNull @Size(max = 80) String serial,
            @MayBeNull @Size(max = 80) String model) {}

    /** Every span the code allows, newest first; what was dropped, and why; or why it cannot be read. */
    public record SerialAnswer(
            List<SpanWire> built,
            List<DroppedWire> dropped,
            @MayBeNull String unreadable) {
        /** The wire form of a reading. */
        public static SerialAnswer of(SerialReading reading) {
            return new SerialAnswer(
                    reading.built().stream().map(SpanWire::of).toList(),
                    reading.dropped().stream()
                            .map(d -> new DroppedWire(d.span().from(), d.span().to(), d.why()))
                            .toList(),
                    reading.unreadable());
        }
    }

    /** From day to day, both counted. */
    public record SpanWire(LocalDate from, LocalDate to) {
        static SpanWire of(BuildRange span) {
            return new SpanWire(span.from(), span.to());
        }
    }

    /** A span that cannot be. */
    public record DroppedWire(LocalDate from, LocalDate to, String why) {}
}
