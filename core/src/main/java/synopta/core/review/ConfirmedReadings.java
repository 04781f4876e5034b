package synopta.core.review;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import synopta.core.catalog.Catalog;
import synopta.core.catalog.ModelNumber;
import synopta.core.line.LineReader;
import synopta.core.record.CaseRepository;
import synopta.core.tag.ConfirmedReading;

/** What the cases teach of reading tags: the number as it was typed, and the model that parts were handed over for. */
public final class ConfirmedReadings {
    /** The last so many cases count; habits change. */
    private static final int LATEST = 20_000;

    private final List<CaseRepository.HandedOver> handed;

    private ConfirmedReadings(List<CaseRepository.HandedOver> handed) {
        this.handed = handed;
    }

    /**
     * Of the last cases of a log.
     *
     * @param wrongMachine cases that came back because it was another machine
     */
    public static ConfirmedReadings of(CaseRepository log, Set<Long> wrongMachine) {
        return new ConfirmedReadings(log.handedOver(LATEST).stream()
                .filter(h -> !wrongMachine.contains(h.number()))
                .toList());
    }

    /** The readings, latest first; lines without a number teach nothing. */
    public List<ConfirmedReading> readings(Catalog catalog) {
        LineReader lines = LineReader.of(catalog);
        return handed.stream().flatMap(h -> read(lines, h)).toList();
    }

    private static Stream<ConfirmedReading> read(LineReader lines, CaseRepository.HandedOver handed) {
        Optional<String> typed = Optional.ofNullable(lines.read(handed.line()).model());
        return typed.map(text -> new ConfirmedReading(handed.number(), text, handed.model())).stream();
    }

    /** The cases of each model. */
    public Map<ModelNumber, List<Long>> met() {
        return handed.stream()
                .collect(Collectors.groupingBy(
                        CaseRepository.HandedOver::model,
                        Collectors.mapping(CaseRepository.HandedOver::number, Collectors.toList())));
    }
}
