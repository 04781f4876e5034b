package synopta.core.bench;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.TreeSet;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import synopta.core.quantity.Ohms;
import synopta.core.quantity.Volts;
import synopta.core.quantity.Watts;
import synopta.core.reading.CheckInput;
import synopta.core.reading.Judging;
import synopta.core.reading.Reading;
import synopta.core.reading.Verdict;

/**
 * Is a heater of several coils good, pair of terminals by pair? What is to be read between two terminals is the effective
 * resistance of the whole network of coils, exact: with the conductances G of the network, one terminal held at 0, it is
 * x at the other where G x = one ampere there (Kirchhoff; any circuits text). It serves two coils on a common terminal,
 * coils side by side, and three in a ring alike. Cost: n³ for n terminals. Limits: {@link #MOST} coils.
 */
public final class CoilsCheck {
    /** The most coils of one heater. */
    public static final int MOST = 20;

    private final Volts volts;
    private final List<Coil> coils;

    private CoilsCheck(Volts volts, List<Coil> coils) {
        this.volts = volts;
        this.coils = coils;
    }

    /**
     * A coil between two terminals.
     *
     * @param from terminal at one end
     * @param to terminal at the other
     * @param watts rated power
     */
    public record Coil(String from, String to, Watts watts) {
        /** Refuses a coil from a terminal to itself. */
        public Coil {
            CheckInput.above0("Power of a coil", watts.value(), 50_000, "W", "Enter watts from the nameplate.");
            apart(from, to);
        }
    }

    /**
     * What was read between two terminals.
     *
     * @param from terminal of one lead
     * @param to terminal of the other
     * @param ohms resistance that was read, ohms, or overload
     */
    public record Read(String from, String to, Reading ohms) {
        /** Refuses a reading from a terminal to itself. */
        public Read {
            apart(from, to);
        }
    }

    /**
     * What was read from a terminal to the casing.
     *
     * @param terminal name of the terminal
     * @param ohms resistance that was read, ohms, or overload
     */
    public record ToCase(String terminal, Reading ohms) {}

    /**
     * A pair with what it should read; nothing where no coil joins the two.
     *
     * @param from terminal of one lead
     * @param to terminal of the other
     * @param expectedOhms expected resistance, ohms; null when the pair is not connected
     * @param ohms resistance that was read, ohms, or overload
     * @param verdict verdict in one word
     */
    public record Pair(String from, String to, @Nullable Double expectedOhms, Reading ohms, Verdict verdict) {
        /** What a meter should show: overload where no coil joins the two. */
        public Reading expected() {
            return expectedOhms != null ? new Reading.Figure(expectedOhms) : new Reading.Overload();
        }
    }

    /**
     * Each pair that was read, and the heater as a whole.
     *
     * @param pairs verdict on each pair
     * @param judged verdict, reason, next step and source
     */
    public record Answer(List<Pair> pairs, CheckResult judged) {}

    private static void apart(String from, String to) {
        if (from == null || from.isBlank() || to == null || to.isBlank() || from.equals(to)) {
            throw new IllegalArgumentException(
                    "A coil or reading needs two different terminals, not %s and %s.".formatted(from, to));
        }
    }

    /** Judges the readings of a heater that runs at so many volts. */
    public static Answer judge(Volts volts, List<Coil> coils, List<Read> readings, List<ToCase> toCase) {
        CheckInput.rated(volts);
        if (coils.isEmpty() || coils.size() > MOST || readings.isEmpty() && toCase.isEmpty()) {
            throw new IllegalArgumentException(
                    "Enter 1 to %d coils and at least one reading of a pair of terminals.".formatted(MOST));
        }
        CoilsCheck heater = new CoilsCheck(volts, List.copyOf(coils));
        List<Pair> pairs = readings.stream().map(heater::pair).toList();
        toCase.forEach(c -> heater.known(c.terminal()));
        return new Answer(pairs, heater.whole(pairs, toCase));
    }

    private Pair pair(Read read) {
        known(read.from());
        known(read.to());
        OptionalDouble expected = between(read.from(), read.to(), coils);
        Verdict verdict = expected.isPresent()
                ? Judging.Nameplate.verdict(new Ohms(expected.getAsDouble()), read.ohms())
                : read.ohms().fold(ohms -> Verdict.SHORTED, overload -> Verdict.GOOD);
        return new Pair(
                read.from(), read.to(), expected.isPresent() ? expected.getAsDouble() : null, read.ohms(), verdict);
    }

    private void known(String terminal) {
        if (!terminals().contains(terminal)) {
            throw new IllegalArgumentException("No coil ends at terminal %s; the coils end at %s. Correct the terminal."
                    .formatted(terminal, terminals()));
        }
    }

