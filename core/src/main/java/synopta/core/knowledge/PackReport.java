package synopta.core.knowledge;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import synopta.core.catalog.Fuel;

/**
 * Where the knowledge of a layout is thin; nothing in it is wrong.
 *
 * @param layout id of the layout
 * @param name its name, as it is shown
 * @param soundParts names of places whose part has no fault there
 * @param unasked questions of findings that no fault of the layout brings about
 * @param authoredLinks links from a fault of the layout that rest on our own judgment: fault, then finding
 * @param alike names of faults of one layout that no finding tells apart, of different parts
 */
public record PackReport(
        String layout,
        String name,
        List<String> soundParts,
        List<String> unasked,
        List<String> authoredLinks,
        List<List<String>> alike) {
    /** Copies. */
    public PackReport {
        soundParts = List.copyOf(soundParts);
        unasked = List.copyOf(unasked);
        authoredLinks = List.copyOf(authoredLinks);
        alike = alike.stream().map(List::copyOf).toList();
    }

    /** One for each layout of a pack. */
    public static List<PackReport> of(Pack pack) {
        return pack.layouts().stream().map(layout -> of(pack, layout)).toList();
    }

    private static PackReport of(Pack pack, Layout layout) {
        List<Fault> faults = pack.faults().stream()
                .filter(fault -> pack.fuelShares().keySet().stream().anyMatch(fuel -> layout.allows(fault, fuel)))
                .toList();
        Set<String> failing = faults.stream()
                .flatMap(fault -> places(pack, layout, fault).stream())
                .collect(Collectors.toSet());
        Set<String> shown = faults.stream()
                .flatMap(fault -> pack.links(fault).stream())
                .map(Fault.Link::finding)
                .collect(Collectors.toSet());
        List<String> authored = new ArrayList<>();
        faults.forEach(fault -> fault.shows().stream()
                .filter(link -> link.basis().isAuthored())
                .forEach(link -> authored.add("%s, %s".formatted(fault.name(), link.finding()))));
        return new PackReport(
                layout.id(),
                layout.name(),
                layout.places().stream()
                        .filter(place -> !failing.contains(place.slot()))
                        .map(Layout.Place::name)
                        .toList(),
                pack.questions().stream()
                        .filter(finding -> !finding.isOfConstruction() && !finding.isStop())
                        .filter(finding -> !shown.contains(finding.id()))
                        .map(Finding::question)
                        .toList(),
                authored,
                alike(pack, faults));
    }

    private static Set<String> places(Pack pack, Layout layout, Fault fault) {
        Set<String> slots = new TreeSet<>();
        for (Fuel fuel : pack.fuelShares().keySet()) {
            layout.placesOf(fault, fuel).forEach(place -> slots.add(place.slot()));
        }
        return slots;
    }

    /** Faults of different part types that bring about the same answers, whatever their strength. */
    private static List<List<String>> alike(Pack pack, List<Fault> faults) {
        Map<Set<String>, List<Fault>> bySigns = new LinkedHashMap<>();
        for (Fault fault : faults) {
            Set<String> signs = pack.links(fault).stream()
                    .filter(link -> !link.finding().equals(asked(pack, fault)))
                    .map(link -> link.finding() + "=" + Objects.requireNonNullElse(link.answer(), ""))
                    .collect(Collectors.toCollection(TreeSet::new));
            bySigns.computeIfAbsent(signs, s -> new ArrayList<>()).add(fault);
        }
        return bySigns.values().stream()
                .filter(same -> same.stream().map(Fault::partType).distinct().count() > 1)
                .map(same -> same.stream().map(Fault::name).toList())
                .toList();
    }

    private static String asked(Pack pack, Fault fault) {
        return pack.partType(fault.partType()).orElseThrow().requestFinding();
    }
}
