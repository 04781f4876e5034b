package synopta.core.record;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.function.DoubleFunction;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import synopta.core.casefile.CaseInput;
import synopta.core.quantity.Ohms;
import synopta.core.quantity.Volts;
import synopta.core.quantity.Watts;
import synopta.core.reading.Conditions;
import synopta.core.reading.Reading;

/** A reading as it is kept: its figure or "OL", then what stood beside it, as in `9000.0|celsius 21.0`. */
final class ReadingEntry {
    private static final String OVERLOAD = "OL";

    private ReadingEntry() {}

    static String detail(CaseInput.Measured measured) {
        Conditions beside = measured.beside();
        List<String> items = new ArrayList<>();
        items.add(measured.reading().fold(Double::toString, open -> OVERLOAD));
        add(items, "celsius", beside.celsius());
        add(items, "volts", beside.volts() == null ? null : beside.volts().value());
        add(items, "watts", beside.watts() == null ? null : beside.watts().value());
        add(items, "r25", beside.r25() == null ? null : beside.r25().value());
        add(items, "kind", beside.kind());
        return String.join("|", items);
    }

    private static void add(List<String> items, String name, @Nullable Object value) {
        if (value != null) {
            items.add(name + " " + value);
        }
    }

    static CaseInput.Measured read(CaseField.Entry entry) {
        String[] items = entry.detail().split("\\|");
        Map<String, String> beside = Arrays.stream(items)
                .skip(1)
                .map(item -> item.split(" ", 2))
                .collect(Collectors.toMap(item -> item[0], item -> item[1]));
        return new CaseInput.Measured(
                entry.name(),
                items[0].equals(OVERLOAD) ? new Reading.Overload() : new Reading.Figure(Double.parseDouble(items[0])),
                new Conditions(
                        figure(beside.get("celsius"), value -> value),
                        figure(beside.get("volts"), Volts::new),
                        figure(beside.get("watts"), Watts::new),
                        figure(beside.get("r25"), Ohms::new),
                        beside.get("kind")));
    }

    private static <T> @Nullable T figure(@Nullable String text, DoubleFunction<T> of) {
        return text == null ? null : of.apply(Double.parseDouble(text));
    }
}
