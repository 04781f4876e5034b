package synopta.core.diagnosis;

import java.util.ArrayList;
import java.util.BitSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.TreeMap;
import synopta.core.knowledge.Finding;
import synopta.core.knowledge.Layout;
import synopta.core.knowledge.Pack;

/**
 * What a machine may be: its layout and fuel, and in each the kinds of which it is exactly one. Fuels and layouts that
 * make no difference are one variant. Shares add up to the probability of what is known of the construction.
 */
final class MachineVariants {
    private final Pack pack;
    private final Constructions constructions;
    private final Machine machine;
    private final List<Evidence> known;
    private final Map<Network.Able, Double> shares = new LinkedHashMap<>();
    private double all;

    /**
     * Begins with none.
     *
     * @param known what is known of how the machine is built
     */
    MachineVariants(Pack pack, Constructions constructions, Machine machine, List<Evidence> known) {
        this.pack = pack;
        this.constructions = constructions;
        this.machine = machine;
        this.known = known;
    }

    /** All that it may be; refuses a layout that the fuel excludes. */
    List<Network.Variant> variants() {
        constructions.all().stream()
                .filter(built -> machine.fuels().contains(built.fuel()))
                .filter(built -> machine.layout() == null
                        || machine.layout().equals(built.layout().id()))
                .forEach(this::add);
        if (shares.isEmpty()) {
            throw new IllegalArgumentException("No %s of construction %s uses %s. Check the construction and the fuel."
                    .formatted(
                            pack.appliance().slug(),
                            Objects.requireNonNullElse(machine.layout(), "any"),
                            machine.fuels()));
        }
        List<Network.Variant> variants = new ArrayList<>();
        int faults = pack.faults().size();
        shares.forEach((able, share) -> variants.add(able.variant(share / all, faults)));
        return variants;
    }

    private void add(Constructions.Built built) {
        all += built.share();
        double share = built.share();
        BitSet allowed = (BitSet) built.allowed().clone();
        List<Network.Choice> choices = new ArrayList<>();
        for (Finding fork : constructions.forks()) {
            List<Network.Kind> kinds = isKnown(fork)
                    ? Constructions.kinds(
                            weights(built.layout(), fork), built.hanging().getOrDefault(fork.id(), Map.of()))
                    : built.kinds().get(fork.id());
            if (kinds.size() > 1) {
                choices.add(new Network.Choice(fork.id(), kinds));
            } else {
                kinds.forEach(kind -> kind.absent().forEach(allowed::clear));
                share *= kinds.stream().mapToDouble(Network.Kind::share).sum();
            }
        }
        shares.merge(new Network.Able(allowed, choices), share, Double::sum);
    }

    private boolean isKnown(Finding fork) {
        return machine.kinds().containsKey(fork.id())
                || known.stream().anyMatch(piece -> piece.finding().equals(fork.id()));
    }

    /** By answer: its share in the layout times the probability of what is known of it. */
    private Map<String, Double> weights(Layout layout, Finding fork) {
        String listed = machine.kinds().get(fork.id());
        Map<String, Double> weights = new TreeMap<>();
        for (Finding.Answer answer : fork.answers()) {
            double weight = constructions.shares(layout, fork).getOrDefault(answer.slug(), 0.0);
            if (listed != null) {
                weight = listed.equals(answer.slug()) ? 1 : 0;
            }
            for (Evidence piece : known) {
                if (piece.finding().equals(fork.id())) {
                    double right = piece.right();
                    double wrong = (1 - right) / (fork.answers().size() - 1);
                    weight *= piece.answer().equals(answer.slug()) ? right : wrong;
                }
            }
            weights.put(answer.slug(), weight);
        }
        return weights;
    }
}