    private List<String> terminals() {
        return List.copyOf(new TreeSet<>(
                coils.stream().flatMap(c -> Stream.of(c.from(), c.to())).toList()));
    }

    private CheckResult whole(List<Pair> pairs, List<ToCase> toCase) {
        Optional<ToCase> leak = toCase.stream()
                .filter(c -> ElementCheck.toCase(c.ohms()) == Verdict.GROUNDED)
                .findFirst();
        Verdict verdict = Stream.concat(
                        pairs.stream().map(Pair::verdict), toCase.stream().map(c -> ElementCheck.toCase(c.ohms())))
                .max(Comparator.naturalOrder())
                .orElse(Verdict.GOOD);
        String why = leak.map(c -> "Terminal %s reads to the case (%s); a good heater reads OL there."
                        .formatted(c.terminal(), ElementCheck.shown(c.ohms())))
                .orElseGet(() -> why(verdict, pairs));
        String next = verdict == Verdict.GOOD
                ? "Test the rest of the heat circuit; do not sell a heater."
                : "A failed coil means a new heater assembly. %s"
                        .formatted(ElementCheck.next(verdict).toLowerCase(Locale.ROOT));
        return new CheckResult(verdict, why, next, "Kirchhoff's laws; " + ElementCheck.SOURCE);
    }

    private String why(Verdict verdict, List<Pair> pairs) {
        if (verdict == Verdict.GOOD) {
            return "Every pair reads within 10% of its expected value.";
        }
        return coils.stream()
                .filter(coil -> explains(coil, pairs))
                .findFirst()
                .map(coil -> "The readings match a heater whose coil %s–%s is open.".formatted(coil.from(), coil.to()))
                .orElseGet(() -> pairs.stream()
                        .filter(p -> p.verdict() == verdict)
                        .findFirst()
                        .map(p -> "%s to %s reads %s%s."
                                .formatted(
                                        p.from(),
                                        p.to(),
                                        ElementCheck.shown(p.ohms()),
                                        p.expectedOhms() != null
                                                ? String.format(Locale.ROOT, ", not %.1f Ω", p.expectedOhms())
                                                : ", though no coil connects them"))
                        .orElse(""));
    }

    /** Whether all readings are as they should be once that coil is taken out. */
    private boolean explains(Coil broken, List<Pair> pairs) {
        List<Coil> left = new ArrayList<>(coils);
        left.remove(broken);
        return pairs.stream().allMatch(p -> {
            OptionalDouble expected = between(p.from(), p.to(), left);
            return expected.isPresent()
                    ? Judging.Nameplate.verdict(new Ohms(expected.getAsDouble()), p.ohms()) == Verdict.GOOD
                    : p.ohms().fold(ohms -> false, overload -> true);
        });
    }

    /** The effective resistance between two terminals; nothing when no way of coils joins them. */
    private OptionalDouble between(String from, String to, List<Coil> network) {
        List<String> nodes = joined(from, network);
        if (!nodes.contains(to)) {
            return OptionalDouble.empty();
        }
        nodes.remove(to);
        int n = nodes.size();
        double[][] system = new double[n][n + 1];
        for (Coil coil : network) {
            double conductance = 1 / Ohms.of(volts, coil.watts()).value();
            int a = nodes.indexOf(coil.from());
            int b = nodes.indexOf(coil.to());
            for (int node : new int[] {a, b}) {
                if (node >= 0) {
                    system[node][node] += conductance;
                }
            }
            if (a >= 0 && b >= 0) {
                system[a][b] -= conductance;
                system[b][a] -= conductance;
            }
        }
        int source = nodes.indexOf(from);
        system[source][n] = 1;
        return OptionalDouble.of(solved(system)[source]);
    }

    /** Terminals that a way of coils joins to this one, itself among them. */
    private static List<String> joined(String start, List<Coil> network) {
        List<String> nodes = new ArrayList<>(List.of(start));
        for (int i = 0; i < nodes.size(); i++) {
            String node = nodes.get(i);
            for (Coil coil : network) {
                String other = coil.from().equals(node) ? coil.to() : coil.to().equals(node) ? coil.from() : node;
                if (!nodes.contains(other)) {
                    nodes.add(other);
                }
            }
        }
        return nodes;
    }

    /** Gauss with the diagonal as pivots: the matrix is that of a joined network, positive definite. */
    private static double[] solved(double[][] system) {
        int n = system.length;
        for (int p = 0; p < n; p++) {
            for (int row = 0; row < n; row++) {
                if (row != p && system[row][p] != 0) {
                    double factor = system[row][p] / system[p][p];
                    for (int column = p; column <= n; column++) {
                        system[row][column] -= factor * system[p][column];
                    }
                }
            }
        }
        double[] x = new double[n];
        for (int p = 0; p < n; p++) {
            x[p] = system[p][n] / system[p][p];
        }
        return x;
    }
}
