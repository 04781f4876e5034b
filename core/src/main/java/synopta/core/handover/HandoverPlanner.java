package synopta.core.handover;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import synopta.core.catalog.Appliance;
import synopta.core.catalog.Catalog;
import synopta.core.catalog.Fuel;
import synopta.core.catalog.KitContent;
import synopta.core.catalog.Part;
import synopta.core.catalog.PartNumber;
import synopta.core.knowledge.Caution;
import synopta.core.knowledge.CurrentPacks;
import synopta.core.knowledge.HandoverNote;
import synopta.core.knowledge.Hazard;
import synopta.core.knowledge.Pack;
import synopta.core.knowledge.PartType;
import synopta.core.knowledge.SellingRule;

/** Cautions and the bag list. */
public final class HandoverPlanner {
    private final CurrentPacks packs;
    private final Catalog catalog;

    /** Works with these packs, and looks into kits by the catalog. */
    public HandoverPlanner(CurrentPacks packs, Catalog catalog) {
        this.packs = packs;
        this.catalog = catalog;
    }

    /**
     * Cautions for a machine and the part types concerned, grave ones first, each hazard at most once a text. With the
     * appliance unknown, those that every machine of any pack asks for.
     */
    public List<Caution> cautions(@Nullable Appliance appliance, Set<Fuel> fuels, Set<String> partTypes) {
        List<Pack> asked = Optional.ofNullable(appliance)
                .map(a -> packs.of(a).stream().toList())
                .orElseGet(packs::all);
        List<Caution> cautions = new ArrayList<>();
        for (Pack pack : asked) {
            pack.cautions().stream()
                    .filter(c ->
                            c.partTypes().isEmpty() || c.partTypes().stream().anyMatch(partTypes::contains))
                    .filter(c -> c.isFor(fuels))
                    .forEach(cautions::add);
        }
        return gravestFirst(cautions.stream());
    }

    /**
     * The appliances for which nobody knows what to warn of, as their pack is missing or has no caution: the appliance, or
     * with the appliance unknown all there may be.
     */
    public List<Appliance> withoutCautions(@Nullable Appliance appliance) {
        return Arrays.stream(Appliance.values())
                .filter(each -> appliance == null || each == appliance)
                .filter(each -> packs.of(each)
                        .filter(pack -> !pack.cautions().isEmpty())
                        .isEmpty())
                .toList();
    }

    /** Cautions of hazards that some work brings, for a machine that may burn these fuels. */
    public Stream<Caution> ofHazards(Appliance appliance, Set<Fuel> fuels, Set<Hazard> hazards) {
        return packs.of(appliance).stream()
                .flatMap(pack -> pack.cautions().stream())
                .filter(c -> hazards.contains(c.hazard()))
                .filter(c -> c.isFor(fuels));
    }

    /** Each caution once, grave ones first, otherwise in their order. */
    public static List<Caution> gravestFirst(Stream<Caution> cautions) {
        return cautions.distinct()
                .sorted(Comparator.comparing((Caution c) -> !c.hazard().isGrave()))
                .toList();
    }

    /** The grave hazards among the cautions that have not been shown. */
    public static List<Hazard> unseen(List<Caution> cautions, Set<Hazard> shown) {
        return cautions.stream()
                .map(Caution::hazard)
                .filter(h -> h.isGrave() && !shown.contains(h))
                .distinct()
                .toList();
    }

    /** Part types of a part and of all that lies in it. */
    public Set<String> partTypes(PartNumber number) {
        Set<String> types = new LinkedHashSet<>();
        catalog.part(number).map(Part::partType).ifPresent(types::add);
        catalog.contentsOf(number).forEach(c -> types.addAll(partTypes(c.content())));
        return types;
    }

    /**
     * One entry of the bag list.
     *
     * @param part the line it belongs to
     * @param kind kind, from a closed list
     * @param text words that are read or printed
     */
    public record BagEntry(PartNumber part, HandoverNote.Kind kind, String text) {}

    /**
     * For each line: what lies in a kit, then the notes of its part types, each said once; then what the work may need
     * and none of the lines holds.
     *
     * @param mayHold part types that the machine may have
     */
    public List<BagEntry> bag(Appliance appliance, List<PartNumber> lines, Set<String> mayHold) {
        Map<String, BagEntry> bag = new LinkedHashMap<>();
        Map<PartNumber, Set<String>> types = new LinkedHashMap<>();
        lines.forEach(line -> types.computeIfAbsent(line, this::partTypes));
        for (PartNumber line : lines) {
            for (KitContent content : catalog.contentsOf(line)) {
                Part inside = catalog.part(content.content()).orElseThrow();
                String text = "%d x %s %s".formatted(content.quantity(), inside.number(), inside.name());
                bag.put(line + text, new BagEntry(line, HandoverNote.Kind.IN_THE_BAG, text));
            }
            for (String type : types.get(line)) {
                packs.of(appliance).flatMap(p -> p.partType(type)).map(PartType::bag).stream()
                        .flatMap(List::stream)
                        .forEach(note -> bag.putIfAbsent(note.text(), new BagEntry(line, note.kind(), note.text())));
            }
        }
        lacks(appliance, types, mayHold).forEach(entry -> bag.putIfAbsent(entry.text(), entry));
        return List.copyOf(bag.values());
    }

    private List<BagEntry> lacks(Appliance appliance, Map<PartNumber, Set<String>> types, Set<String> mayHold) {
        Set<String> held = new LinkedHashSet<>();
        types.values().forEach(held::addAll);
        List<BagEntry> lacks = new ArrayList<>();
        types.forEach((line, ofLine) -> {
            for (String type : ofLine) {
                packs.of(appliance).flatMap(p -> p.partType(type)).stream()
                        .flatMap(t -> t.selling().offers().stream())
                        .filter(offer -> mayHold.contains(offer.partType()) && held.add(offer.partType()))
                        .forEach(offer -> lacks.add(new BagEntry(line, HandoverNote.Kind.BUY, lack(appliance, offer))));
            }
        });
        return lacks;
    }

    private String lack(Appliance appliance, SellingRule.Companion offer) {
        String name = packs.of(appliance)
                .flatMap(pack -> pack.partType(offer.partType()))
                .map(PartType::name)
                .orElse(offer.partType());
        return "%s: not in the bag. %s"
                .formatted(name.substring(0, 1).toUpperCase(Locale.ROOT) + name.substring(1), offer.why());
    }
}
