package synopta.core.diagnosis;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import synopta.core.knowledge.Basis;
import synopta.core.knowledge.HandoverNote;
import synopta.core.knowledge.Pack;
import synopta.core.knowledge.PartType;
import synopta.core.knowledge.SellingRule;
import synopta.core.knowledge.StandardAnswer;

/** "Does the roller come with its washers?": answered by what the pack knows of the part; it asks for none. */
final class PartQuestions {
    private static final Pattern ASKED = Pattern.compile(
            "\\b(?:do|does|will|would|is|are|did)\\b[^.;:!?]{0,60}?\\b(?:come|comes|came|included?|supplied|with it|in the box)\\b"
                    + "[^.;:!?]*",
            Pattern.CASE_INSENSITIVE);

    private static final Basis KNOWN = new Basis("common-practice");

    private final Pack pack;

    PartQuestions(Pack pack) {
        this.pack = pack;
    }

    /** A doubt for each question in which one part is named at least; it is about the part that is named first. */
    List<ParsedComplaint.Doubt> in(String complaint, List<ParsedComplaint.Named> named) {
        List<ParsedComplaint.Doubt> doubts = new ArrayList<>();
        Matcher asked = ASKED.matcher(complaint);
        while (asked.find()) {
            int from = asked.start();
            int to = asked.end();
            named.stream()
                    .filter(n -> from < n.to() && n.from() < to)
                    .min(Comparator.comparingInt(ParsedComplaint.Named::from))
                    .flatMap(n -> pack.partType(n.partTypes().get(0)))
                    .ifPresent(type -> doubts.add(
                            new ParsedComplaint.Doubt(answer(type), complaint.substring(from, to), from, to)));
        }
        return doubts;
    }

    private StandardAnswer answer(PartType type) {
        return new StandardAnswer("comes-with-" + type.slug(), type.slug(), List.of(), words(type), KNOWN);
    }

    private String words(PartType type) {
        String holds = names(type.contains().stream());
        String inside = holds.isEmpty() ? "" : "It holds the %s. ".formatted(holds);
        String notes = type.bag().stream()
                .map(note -> "%s: %s ".formatted(kind(note), note.text()))
                .collect(Collectors.joining());
        String sold = names(type.selling().companions().stream().map(SellingRule.Companion::partType));
        String beside = sold.isEmpty() ? "" : "Sold with it, as parts of their own: %s. ".formatted(sold);
        String all = inside + notes + beside;
        return "%s: %s"
                .formatted(
                        capital(type.name()),
                        all.isEmpty() ? "it comes alone; nothing else is known to be in the box." : all.strip());
    }

    private String names(Stream<String> types) {
        return types.map(pack::partType)
                .flatMap(Optional::stream)
                .map(PartType::name)
                .collect(Collectors.joining(", "));
    }

    private static String kind(HandoverNote note) {
        return switch (note.kind()) {
            case IN_THE_BAG -> "In the box";
            case REUSE -> "Reused";
            case BUY -> "Not in the box";
            case DISCARD -> "Left over";
        };
    }

    private static String capital(String name) {
        return name.substring(0, 1).toUpperCase(Locale.ROOT) + name.substring(1);
    }
}
