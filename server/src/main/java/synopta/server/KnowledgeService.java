package synopta.server;

import java.util.List;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.function.Supplier;
import synopta.core.knowledge.CurrentPacks;
import synopta.core.knowledge.Pack;
import synopta.core.outcome.ParameterOverrides;
import synopta.core.outcome.ParameterRepository;

/** The knowledge packs that were found sound, with what was learned over them, and what is wrong with the others. */
public final class KnowledgeService {
    private final List<Pack> shipped;
    private final List<String> refused;
    private final List<Runnable> listeners = new CopyOnWriteArrayList<>();
    private final CurrentPacks current = new CurrentPacks(List.of());
    private volatile ParameterOverrides layer;

    KnowledgeService(List<Pack> sound, List<String> refused, ParameterOverrides layer) {
        shipped = List.copyOf(sound);
        this.refused = List.copyOf(refused);
        learn(layer);
    }

    /** Makes a change of what is learned and lets it take effect, one after another, so that none is lost. */
    public synchronized void learn(Supplier<ParameterRepository.Version> change) {
        learn(change.get().layer());
    }

    /** From now on with this over the packs as they ship; every listener is told. */
    private void learn(ParameterOverrides layer) {
        current.replace(shipped.stream().map(layer::over).toList());
        this.layer = layer;
        listeners.forEach(Runnable::run);
    }

    /** Calls a listener whenever something was learned. */
    void subscribe(Runnable listener) {
        listeners.add(listener);
    }

    /** The packs in force, for all who use them. */
    public CurrentPacks current() {
        return current;
    }

    /** What is laid over them. */
    public ParameterOverrides layer() {
        return layer;
    }

    /** All of them as they ship. */
    public List<Pack> shipped() {
        return shipped;
    }

    /** What is wrong with the packs that were left out: file, path and remedy of each fault. */
    public List<String> refused() {
        return refused;
    }
}
