package synopta.core.reading;

import java.util.Arrays;
import java.util.List;
import java.util.stream.Collectors;
import synopta.core.quantity.Slugged;

/** A unit that a meter or a rule reads, with the words by which people say it. */
public enum MeterUnit implements Slugged {
    OHM("Ω", "ohm", "ohms", "r", "Ω", "Ω"),
    VOLT("V", "volt", "volts", "v"),
    AMPERE("A", "amp", "amps", "ampere", "amperes"),
    MILLIVOLT("mV", "millivolt", "millivolts", "mv"),
    MICROFARAD("µF", "microfarad", "microfarads", "uf", "µf"),
    MILLIMETER("mm", "mm", "millimeter", "millimeters", "millimetre", "millimetres"),
    CELSIUS("°C", "celsius", "°c");

    private final String symbol;
    private final List<String> said;

    MeterUnit(String symbol, String... said) {
        this.symbol = symbol;
        this.said = List.of(said);
    }

    /** The sign of the packs and the API. */
    public String symbol() {
        return symbol;
    }

    /** Lower-case words for the unit. */
    public List<String> said() {
        return said;
    }

    /** The unit of a word by which people say it. */
    public static MeterUnit said(String word) {
        return Arrays.stream(values())
                .filter(u -> u.said.stream().anyMatch(word::equalsIgnoreCase))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("Unit (%s) is not known.".formatted(word)));
    }

    /** The unit of a sign; another is refused with those that are known. */
    public static MeterUnit of(String symbol) {
        return Arrays.stream(values())
                .filter(u -> u.symbol.equals(symbol))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("Unit (%s) must be one of %s."
                        .formatted(
                                symbol,
                                Arrays.stream(values()).map(MeterUnit::symbol).collect(Collectors.joining(", ")))));
    }
}
