package synopta.core.fit;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import synopta.core.catalog.Catalog;
import synopta.core.catalog.PartNumber;

/**
 * Whether what lies in a kit is right for a machine. A kit within a kit is one piece where the machine lists it, and is
 * opened where it does not.
 */
final class KitFit {
    private final Catalog catalog;
    private final boolean genuineOnly;
    private final ListedParts listing;
    private final List<String> right = new ArrayList<>();
    private final Set<String> changes = new LinkedHashSet<>();
    private final List<String> left = new ArrayList<>();
    private final List<String> open = new ArrayList<>();
    private Optional<FitVerdict.Missing> ask = Optional.empty();

    /** So many of a part, and the rows of the machine that make it right. */
    private record Piece(int quantity, List<ListedParts.Hit> hits) {}

    private KitFit(Catalog catalog, boolean genuineOnly, ListedParts listing) {
        this.catalog = catalog;
        this.genuineOnly = genuineOnly;
        this.listing = listing;
    }

    /** The verdict on what is supplied for a kit that the machine itself does not list. */
    static FitVerdict judge(
            Catalog catalog, boolean genuineOnly, ListedParts listing, PartNumber kit, List<Supply> supplies) {
        KitFit fit = new KitFit(catalog, genuineOnly, listing);
        Map<PartNumber, Piece> pieces = new LinkedHashMap<>();
        for (Supply.Item item : supplies.get(0).items()) {
            fit.open(item.part(), item.quantity(), pieces);
        }
        pieces.forEach(fit::piece);
        return fit.verdict(kit, supplies);
    }

    /** The kit itself is opened whether or not it is listed: its pieces are judged. */
    private void open(PartNumber part, int quantity, Map<PartNumber, Piece> pieces) {
        Interchange interchange = new Interchange(catalog, part, genuineOnly);
        if (KitRules.isKit(catalog, part, interchange)) {
            contents(part, quantity, pieces);
        } else {
            add(part, quantity, listing.hits(interchange), pieces);
        }
    }

    private void contents(PartNumber kit, int quantity, Map<PartNumber, Piece> pieces) {
        catalog.contentsOf(kit).forEach(c -> within(c.content(), Math.multiplyExact(quantity, c.quantity()), pieces));
    }

    /** A kit within is opened only where the machine does not list it. */
    private void within(PartNumber part, int quantity, Map<PartNumber, Piece> pieces) {
        Interchange interchange = new Interchange(catalog, part, genuineOnly);
        List<ListedParts.Hit> hits = listing.hits(interchange);
        if (hits.isEmpty() && KitRules.isKit(catalog, part, interchange)) {
            contents(part, quantity, pieces);
        } else {
            add(part, quantity, hits, pieces);
        }
    }

    private static void add(PartNumber part, int quantity, List<ListedParts.Hit> hits, Map<PartNumber, Piece> pieces) {
        pieces.merge(part, new Piece(quantity, hits), (a, b) -> new Piece(Math.addExact(a.quantity, b.quantity), hits));
    }

    private void piece(PartNumber part, Piece piece) {
        Optional<ListedParts.Hit> sure = listing.sure(piece.hits);
        Optional<ListedParts.Hit> perhaps = listing.open(piece.hits);
        String said = "%d x %s".formatted(piece.quantity, part);
        if (sure.isPresent()) {
            right.add("%s: %s".formatted(said, ListedParts.said(sure.get().row())));
            changes.addAll(sure.get().path().changes());
        } else if (perhaps.isPresent()) {
            ask = ask.or(() -> Optional.of(listing.missing(perhaps.get())));
            open.add("%s: %s".formatted(said, ListedParts.said(perhaps.get().row())));
        } else {
            left.add(said);
        }
    }

    private FitVerdict verdict(PartNumber kit, List<Supply> supplies) {
        List<String> reasons = new ArrayList<>(supplies.get(0).chain());
        reasons.add("%s is not listed itself; its contents decide".formatted(kit));
        reasons.addAll(right);
        open.forEach(piece -> reasons.add(piece + ", which is not known yet"));
        left.forEach(piece -> reasons.add(
                "%s: %s does not use it".formatted(piece, listing.model().number())));
        if (right.isEmpty() && open.isEmpty()) {
            return new FitVerdict.DoesNotFit(reasons, List.of());
        }
        if (!open.isEmpty() && (left.isEmpty() || right.isEmpty())) {
            return new FitVerdict.Depends(ask.orElseThrow(), reasons);
        }
        List<String> known = new ArrayList<>(changes);
        if (!left.isEmpty()) {
            known.add("left over, because this model does not use it: " + String.join(", ", left));
        }
        List<Supply> told = supplies.stream().map(s -> s.and(known)).toList();
        return new FitVerdict.Fits(told.get(0), told.subList(1, told.size()), reasons, List.of());
    }
}
