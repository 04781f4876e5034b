package synopta.core.diagnosis;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;

/** Brings together the parts that phrases of the pack name and those that were learnt to be spoken of. */
final class NamedParts {
    /** From here on a part is spoken of as the model says: asked for, denied or renewed. */
    private static final double SPOKEN_OF = 0.4;

    /** A word for several parts means those too that are so likely against the likeliest: it is asked which. */
    private static final double AS_WELL = 0.35;

    /** What may stand beside a name that is typed alone, as an order is. */
    private static final Pattern BESIDE = Pattern.compile(
            "(?:\\b(?:need|want|get|a|an|the|my|new|two|three|four|some|please|and|plus|also|of|for|on|in|pair|set|both|all|only"
                    + "|rear|back|front|left|right|upper|lower|top|bottom|little|small|big|large|ones?|hand|side"
                    + "|dryer|range|oven|dishwasher|microwave)\\b|[\\d\\sx,])*",
            Pattern.CASE_INSENSITIVE);

    private static final String ENDS = ",.;:!?";

    private final String complaint;
    private final List<ParsedComplaint.Named> byWords;
    private final List<MeaningModel.PartReading> readings;
    private final List<ParsedComplaint.Wanted> jobs;

    /** Parts of a complaint, by its phrases and by the model; the words of a job name its parts, and no others. */
    NamedParts(
            String complaint,
            List<ParsedComplaint.Named> byWords,
            List<MeaningModel.PartReading> readings,
            List<ParsedComplaint.Wanted> jobs) {
        this.complaint = complaint;
        this.byWords = byWords;
        this.readings = readings;
        this.jobs = jobs;
    }

    /**
     * In the order they were said. A word for several parts means those the model takes it for; a name that the model
     * takes for nothing asked, denied or renewed is mentioned in telling something else ("the light in the drum works"),
     * unless it stands alone: then nothing else is asked for in its clause.
     */
    List<ParsedComplaint.Named> joined() {
        List<ParsedComplaint.Named> named = new ArrayList<>();
        List<ParsedComplaint.Named> alone =
                byWords.stream().filter(this::isAlone).toList();
        Set<String> said = new HashSet<>();
        for (ParsedComplaint.Named phrase : byWords) {
            ParsedComplaint.Named meant = alone.contains(phrase) ? phrase : meant(phrase);
            named.add(meant);
            said.addAll(meant.partTypes());
        }
        readings.stream()
                .filter(r -> jobs.stream().noneMatch(job -> job.from() < r.to() && r.from() < job.to()))
                .filter(r -> alone.stream().noneMatch(name -> name.from() < r.to() && r.from() < name.to()))
                .filter(r -> r.probability() >= SPOKEN_OF && said.add(r.partType()))
                .map(this::named)
                .forEach(named::add);
        named.sort(Comparator.comparingInt(ParsedComplaint.Named::from));
        return named;
    }

    private ParsedComplaint.Named meant(ParsedComplaint.Named phrase) {
        List<MeaningModel.PartReading> likely = phrase.partTypes().stream()
                .flatMap(type -> reading(type).stream())
                .sorted(Comparator.comparingDouble(MeaningModel.PartReading::probability)
                        .reversed())
                .toList();
        if (likely.isEmpty() || spokenOf(likely) < SPOKEN_OF) {
            return phrase.mentioned();
        }
        double least = AS_WELL * likely.get(0).probability();
        List<String> types = likely.stream()
                .filter(r -> r.probability() >= least)
                .map(MeaningModel.PartReading::partType)
                .toList();
        return new ParsedComplaint.Named(types, likely.get(0).how(), phrase.phrase(), phrase.from(), phrase.to());
    }

    /** How likely a word is spoken of as its likeliest part is: the parts it may mean share what is said of the word. */
    private static double spokenOf(List<MeaningModel.PartReading> likely) {
        return likely.stream()
                .filter(r -> r.how() == likely.get(0).how())
                .mapToDouble(MeaningModel.PartReading::probability)
                .sum();
    }

    /** Whether nothing else is said in the clause but how many, where, and other parts: "need a belt and an idler". */
    private boolean isAlone(ParsedComplaint.Named phrase) {
        int from = phrase.from();
        while (from > 0 && ENDS.indexOf(complaint.charAt(from - 1)) < 0) {
            from--;
        }
        int to = phrase.to();
        while (to < complaint.length() && ENDS.indexOf(complaint.charAt(to)) < 0) {
            to++;
        }
        StringBuilder beside = new StringBuilder(complaint);
        byWords.forEach(name -> beside.replace(name.from(), name.to(), " ".repeat(name.to() - name.from())));
        return BESIDE.matcher(beside.substring(from, to)).matches();
    }

    /** Whether words only tell which of several parts, how many or how, right beside a name: "rollers, rear two". */
    static boolean isSaidOf(String complaint, ParsedComplaint.Named name, ParsedComplaint.Unheard words) {
        return words.from() >= name.to()
                ? BESIDE.matcher(complaint.substring(name.to(), words.to())).matches()
                : words.to() <= name.from()
                        && BESIDE.matcher(complaint.substring(words.from(), name.from()))
                                .matches();
    }

    private Optional<MeaningModel.PartReading> reading(String partType) {
        return readings.stream().filter(r -> r.partType().equals(partType)).findFirst();
    }

    private ParsedComplaint.Named named(MeaningModel.PartReading reading) {
        return new ParsedComplaint.Named(
                List.of(reading.partType()),
                reading.how(),
                complaint.substring(reading.from(), reading.to()),
                reading.from(),
                reading.to());
    }
}
