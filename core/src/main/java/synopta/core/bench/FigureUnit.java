package synopta.core.bench;

import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import synopta.core.quantity.Slugged;

/** A unit that a field of the bench asks for, with the units people say in its place and what each is worth in it. */
public enum FigureUnit implements Slugged {
    OHM("Ω", "24, 10.5 k, OL or beeps"),
    MEGOHM("MΩ", "10, 500 k or OL"),
    VOLT("V", "240", of(1, "v", "volt", "volts"), of(1000, "kv"), of(0.001, "mv")),
    WATT("W", "5400 or 5.4 kW", of(1, "w", "watt", "watts"), of(1000, "k", "kw", "kilowatt", "kilowatts")),
    AMPERE("A", "2.9", of(1, "a", "amp", "amps", "ampere", "amperes"), of(0.001, "ma")),
    MILLIVOLT("mV", "25", of(1, "mv", "millivolt", "millivolts"), of(1000, "v", "volt", "volts")),
    MICROFARAD("µF", "0.9", of(1, "µf", "μf", "uf", "mf", "mfd", "microfarad", "microfarads")),
    KELVIN("K", "3977", of(1, "k", "kelvin")),
    FOOT(
            "ft",
            "22, 22 1/2 ft or 6.7 m",
            of(1, "ft", "foot", "feet", "'", "′"),
            of(1 / 12.0, "in", "inch", "inches", "\"", "″"),
            of(1 / 0.3048, "m", "meter", "meters")),
    BTU_PER_HOUR(
            "BTU/h",
            "22000 or 22 k",
            of(1, "btu", "btus", "btu/h", "btu/hr", "btuh", "btu per hour", "btu an hour"),
            of(1000, "k", "k btu", "kbtu", "kbtu/h"),
            // International table BTU: 1055.056 J.
            of(3600 / 1.055056, "kw", "kilowatt", "kilowatts")),
    COUNT("count", "2"),
    MILLIMETER("mm", "2343 mm, 92 1/4 in or 5/16"),
    CELSIUS("°C", "68 or 155 F"),
    FAHRENHEIT("°F", "155 or 68 C");

    private final String symbol;
    private final String example;
    private final Map<String, Double> worth;

    FigureUnit(String symbol, String example, Said... units) {
        this.symbol = symbol;
        this.example = example;
        this.worth = Arrays.stream(units)
                .flatMap(said -> said.words().stream().map(word -> Map.entry(word, said.worth())))
                .collect(Collectors.toMap(Map.Entry::getKey, Map.Entry::getValue));
    }

    /** Words for a unit, and what one of it is worth. */
    private record Said(double worth, List<String> words) {}

    private static Said of(double worth, String... words) {
        return new Said(worth, List.of(words));
    }

    /** The sign of the unit, as in `Ω` or `ft`. */
    @Override
    public String slug() {
        return symbol;
    }

    /** What may be entered. */
    String example() {
        return example;
    }

    /** What one of each unit that is said is worth in this one, by its lower-case words; empty where a unit is read otherwise. */
    Map<String, Double> worth() {
        return worth;
    }
}
