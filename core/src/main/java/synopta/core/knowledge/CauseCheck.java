package synopta.core.knowledge;

import java.util.HashSet;
import java.util.Set;
import java.util.function.BiConsumer;

/** Finds causes that are no faults of the pack, and faults that are, over others, their own cause. */
final class CauseCheck {
    private final Pack pack;
    private final BiConsumer<String, String> say;

    /** Tells each fault with its path within the pack. */
    CauseCheck(Pack pack, BiConsumer<String, String> say) {
        this.pack = pack;
        this.say = say;
    }

    void check() {
        for (int i = 0; i < pack.faults().size(); i++) {
            Fault fault = pack.faults().get(i);
            for (int j = 0; j < fault.causedBy().size(); j++) {
                String path = "faults[%d].causedBy[%d].fault".formatted(i, j);
                String cause = fault.causedBy().get(j).fault();
                if (pack.fault(cause).isEmpty()) {
                    say.accept(path, PackCheck.unknown("fault", cause, pack.faults(), Fault::id));
                }
                if (leadsTo(cause, fault.id(), new HashSet<>())) {
                    say.accept(path, "%s would be its own cause. Remove one of the causes.".formatted(fault.id()));
                }
            }
        }
    }

    private boolean leadsTo(String from, String to, Set<String> been) {
        return from.equals(to)
                || been.add(from)
                        && pack.fault(from).stream()
                                .flatMap(f -> f.causedBy().stream())
                                .anyMatch(c -> leadsTo(c.fault(), to, been));
    }
}
