package synopta.core.catalog;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Serial ranges that end before they begin, each in the order of its machine's brand. Cost O(fits + models). */
final class SerialRangeCheck {
    private final CatalogImport delivery;
    private final CatalogDump existing;

    SerialRangeCheck(CatalogImport delivery, CatalogDump existing) {
        this.delivery = delivery;
        this.existing = existing;
    }

    List<RowFault> faults() {
        Optional<CatalogImport.Sent<Fit>> sent = delivery.sent(Sheet.FITS);
        boolean closed = sent.isPresent()
                && sent.get().rows().stream()
                        .anyMatch(f -> f.serials().from() != null && f.serials().to() != null);
        if (!closed) {
            return List.of();
        }
        Map<ModelNumber, SerialOrder> orders = orders();
        List<RowFault> faults = new ArrayList<>();
        for (int i = 0; i < sent.get().rows().size(); i++) {
            Fit fit = sent.get().rows().get(i);
            SerialOrder order = orders.getOrDefault(fit.model(), SerialOrder.AS_TEXT);
            if (fit.serials().isBackwards(order)) {
                faults.add(new RowFault(
                        Sheet.FITS.file(),
                        sent.get().line(i),
                        "serial_to",
                        "ends before it begins (%s to %s). Swap both, or correct one."
                                .formatted(fit.serials().from(), fit.serials().to())));
            }
        }
        return faults;
    }

    /** How the serial numbers of each model are ordered: by the scheme of its brand. */
    private Map<ModelNumber, SerialOrder> orders() {
        Map<String, SerialScheme> schemes = new HashMap<>();
        each(Sheet.SERIAL_SCHEMES).forEach(s -> schemes.put(s.scheme(), s));
        Map<String, SerialOrder> ofBrand = new HashMap<>();
        each(Sheet.BRANDS).forEach(b -> ofBrand.put(b.brand(), SerialOrder.of(schemes.get(b.serialScheme()))));
        Map<ModelNumber, SerialOrder> orders = new HashMap<>();
        each(Sheet.MODELS).forEach(m -> orders.put(m.number(), ofBrand.getOrDefault(m.brand(), SerialOrder.AS_TEXT)));
        return orders;
    }

    private <T> List<T> each(Sheet<T> sheet) {
        List<T> rows = new ArrayList<>();
        delivery.sent(sheet).ifPresentOrElse(sent -> rows.addAll(sent.rows()), () -> existing.each(sheet, rows::add));
        return rows;
    }
}
