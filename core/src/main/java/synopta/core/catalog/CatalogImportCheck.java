package synopta.core.catalog;

import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;

/**
 * Whether the sheets of a delivery hold together with each other and with those that stay: no two rows of one key, no
 * name without its row, nothing taken away that a sheet which stays still names, no cycle of supersessions or kits.
 *
 * <p>Cost O(rows); memory one entry a row of the sheet at hand.
 */
public final class CatalogImportCheck {
    private final CatalogImport delivery;
    private final CatalogDump existing;
    private final List<RowFault> faults = new ArrayList<>();
    private final Map<Sheet<?>, Set<String>> names = new HashMap<>();

    private CatalogImportCheck(CatalogImport delivery, CatalogDump existing) {
        this.delivery = delivery;
        this.existing = existing;
    }

    /** Every fault, sheet by sheet. */
    public static List<RowFault> faultsOf(CatalogImport delivery, CatalogDump existing) {
        CatalogImportCheck check = new CatalogImportCheck(delivery, existing);
        Sheet.ALL.forEach(check::duplicates);
        ColumnReference.ALL.forEach(check::reference);
        check.faults.addAll(new SerialRangeCheck(delivery, existing).faults());
        check.currencies();
        check.cycles(
                Sheet.SUPERSESSIONS, "old_part", Supersession::oldPart, Supersession::newPart, "supersedes itself");
        check.cycles(Sheet.KITS, "kit", KitContent::kit, KitContent::content, "contains itself");
        return List.copyOf(check.faults);
    }

    /** A price list has one currency: rows in another than the first row's are faults. */
    private void currencies() {
        delivery.sent(Sheet.PRICES).ifPresent(sent -> {
            for (int i = 1; i < sent.rows().size(); i++) {
                String first = sent.rows().get(0).price().currency();
                String currency = sent.rows().get(i).price().currency();
                if (!currency.equals(first)) {
                    faults.add(new RowFault(
                            Sheet.PRICES.file(),
                            sent.line(i),
                            "currency",
                            "(%s) is not the currency of line %d (%s). A catalog has one currency: convert the price."
                                    .formatted(currency, sent.line(0), first)));
                }
            }
        });
    }

    private <T> void duplicates(Sheet<T> sheet) {
        delivery.sent(sheet).ifPresent(sent -> {
            Function<T, Object> key = RowKeys.of(sheet);
            Map<Object, Integer> first = new HashMap<>();
            for (int i = 0; i < sent.rows().size(); i++) {
                Integer before = first.putIfAbsent(key.apply(sent.rows().get(i)), sent.line(i));
                if (before != null) {
                    faults.add(new RowFault(
                            sheet.file(),
                            sent.line(i),
                            "",
                            "names the same as line %d (separators and case do not count in numbers). Remove one."
                                    .formatted(before)));
                }
            }
        });
    }

    /** The names that the rows of a sheet can be called by once the delivery is in. */
    private <T> Set<String> names(Sheet<T> sheet) {
        Set<String> known = names.get(sheet);
        if (known == null) {
            Set<String> found = new HashSet<>();
            Function<T, Object> key = RowKeys.of(sheet);
            Optional<CatalogImport.Sent<T>> sent = delivery.sent(sheet);
            if (sent.isPresent()) {
                sent.get().rows().forEach(row -> found.add((String) key.apply(row)));
            } else {
                existing.each(sheet, row -> found.add((String) key.apply(row)));
            }
            names.put(sheet, found);
            known = found;
        }
        return known;
    }

    private <T> void reference(ColumnReference<T> reference) {
        Optional<CatalogImport.Sent<T>> sent = delivery.sent(reference.from());
        if (sent.isPresent()) {
            Set<String> names = names(reference.to());
            for (int i = 0; i < sent.get().rows().size(); i++) {
                int line = sent.get().line(i);
                String key = reference.key().apply(sent.get().rows().get(i));
                if (key != null && !names.contains(key)) {
                    faults.add(new RowFault(
                            reference.from().file(),
                            line,
                            reference.column(),
                            "(%s) is not in %s. Correct it, or add a row there."
                                    .formatted(key, reference.to().file())));
                }
            }
        } else if (delivery.sent(reference.to()).isPresent()) {
            stays(reference);
        }
    }

    private <T> void stays(ColumnReference<T> reference) {
        Set<String> names = names(reference.to());
        Set<String> missing = new HashSet<>();
        existing.each(
                reference.from(),
                row -> Optional.ofNullable(reference.key().apply(row))
                        .filter(key -> !names.contains(key))
                        .ifPresent(missing::add));
        missing.stream()
                .sorted()
                .forEach(key -> faults.add(new RowFault(
                        reference.to().file(),
                        0,
                        "",
                        "removes %s, which %s of the catalog still names. Keep it, or import %s too."
                                .formatted(
                                        key,
                                        reference.from().file(),
                                        reference.from().file()))));
    }

    private <T> void cycles(
            Sheet<T> sheet, String column, Function<T, PartNumber> from, Function<T, PartNumber> to, String what) {
        delivery.sent(sheet).ifPresent(sent -> {
            Map<PartNumber, Collection<PartNumber>> steps = new LinkedHashMap<>();
            Map<PartNumber, Integer> lines = new HashMap<>();
            for (int i = 0; i < sent.rows().size(); i++) {
                T row = sent.rows().get(i);
                steps.computeIfAbsent(from.apply(row), p -> new ArrayList<>()).add(to.apply(row));
                lines.putIfAbsent(from.apply(row), sent.line(i));
            }
            for (List<PartNumber> cycle : CycleFinder.of(steps)) {
                String path = cycle.stream().map(PartNumber::written).collect(Collectors.joining(" → "));
                faults.add(new RowFault(
                        sheet.file(),
                        lines.get(cycle.get(0)),
                        column,
                        "%s %s (%s). Two rows may be swapped: remove one.".formatted(cycle.get(0), what, path)));
            }
        });
    }
}
