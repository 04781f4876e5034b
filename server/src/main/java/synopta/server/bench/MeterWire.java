package synopta.server.bench;

import synopta.core.bench.MeasureParser;
import synopta.core.reading.Reading;
import synopta.server.web.ApiException;

/** A meter's reading over the wire: a number of ohms, "OL", or as people say it, as "24R" or "1.2k". */
final class MeterWire {
    private MeterWire() {}

    static Reading reading(String field, Object value) {
        try {
            return value instanceof Number number
                    ? new Reading.Figure(number.doubleValue())
                    : MeasureParser.ohms(String.valueOf(value));
        } catch (IllegalArgumentException e) {
            throw ApiException.impossible(field, e.getMessage());
        }
    }
}
