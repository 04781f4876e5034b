package synopta.server.web;

import synopta.core.quantity.Ohms;
import synopta.core.quantity.Volts;
import synopta.core.quantity.Watts;
import synopta.core.reading.Conditions;

/** What a request says beside a reading. */
public final class ReadingConditions {
    private ReadingConditions() {}

    /** °C of the room, volts and watts of the nameplate, ohms at 25 °C, kind of the part; null where nothing was said. */
    public static Conditions of(Double celsius, Double volts, Double watts, Double r25Ohms, String kind) {
        return new Conditions(
                celsius,
                volts == null ? null : new Volts(volts),
                watts == null ? null : new Watts(watts),
                r25Ohms == null ? null : new Ohms(r25Ohms),
                kind);
    }
}
