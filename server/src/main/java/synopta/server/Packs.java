package synopta.server;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import synopta.core.catalog.Appliance;
import synopta.core.diagnosis.Diagnoser;
import synopta.core.knowledge.Pack;

/** The sound packs, with a diagnoser for each. */
public final class Packs {
    private final Map<Appliance, Pack> packs = new TreeMap<>();
    private final Map<Appliance, Diagnoser> diagnosers = new TreeMap<>();

    Packs(List<Pack> sound) {
        sound.forEach(pack -> {
            packs.put(pack.appliance(), pack);
            diagnosers.put(pack.appliance(), new Diagnoser(pack));
        });
    }

    /** All of them. */
    public List<Pack> all() {
        return List.copyOf(packs.values());
    }

    /** The pack of an appliance, if there is knowledge of it. */
    public Optional<Pack> of(Appliance appliance) {
        return Optional.ofNullable(packs.get(appliance));
    }

    /** The diagnoser over that pack. */
    public Optional<Diagnoser> diagnoser(Appliance appliance) {
        return Optional.ofNullable(diagnosers.get(appliance));
    }
}
