package synopta.core.knowledge;

import java.util.Collection;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.concurrent.atomic.AtomicReference;
import java.util.function.Function;
import java.util.function.Supplier;
import synopta.core.catalog.Appliance;

/**
 * The packs in force: the one place that all users of pack data ask, so that an accepted update is seen by all of them.
 * What is expensive to make of the packs is made by {@link #derive}, once for each replacement. Safe for threads.
 */
public final class CurrentPacks {
    private volatile Map<Appliance, Pack> packs;

    /** Begins with these packs, at most one an appliance; the last of an appliance counts. */
    public CurrentPacks(Collection<Pack> packs) {
        replace(packs);
    }

    /** From now on these are in force, instead of all that were. */
    public void replace(Collection<Pack> packs) {
        Map<Appliance, Pack> replaced = new TreeMap<>();
        packs.forEach(pack -> replaced.put(pack.appliance(), pack));
        this.packs = Collections.unmodifiableMap(replaced);
    }

    /** The packs by appliance, in the order of the appliances. */
    public Map<Appliance, Pack> byAppliance() {
        return packs;
    }

    /** All packs, in the order of their appliances. */
    public List<Pack> all() {
        return List.copyOf(packs.values());
    }

    /** The pack of an appliance; empty while there is no knowledge of it. */
    public Optional<Pack> of(Appliance appliance) {
        return Optional.ofNullable(packs.get(appliance));
    }

    /** Something made of the packs in force: made now, and anew at the first use after they were replaced. */
    public <T> Supplier<T> derive(Function<Map<Appliance, Pack>, T> make) {
        AtomicReference<Derived<T>> last = new AtomicReference<>(Derived.of(packs, make));
        return () -> {
            Map<Appliance, Pack> current = packs;
            if (last.get().packs != current) {
                last.set(Derived.of(current, make));
            }
            return last.get().value;
        };
    }

    private record Derived<T>(Map<Appliance, Pack> packs, T value) {
        static <T> Derived<T> of(Map<Appliance, Pack> packs, Function<Map<Appliance, Pack>, T> make) {
            return new Derived<>(packs, make.apply(packs));
        }
    }
}
