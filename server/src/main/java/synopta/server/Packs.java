package synopta.server;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import synopta.core.catalog.Appliance;
import synopta.core.knowledge.Pack;

/** The knowledge packs that were found sound, and what is wrong with the others. */
public final class Packs {
    private final Map<Appliance, Pack> packs = new TreeMap<>();
    private final List<String> refused;

    Packs(List<Pack> sound, List<String> refused) {
        sound.forEach(pack -> packs.put(pack.appliance(), pack));
        this.refused = List.copyOf(refused);
    }

    /** All of them. */
    public List<Pack> all() {
        return List.copyOf(packs.values());
    }

    /** The pack of an appliance, if there is knowledge of it. */
    public Optional<Pack> of(Appliance appliance) {
        return Optional.ofNullable(packs.get(appliance));
    }

    /** What is wrong with the packs that were left out: file, path and remedy of each fault. */
    public List<String> refused() {
        return refused;
    }
}
