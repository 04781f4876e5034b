package synopta.core.diagnosis;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Set;

/** Brings together what the phrases of the pack hear and what was learnt of meanings. */
final class Interpretation {
    /** From here on a reading is taken as said; a wrong one sells a wrong part, an unheard one is asked. */
    private static final double HEARD = 0.5;

    /** From here on a reading is worth a question, where nothing else is heard in its clause. */
    private static final double MAY_BE = 0.04;

    /** The same where something is. */
    private static final double MAY_BE_AS_WELL = 0.06;

    /** From here on the rest of the counter treats a reading as said for sure. */
    private static final double SURE = 0.9;

    private static final int MOST_OPTIONS = 3;

    private final String complaint;
    private final ParsedComplaint byWords;
    private final List<MeaningModel.Reading> readings;
    private final MeaningModel.Meanings meanings;
    private final Set<String> settled = new HashSet<>();

    private Interpretation(String complaint, ParsedComplaint byWords, MeaningModel.Meanings meanings) {
        this.complaint = complaint;
        this.byWords = byWords;
        this.meanings = meanings;
        readings = meanings.readings().stream()
                .filter(r -> byWords.jobs().stream()
                        .noneMatch(wanted -> wanted.job().notSigns().contains(r.finding())
                                && wanted.from() < r.to()
                                && r.from() < wanted.to()))
                .toList();
    }

    /** What is heard, and what may be meant. */
    static ParsedComplaint of(String complaint, ParsedComplaint byWords, MeaningModel.Meanings meanings) {
        return new Interpretation(complaint, byWords, meanings).joined();
    }

    private ParsedComplaint joined() {
        List<ParsedComplaint.Heard> heard = new ArrayList<>();
        for (ParsedComplaint.Heard phrase : byWords.heard()) {
            double probability = probability(phrase.evidence());
            if (probability >= HEARD && !isOtherwise(phrase.evidence())) {
                heard.add(new ParsedComplaint.Heard(
                        phrase.evidence(), probability, phrase.phrase(), phrase.from(), phrase.to()));
                settled.add(phrase.evidence().finding());
            }
        }
        readings.stream()
                .filter(reading -> reading.probability() >= HEARD && settled.add(reading.finding()))
                .forEach(reading -> heard.add(heard(reading)));
        heard.sort(Comparator.comparingInt(ParsedComplaint.Heard::from));
        List<ParsedComplaint.Named> named =
                new NamedParts(complaint, byWords.named(), spokenOf(), byWords.jobs()).joined();
        return new ParsedComplaint(
                heard,
                named,
                byWords.measured(),
                byWords.unplaced(),
                byWords.beside(),
                byWords.doubts(),
                byWords.jobs(),
                clauses(heard),
                meanings.intents(),
                unheard(heard, named));
    }

    private List<ParsedComplaint.Unheard> unheard(
            List<ParsedComplaint.Heard> heard, List<ParsedComplaint.Named> named) {
        return byWords.unheard().stream()
                .filter(u -> heard.stream().noneMatch(h -> h.from() < u.to() && u.from() < h.to()))
                .filter(u -> named.stream().noneMatch(n -> n.from() < u.to() && u.from() < n.to()))
                .filter(u -> named.stream().noneMatch(n -> NamedParts.isSaidOf(complaint, n, u)))
                .toList();
    }

    /** Parts as the model has them spoken of; a question about one asks for none. */
    private List<MeaningModel.PartReading> spokenOf() {
        return meanings.parts().stream()
                .filter(part -> byWords.doubts().stream()
                        .noneMatch(doubt -> doubt.from() < part.to() && part.from() < doubt.to()))
                .toList();
    }

    /** Whether the sentence says another answer of the finding, though the phrase stands in it: "quit heating". */
    private boolean isOtherwise(Evidence evidence) {
        return readings.stream()
                .anyMatch(r -> r.probability() >= HEARD
                        && r.finding().equals(evidence.finding())
                        && !r.answer().equals(evidence.answer()));
    }

    /** How likely it is that the sentence says so; 0 where it is not among the readings. */
    private double probability(Evidence evidence) {
        return readings.stream()
                .filter(r ->
                        r.finding().equals(evidence.finding()) && r.answer().equals(evidence.answer()))
                .mapToDouble(MeaningModel.Reading::probability)
                .findFirst()
                .orElse(0);
    }

    private ParsedComplaint.Heard heard(MeaningModel.Reading reading) {
        Evidence evidence =
                new Evidence(reading.finding(), reading.answer(), reading.probability() >= SURE, reading.probability());
        String clause = complaint.substring(reading.from(), reading.to());
        int from = reading.from() + clause.length() - clause.stripLeading().length();
        return new ParsedComplaint.Heard(
                evidence,
                reading.probability(),
                clause.strip(),
                from,
                from + clause.strip().length());
    }

    /** By clause, those of findings that are not settled; of a clause that overlaps another, with it. */
    private List<ParsedComplaint.Maybe> clauses(List<ParsedComplaint.Heard> heard) {
        List<List<MeaningModel.Reading>> byClause = new ArrayList<>();
        for (MeaningModel.Reading reading : readings) {
            boolean isHeard = heard.stream().anyMatch(h -> h.from() < reading.to() && reading.from() < h.to());
            double least = isHeard ? MAY_BE_AS_WELL : MAY_BE;
            if (reading.probability() >= least && !settled.contains(reading.finding())) {
                byClause.stream()
                        .filter(clause ->
                                clause.stream().anyMatch(r -> r.from() < reading.to() && reading.from() < r.to()))
                        .findFirst()
                        .orElseGet(() -> {
                            byClause.add(new ArrayList<>());
                            return byClause.get(byClause.size() - 1);
                        })
                        .add(reading);
            }
        }
        return byClause.stream()
                .map(this::maybe)
                .sorted(Comparator.comparingInt(ParsedComplaint.Maybe::from))
                .toList();
    }

    private ParsedComplaint.Maybe maybe(List<MeaningModel.Reading> clause) {
        int from = clause.stream().mapToInt(MeaningModel.Reading::from).min().orElseThrow();
        int to = clause.stream().mapToInt(MeaningModel.Reading::to).max().orElseThrow();
        return new ParsedComplaint.Maybe(
                complaint.substring(from, to),
                clause.stream().limit(MOST_OPTIONS).toList(),
                from,
                to);
    }
}
