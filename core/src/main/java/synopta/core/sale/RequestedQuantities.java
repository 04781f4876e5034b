package synopta.core.sale;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import synopta.core.basket.BasketPlanner;
import synopta.core.basket.BasketQuery;
import synopta.core.basket.Purchase;
import synopta.core.catalog.Catalog;
import synopta.core.catalog.PartNumber;
import synopta.core.diagnosis.ParsedComplaint;
import synopta.core.knowledge.Pack;
import synopta.core.knowledge.PartType;
import synopta.core.line.RequestedQuantity;

/** How many of a part the caller spoke of, and what the trade says to another quantity than its own. */
final class RequestedQuantities {
    private static final Pattern WISHED =
            Pattern.compile("\\b(?:please|need|needs|want|wants|give|sell|take|buy)\\b", Pattern.CASE_INSENSITIVE);

    private record Said(int pieces, String phrase) {}

    private record Sought(String partType, PartNumber part) {}

    private final Pack pack;
    private final Optional<MachineParts> machine;
    private final Catalog catalog;
    private final BasketPlanner planner;
    private final BasketQuery.Policy policy;
    private final Map<String, Said> said = new LinkedHashMap<>();

    RequestedQuantities(
            String complaint,
            List<ParsedComplaint.Named> named,
            Pack pack,
            @Nullable MachineParts machine,
            Catalog catalog,
            BasketPlanner planner,
            BasketQuery.Policy policy) {
        this.pack = pack;
        this.machine = Optional.ofNullable(machine);
        this.catalog = catalog;
        this.planner = planner;
        this.policy = policy;
        for (ParsedComplaint.Named name : named) {
            RequestedQuantity.of(complaint, name.from(), name.to())
                    .ifPresent(n -> name.partTypes().forEach(type -> said.put(type, new Said(n, name.phrase()))));
        }
        if (WISHED.matcher(complaint).find()) {
            pack.partTypes().forEach(type -> wished(complaint, type));
        }
    }

    /** Words that are a sign as well as a wish, as in "three fuses please", are not heard as a part's name. */
    private void wished(String complaint, PartType type) {
        for (String word : type.called()) {
            Matcher name = Pattern.compile("\\b%s(?:s|es)?\\b".formatted(Pattern.quote(word)), Pattern.CASE_INSENSITIVE)
                    .matcher(complaint);
            while (name.find() && !said.containsKey(type.slug())) {
                RequestedQuantity.of(complaint, name.start(), name.end())
                        .ifPresent(n -> said.put(type.slug(), new Said(n, name.group())));
            }
        }
    }

    /** Pieces by part type. */
    Map<String, Integer> asked() {
        Map<String, Integer> asked = new LinkedHashMap<>();
        said.forEach((type, s) -> asked.put(type, s.pieces));
        return asked;
    }

    /** One for each needed part that was asked for in another quantity than is fitted or sold. */
    List<QuantityNote> notes(List<RequiredPart> needs) {
        return needs.stream()
                .flatMap(n -> Stream.ofNullable(n.supplied()).map(p -> new Sought(n.partType(), p)))
                .filter(sought -> said.containsKey(sought.partType))
                .flatMap(sought -> note(sought).stream())
                .toList();
    }

    private Optional<QuantityNote> note(Sought sought) {
        Said asked = said.get(sought.partType);
        int fitted = machine.map(m -> m.fitted(sought.partType)).orElse(0);
        int packed = catalog.part(sought.part).map(p -> p.packQuantity()).orElse(1);
        boolean isUsual = asked.pieces == fitted && asked.pieces % packed == 0;
        if (fitted == 0 || isUsual || asked.pieces > BasketQuery.MOST_PIECES) {
            return Optional.empty();
        }
        List<QuantityNote.Way> ways = Stream.of(asked.pieces, fitted)
                .distinct()
                .sorted()
                .flatMap(pieces -> way(sought.part, pieces).stream())
                .toList();
        return Optional.of(new QuantityNote(
                sought.partType, sought.part, asked.pieces, fitted, asked.phrase, rule(sought, fitted, packed), ways));
    }

    private String rule(Sought sought, int fitted, int packed) {
        String sold = packed > 1 ? "Sold in packs of %d. ".formatted(packed) : "";
        String holds = fitted == 1 ? "The machine has one. " : "The machine has %d. ".formatted(fitted);
        String why = pack.partType(sought.partType)
                .flatMap(t -> Optional.ofNullable(t.selling().why()))
                .orElse("");
        return (holds + sold + why).strip();
    }

    private Optional<QuantityNote.Way> way(PartNumber part, int pieces) {
        BasketQuery alone = new BasketQuery(List.of(new BasketQuery.Need(part, pieces)), List.of(), policy);
        return Optional.ofNullable(planner.best(alone).best())
                .map(purchase -> new QuantityNote.Way(pieces, purchase.total(), spare(purchase)));
    }

    private static int spare(Purchase purchase) {
        return purchase.spare().stream().mapToInt(Purchase.Pieces::quantity).sum();
    }
}
