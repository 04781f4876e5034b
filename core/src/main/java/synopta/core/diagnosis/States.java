package synopta.core.diagnosis;

import java.util.ArrayList;
import java.util.List;

/** The states of what is known, where they begin and end, and the steps that each fault takes among them. */
final class States {
    private final Network network;
    private final int[] order;
    private final List<Digit> digits = new ArrayList<>();
    private final List<Observation> clear = new ArrayList<>();
    private final int count;

    /** A finding of several classes. */
    private record Digit(Observation observation, int stride, int radix) {}

    States(Network network, List<Observation> known, int[] order) {
        this.network = network;
        this.order = order;
        int stride = 1;
        for (Observation observation : known) {
            int radix = observation.classes().length;
            if (radix == 1) {
                clear.add(observation);
            } else {
                digits.add(new Digit(observation, stride, radix));
                stride *= radix;
            }
        }
        count = stride;
    }

    /** What leaks alone lead to. */
    double[] first() {
        double[] v = new double[count];
        v[0] = 1;
        for (Observation observation : clear) {
            v[0] *= observation.toClasses(network.leaks()[observation.finding()])[0];
        }
        for (Digit digit : digits) {
            double[] leak = digit.observation.toClasses(network.leaks()[digit.observation.finding()]);
            new Step.Spread(digit.stride, leak).apply(v);
        }
        return v;
    }

    /** How likely what is known is in each state; what clear findings are worth is in it too. */
    double[] last() {
        double[] w = new double[count];
        double constant = 1;
        for (Observation observation : clear) {
            constant *= observation.classes()[0];
        }
        for (int s = 0; s < count; s++) {
            w[s] = constant;
            for (Digit digit : digits) {
                w[s] *= digit.observation.classes()[s / digit.stride % digit.radix];
            }
        }
        return w;
    }

    /** The step of each fault in its order, for one machine it may be. */
    Step[] steps(Network.Variant variant) {
        Step[] steps = new Step[order.length];
        List<Integer> open = new ArrayList<>();
        for (int i = 0; i < order.length; i++) {
            int fault = order[i];
            boolean barred = !variant.allowed()[fault];
            int were = open.size();
            for (int consequence : order) {
                boolean started = consequence == fault || causes(fault, consequence);
                if (network.isConsequence(consequence) && started && !open.contains(consequence)) {
                    open.add(consequence);
                }
            }
            int closes = network.isConsequence(fault) ? stride(open.indexOf(fault)) : 0;
            int opens = open.size() - were;
            open.remove(Integer.valueOf(fault));
            steps[i] = new Step(
                    network.priors()[fault],
                    barred ? 1 : clear(fault),
                    barred ? new Step.Spread[0] : spreads(fault, open),
                    opens,
                    closes,
                    barred);
        }
        return steps;
    }

    private boolean causes(int fault, int consequence) {
        return network.isConsequence(consequence) && network.causes()[consequence][fault] > 0;
    }

    private int stride(int openDigit) {
        return count << openDigit;
    }

    private double clear(int fault) {
        double clear = 1;
        for (Observation observation : this.clear) {
            double[] effect = network.effects()[observation.finding()][fault];
            clear *= effect == null ? 1 : observation.toClasses(effect)[0];
        }
        return clear;
    }

    /** What the fault raises once its own digit is gone. */
    private Step.Spread[] spreads(int fault, List<Integer> open) {
        List<Step.Spread> spreads = new ArrayList<>();
        for (Digit digit : digits) {
            double[] effect = network.effects()[digit.observation.finding()][fault];
            if (effect != null) {
                spreads.add(new Step.Spread(digit.stride, digit.observation.toClasses(effect)));
            }
        }
        for (int i = 0; i < open.size(); i++) {
            if (causes(fault, open.get(i))) {
                double strength = network.causes()[open.get(i)][fault];
                spreads.add(new Step.Spread(stride(i), new double[] {1 - strength, strength}));
            }
        }
        return spreads.toArray(Step.Spread[]::new);
    }
}
