package synopta.core.diagnosis;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.IntPredicate;
import java.util.stream.IntStream;

/** The states of what is known, where they begin and end, and the steps that each fault takes among them. */
final class StateSpace {
    private final Network network;
    private final int[] order;
    private final List<Digit> digits = new ArrayList<>();
    private final List<Digit> clear = new ArrayList<>();
    /** Those that must be followed. */
    private final Set<Integer> consequences = new LinkedHashSet<>();

    private final Map<String, int[]> ranges = new HashMap<>();
    private final int count;

    /** A finding's classes; several make a digit of the state's number. */
    private record Digit(int finding, int[] classOf, double[] classes, int stride) {
        int radix() {
            return classes.length;
        }

        /** Probabilities of the classes out of those of the levels; what is impossible is left out. */
        double[] of(double[] levels) {
            double[] sums = new double[classes.length];
            for (int level = 0; level < classOf.length; level++) {
                sums[classOf[level]] += levels[level];
            }
            return sums;
        }
    }

    StateSpace(Network network, List<Observation> known, IntPredicate wanted) {
        this.network = network;
        order = network.order();
        int stride = 1;
        for (Observation observation : known) {
            Digit digit = new Digit(observation.finding(), observation.classOf(), observation.classes(), stride);
            (digit.radix() == 1 ? clear : digits).add(digit);
            stride *= digit.radix();
        }
        count = stride;
        for (int i = order.length - 1; i >= 0; i--) {
            int fault = order[i];
            boolean matters = wanted.test(fault)
                    || known.stream().anyMatch(o -> network.effects()[o.finding()][fault] != null)
                    || consequences.stream().anyMatch(c -> causes(fault, c));
            if (network.isConsequence(fault) && matters) {
                consequences.add(fault);
            }
        }
    }

    /** What leaks alone lead to. */
    double[] first() {
        double[] v = new double[count];
        v[0] = 1;
        for (Digit finding : clear) {
            v[0] *= finding.of(network.leaks()[finding.finding])[0];
        }
        for (Digit digit : digits) {
            new Transition.Spread(digit.stride, digit.of(network.leaks()[digit.finding])).apply(v);
        }
        return v;
    }

    /** How likely what is known is in each state; what clear findings are worth is in it too. */
    double[] last() {
        double[] w = new double[count];
        double constant = 1;
        for (Digit finding : clear) {
            constant *= finding.classes[0];
        }
        for (int s = 0; s < count; s++) {
            w[s] = constant;
            for (Digit digit : digits) {
                w[s] *= digit.classes[s / digit.stride % digit.radix()];
            }
        }
        return w;
    }

    /** The step of each fault in its order, for a machine that can have them all. */
    Transition[] steps() {
        Transition[] steps = new Transition[order.length];
        List<Integer> open = new ArrayList<>();
        for (int i = 0; i < order.length; i++) {
            int fault = order[i];
            int were = open.size();
            for (int consequence : consequences) {
                boolean started = consequence == fault || causes(fault, consequence);
                if (started && !open.contains(consequence)) {
                    open.add(consequence);
                }
            }
            if (network.isConsequence(fault) && !consequences.contains(fault)) {
                steps[i] = new Transition(0, 1, new Transition.Spread[0], 0, 0, true);
                continue;
            }
            int closes = network.isConsequence(fault) ? stride(open.indexOf(fault)) : 0;
            int opens = open.size() - were;
            open.remove(Integer.valueOf(fault));
            steps[i] =
                    new Transition(network.priors()[fault], clear(fault), spreads(fault, open), opens, closes, false);
        }
        return steps;
    }

    /** The steps of a machine that cannot have some of the faults, or only if it is of one kind. */
    FaultStep[] steps(Transition[] all, Network.Variant variant) {
        FaultStep[] steps = new FaultStep[order.length];
        for (int i = 0; i < order.length; i++) {
            steps[i] = variant.allowed()[order[i]] ? all[i] : all[i].outOfBounds();
        }
        for (Network.Choice choice : variant.choices()) {
            int[] range = ranges.computeIfAbsent(choice.fork(), this::range);
            double[] shares = choice.shares();
            for (int i = range[0]; i <= range[1]; i++) {
                Transition[] byKind = byKind(all[i], order[i], variant, choice);
                steps[i] = new KindStep(byKind, shares, i == range[0], i == range[1]);
            }
        }
        return steps;
    }

    /** The first and the last place in the order of the faults that depend on a fork. */
    private int[] range(String fork) {
        Set<Integer> members = network.forks().get(fork);
        int[] places = IntStream.range(0, order.length)
                .filter(i -> members.contains(order[i]))
                .toArray();
        return new int[] {places[0], places[places.length - 1]};
    }

    private static Transition[] byKind(Transition step, int fault, Network.Variant variant, Network.Choice choice) {
        Transition[] byKind = new Transition[choice.kinds().size()];
        Transition barred = step.outOfBounds();
        for (int kind = 0; kind < byKind.length; kind++) {
            boolean can = variant.allowed()[fault]
                    && !choice.kinds().get(kind).absent().contains(fault);
            byKind[kind] = can ? step : barred;
        }
        return byKind;
    }

    private boolean causes(int fault, int consequence) {
        return network.causes()[consequence][fault] > 0;
    }

    private int stride(int openDigit) {
        return count << openDigit;
    }

    private double clear(int fault) {
        double share = 1;
        for (Digit finding : clear) {
            double[] effect = network.effects()[finding.finding][fault];
            share *= effect == null ? 1 : finding.of(effect)[0];
        }
        return share;
    }

    /** What the fault raises once its own digit is gone. */
    private Transition.Spread[] spreads(int fault, List<Integer> open) {
        List<Transition.Spread> spreads = new ArrayList<>();
        for (Digit digit : digits) {
            double[] effect = network.effects()[digit.finding][fault];
            if (effect != null) {
                spreads.add(new Transition.Spread(digit.stride, digit.of(effect)));
            }
        }
        for (int i = 0; i < open.size(); i++) {
            if (causes(fault, open.get(i))) {
                double strength = network.causes()[open.get(i)][fault];
                spreads.add(new Transition.Spread(stride(i), new double[] {1 - strength, strength}));
            }
        }
        return spreads.toArray(Transition.Spread[]::new);
    }
}
