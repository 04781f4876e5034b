package synopta.server.web;

import java.time.LocalDate;
import org.springframework.core.convert.converter.Converter;
import org.springframework.stereotype.Component;

/** A day of a request, as in 2026-11-30: of a year that a record can be of, so that counting from it goes wrong nowhere. */
@Component
class DayParameter implements Converter<String, LocalDate> {
    private static final int FIRST_YEAR = 1;
    private static final int LAST_YEAR = 9999;

    @Override
    public LocalDate convert(String text) {
        if (text.isEmpty()) {
            return null;
        }
        LocalDate day = LocalDate.parse(text);
        if (day.getYear() < FIRST_YEAR || day.getYear() > LAST_YEAR) {
            throw new IllegalArgumentException(
                    "A day must lie in the years %d to %d.".formatted(FIRST_YEAR, LAST_YEAR));
        }
        return day;
    }
}
