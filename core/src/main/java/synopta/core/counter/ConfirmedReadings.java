package synopta.core.counter;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import synopta.core.catalog.Catalog;
import synopta.core.tag.ConfirmedReading;

/** What the cases teach of reading tags: the number as it was typed, and the model that parts were handed over for. */
public final class ConfirmedReadings {
    /** The last so many cases count; habits change. */
    private static final int LATEST = 20_000;

    private ConfirmedReadings() {}

    /** The confirmed readings of a log, latest first; lines without a number teach nothing. */
    public static List<ConfirmedReading> of(CaseLog log, Catalog catalog) {
        LineReader lines = LineReader.of(catalog);
        return log.handedOver(LATEST).stream()
                .flatMap(handed -> read(lines, handed))
                .toList();
    }

    private static Stream<ConfirmedReading> read(LineReader lines, CaseLog.HandedOver handed) {
        Optional<String> typed = lines.read(handed.line()).model();
        return typed.map(text -> new ConfirmedReading(text, handed.model())).stream();
    }
}
