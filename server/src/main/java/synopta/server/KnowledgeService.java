package synopta.server;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.function.Consumer;
import synopta.core.catalog.Appliance;
import synopta.core.knowledge.Pack;
import synopta.core.outcome.ParameterOverrides;

/** The knowledge packs that were found sound, with what was learned over them, and what is wrong with the others. */
public final class KnowledgeService {
    private final List<Pack> shipped;
    private final List<String> refused;
    private final List<Consumer<List<Pack>>> rooms = new CopyOnWriteArrayList<>();
    private volatile Map<Appliance, Pack> packs;
    private volatile ParameterOverrides layer;

    KnowledgeService(List<Pack> sound, List<String> refused, ParameterOverrides layer) {
        shipped = List.copyOf(sound);
        this.refused = List.copyOf(refused);
        learn(layer);
    }

    /** From now on with this over the packs as they ship; every room is told. */
    public void learn(ParameterOverrides layer) {
        Map<Appliance, Pack> learned = new TreeMap<>();
        shipped.forEach(pack -> learned.put(pack.appliance(), layer.over(pack)));
        packs = learned;
        this.layer = layer;
        rooms.forEach(room -> room.accept(all()));
    }

    /** Tells a room whenever something was learned. */
    void subscribe(Consumer<List<Pack>> room) {
        rooms.add(room);
    }

    /** What is laid over them. */
    public ParameterOverrides layer() {
        return layer;
    }

    /** All of them. */
    public List<Pack> all() {
        return List.copyOf(packs.values());
    }

    /** All of them as they ship. */
    public List<Pack> shipped() {
        return shipped;
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
