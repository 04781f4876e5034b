package synopta.core.fit;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.function.Consumer;
import java.util.function.Predicate;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import synopta.core.catalog.Appliance;
import synopta.core.catalog.Catalog;
import synopta.core.catalog.Fit;
import synopta.core.catalog.KitContent;
import synopta.core.catalog.Model;
import synopta.core.catalog.PartNumber;
import synopta.core.knowledge.HouseSettings;

/**
 * Every machine a part serves in some build: listed for it, or for what it replaced, what replaces it, or what it may
 * stand in for; for a kit, also the machines that take all that lies in it. Machines come by number, from rows of each
 * listed part that are read in their order and merged, so that a page costs O(listed parts + rows of the page) and a
 * list of any length is never held.
 */
public final class WhereUsed {
    private final Catalog catalog;
    private final Supplier<HouseSettings> rules;

    /** Looks in this catalog, by the rules of the house. */
    public WhereUsed(Catalog catalog, Supplier<HouseSettings> rules) {
        this.catalog = catalog;
        this.rules = rules;
    }

    /**
     * A machine, how the part comes to serve it, and the rows of that.
     *
     * @param model model of the catalog
     * @param basis why it takes them, by part
     * @param rows rows that list the part or what it replaces
     */
    public record Machine(Model model, FitBasis basis, List<Fit> rows) {
        /** Copies. */
        public Machine {
            rows = List.copyOf(rows);
        }
    }

    /**
     * Some machines by number.
     *
     * @param machines models, in order of their keys
     * @param next the key of the model to begin after for more; null when there are none
     */
    public record Page(List<Machine> machines, @Nullable String next) {
        /** Copies. */
        public Page {
            machines = List.copyOf(machines);
        }
    }

    /**
     * So many models of a brand and appliance.
     *
     * @param brand brand of the machine
     * @param appliance kind of machine
     * @param models number of models
     */
    public record Count(String brand, Appliance appliance, int models) {}

    /**
     * A page of machines.
     *
     * @param brand only of that brand; null: of any
     * @param after the key of the model to begin after; empty: from the first
     */
    public Page page(PartNumber part, @Nullable String brand, String after, int limit) {
        List<Machine> machines = new ArrayList<>();
        walk(part, brand, after, limit + 1, machine -> {
            machines.add(machine);
            return machines.size() <= limit;
        });
        boolean more = machines.size() > limit;
        List<Machine> page = machines.subList(0, Math.min(limit, machines.size()));
        return new Page(page, more ? page.get(page.size() - 1).model().number().key() : null);
    }

    /** Hands over every machine, by number. */
    public void each(PartNumber part, @Nullable String brand, Consumer<Machine> reader) {
        walk(part, brand, "", FitCursor.AT_ONCE, machine -> {
            reader.accept(machine);
            return true;
        });
    }

    /** How many machines of each brand and appliance; most first. */
    public List<Count> counts(PartNumber part) {
        Map<String, Map<Appliance, Integer>> counts = new TreeMap<>();
        each(
                part,
                null,
                machine -> counts.computeIfAbsent(machine.model().brand(), b -> new TreeMap<>())
                        .merge(machine.model().appliance(), 1, Integer::sum));
        List<Count> all = new ArrayList<>();
        counts.forEach((brand, appliances) ->
                appliances.forEach((appliance, models) -> all.add(new Count(brand, appliance, models))));
        all.sort(Comparator.comparing((Count c) -> -c.models()).thenComparing(Count::brand));
        return all;
    }

    /** Until there is no more, or the reader has enough. */
    private void walk(PartNumber part, @Nullable String brand, String after, int rows, Predicate<Machine> reader) {
        boolean genuineOnly = rules.get().genuineOnly();
        Interchange interchange = new Interchange(catalog, part, genuineOnly);
        Set<PartNumber> listed = new TreeSet<>(interchange.listed());
        Optional<Piece> kit = KitRules.isKit(catalog, part, interchange)
                ? Optional.of(Piece.of(catalog, part, genuineOnly))
                : Optional.empty();
        kit.ifPresent(k -> listed.addAll(k.leading()));
        FitCursor merged = new FitCursor(catalog, listed, brand, after, rows);
        for (Optional<FitCursor.OfModel> next = merged.next(); next.isPresent(); next = merged.next()) {
            Optional<Machine> machine = served(next.get(), interchange, kit.orElse(null));
            if (machine.isPresent() && !reader.test(machine.get())) {
                return;
            }
        }
    }

    private Optional<Machine> served(FitCursor.OfModel found, Interchange interchange, @Nullable Piece kit) {
        Optional<FitBasis> basis = found.rows().stream()
                .flatMap(row -> interchange.from(row.part()).stream())
                .map(SupplyPath::basis)
                .min(Comparator.naturalOrder());
        if (basis.isPresent()) {
            List<Fit> rows = found.rows().stream()
                    .filter(row -> interchange
                            .from(row.part())
                            .map(path -> path.basis() == basis.get())
                            .orElse(false))
                    .toList();
            return Optional.of(new Machine(found.model(), basis.get(), rows));
        }
        List<Fit> all = catalog.fits(found.model().number());
        Set<PartNumber> there = all.stream().map(Fit::part).collect(Collectors.toSet());
        return Optional.ofNullable(kit).filter(k -> k.isTaken(there)).map(k -> {
            Set<PartNumber> pieces = k.all();
            return new Machine(
                    found.model(),
                    FitBasis.CONTENTS,
                    all.stream().filter(row -> pieces.contains(row.part())).toList());
        });
    }

    /** A kit or what lies in it, as the listed parts in whose place it is right. */
    private record Piece(Set<PartNumber> listed, List<Piece> contents) {
        static Piece of(Catalog catalog, PartNumber part, boolean genuineOnly) {
            Interchange interchange = new Interchange(catalog, part, genuineOnly);
            List<Piece> contents = new ArrayList<>();
            if (KitRules.isKit(catalog, part, interchange)) {
                for (KitContent row : catalog.contentsOf(part)) {
                    contents.add(of(catalog, row.content(), genuineOnly));
                }
            }
            return new Piece(interchange.listed(), contents);
        }

        boolean isTaken(Set<PartNumber> there) {
            return listed.stream().anyMatch(there::contains)
                    || (!contents.isEmpty() && contents.stream().allMatch(c -> c.isTaken(there)));
        }

        /** Listed parts of which a machine that takes it has at least one. */
        Set<PartNumber> leading() {
            Set<PartNumber> leading = new HashSet<>(listed);
            contents.stream().findFirst().ifPresent(c -> leading.addAll(c.leading()));
            return leading;
        }

        Set<PartNumber> all() {
            Set<PartNumber> all = new HashSet<>(listed);
            contents.forEach(c -> all.addAll(c.all()));
            return all;
        }
    }
}
