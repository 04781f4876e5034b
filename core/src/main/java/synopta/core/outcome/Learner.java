package synopta.core.outcome;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import java.util.stream.DoubleStream;
import synopta.core.knowledge.Fault;
import synopta.core.knowledge.Finding;
import synopta.core.knowledge.MeterTest;
import synopta.core.knowledge.Pack;

/**
 * What cases teach of a pack. Every figure is held with a belief worth so many cases, and moved by counting (the
 * conjugate updates of Gelman et al., Bayesian Data Analysis, chapter 2): answers by Dirichlet, tests by Beta, rates and
 * lives by Gamma, minutes by the normal law of their logarithms. What a belief is worth is our judgement; it keeps a few odd
 * cases from swinging it. A case is taken to have the one fault that was found.
 */
public final class Learner {
    private static final double BELIEF_IN_A_LINK = 20;
    private static final double BELIEF_IN_A_LEAK = 60;
    private static final double BELIEF_IN_A_TEST = 30;
    private static final double BELIEF_IN_A_RATE = 6;
    private static final double BELIEF_IN_A_LIFE = 10;

    /** Spread of the logarithm of how much longer a layout takes, beforehand. */
    private static final double BELIEF_IN_MINUTES = 0.2;

    /** Spread of the logarithm of how much longer one fitter takes than the next. */
    private static final double FITTERS = 0.35;

    private static final double DEVIATE = 1.959963984540054;

    /** Nothing is proposed on fewer cases. */
    private static final int FEWEST = 5;

    private final Pack pack;
    private final List<Lesson> lessons;
    private final Machines machines;

    /** Learns of this pack from the lessons of its appliance whose fault it knows. */
    public Learner(Pack pack, List<Lesson> lessons) {
        this.pack = pack;
        this.lessons = lessons.stream()
                .filter(lesson -> lesson.appliance() == pack.appliance())
                .filter(lesson -> pack.fault(lesson.fault()).isPresent())
                .toList();
        machines = new Machines(pack);
    }

    /** All that may be changed, what moved farthest for its interval first. */
    public List<Proposal> proposals() {
        List<Proposal> proposals = new ArrayList<>();
        pack.findings().stream().filter(f -> !f.isOfConstruction()).forEach(finding -> answers(finding, proposals));
        pack.tests().forEach(test -> tests(test, proposals));
        rates(proposals);
        lives(proposals);
        minutes(proposals);
        proposals.sort(Comparator.comparingDouble(p -> -p.moved()));
        return proposals;
    }

    private Answers counted(Finding finding, Predicate<Lesson> which) {
        return Answers.of(finding, lessons.stream().filter(which).toList());
    }

    private void answers(Finding finding, List<Proposal> proposals) {
        double[] leak = leak(finding);
        Set<String> linked = new HashSet<>();
        for (Fault fault : pack.faults()) {
            if (pack.links(fault).stream().anyMatch(l -> l.finding().equals(finding.id()))) {
                linked.add(fault.id());
            }
        }
        Answers unlinked = counted(finding, lesson -> !linked.contains(lesson.fault()));
        double[] leaks = unlinked.moved(leak, BELIEF_IN_A_LEAK);
        for (int level = 1; level < leak.length; level++) {
            if (unlinked.known() >= FEWEST && leak[level] > 0) {
                Finding.Answer answer = finding.answers().get(level);
                proposals.add(new Proposal(
                        Kind.LEAK,
                        pack.appliance(),
                        finding.id() + "|" + answer.slug(),
                        "%s, with none of its faults".formatted(answer.words()),
                        leak[level],
                        leaks[level],
                        unlinked.interval(leaks[level], BELIEF_IN_A_LEAK),
                        unlinked.met(level),
                        unlinked.known(),
                        leaks[level]));
            }
        }
        for (Fault fault : pack.faults()) {
            if (fault.shows().stream().anyMatch(l -> l.finding().equals(finding.id()))) {
                links(finding, fault, leak, proposals);
            }
        }
    }

    private static double[] leak(Finding finding) {
        double[] leak =
                finding.answers().stream().mapToDouble(Finding.Answer::leak).toArray();
        leak[0] = 1 - Arrays.stream(leak).sum();
        return leak;
    }

    /** A finding takes the higher of what the leak and the fault bring about, so their sums over lower levels multiply. */
    private void links(Finding finding, Fault fault, double[] leak, List<Proposal> proposals) {
        Answers counts = counted(finding, lesson -> lesson.fault().equals(fault.id()));
        if (counts.known() < FEWEST) {
            return;
        }
        double[] effect = new double[leak.length];
        int[] links = new int[leak.length];
        pack.links(fault).stream().filter(l -> l.finding().equals(finding.id())).forEach(l -> {
            effect[l.level(finding)] += l.strength();
            links[l.level(finding)]++;
        });
        effect[0] = Math.max(0, 1 - Arrays.stream(effect).sum());
        double[] seen = seen(leak, effect);
        double[] moved = counts.moved(seen, BELIEF_IN_A_LINK);
        double[] learnt = effectOf(moved, leak);
        for (Fault.Link link : fault.shows()) {
            int level = link.finding().equals(finding.id()) ? link.level(finding) : 0;
            if (level > 0 && links[level] == 1 && learnt[level] > 0) {
                Finding.Answer answer = finding.answers().get(level);
                proposals.add(new Proposal(
                        Kind.LINK,
                        pack.appliance(),
                        String.join("|", fault.id(), finding.id(), answer.slug()),
                        "%s: %s".formatted(fault.name(), answer.words()),
                        seen[level],
                        moved[level],
                        counts.interval(moved[level], BELIEF_IN_A_LINK),
                        counts.met(level),
                        counts.known(),
                        learnt[level]));
            }
        }
    }

    private static double[] seen(double[] leak, double[] effect) {
        double[] seen = new double[leak.length];
        double leaked = 0;
        double shown = 0;
        double below = 0;
        for (int level = 0; level < leak.length; level++) {
            leaked += leak[level];
            shown += effect[level];
            seen[level] = leaked * shown - below;
            below = leaked * shown;
        }
        return seen;
    }

    private static double[] effectOf(double[] seen, double[] leak) {
        double[] effect = new double[leak.length];
        double leaked = 0;
        double met = 0;
        double below = 0;
        for (int level = 0; level < leak.length; level++) {
            leaked += leak[level];
            met += seen[level];
            double upTo = Math.max(below, Math.min(1, met / leaked));
            effect[level] = upTo - below;
            below = upTo;
        }
        return effect;
    }

    private void tests(MeterTest test, List<Proposal> proposals) {
        Answers failed = counted(test.finding(), lesson -> test.finds().contains(lesson.fault()));
        Answers sound = counted(test.finding(), lesson -> !test.finds().contains(lesson.fault()));
        tested(Kind.SENSITIVITY, test, "a failed one reads bad", test.sensitivity(), failed, 1, proposals);
        tested(Kind.SPECIFICITY, test, "a sound one reads good", test.specificity(), sound, 0, proposals);
    }

    private void tested(
            Kind kind,
            MeterTest test,
            String words,
            double before,
            Answers counts,
            int level,
            List<Proposal> proposals) {
        if (counts.known() >= FEWEST && before < 1) {
            double[] believed = new double[] {1 - before, 1 - before};
            believed[level] = before;
            double after = counts.moved(believed, BELIEF_IN_A_TEST)[level];
            proposals.add(new Proposal(
                    kind,
                    pack.appliance(),
                    test.finding().id(),
                    "%s: %s".formatted(test.finding().question(), words),
                    before,
                    after,
                    counts.interval(after, BELIEF_IN_A_TEST),
                    counts.met(level),
                    counts.known(),
                    after));
        }
    }

    /** How often each fault was found against how often it was to be expected in these machines, of these ages. */
    private void rates(List<Proposal> proposals) {
        Map<String, Double> expected = new LinkedHashMap<>();
        lessons.forEach(
                lesson -> machines.shares(lesson).forEach((fault, share) -> expected.merge(fault, share, Double::sum)));
        Map<String, Long> found = lessons.stream().collect(Collectors.groupingBy(Lesson::fault, Collectors.counting()));
        for (Fault fault : pack.faults()) {
            double due = expected.getOrDefault(fault.id(), 0.0);
            int seen = found.getOrDefault(fault.id(), 0L).intValue();
            if (lessons.size() >= FEWEST && due + seen >= 1) {
                double a = BELIEF_IN_A_RATE + seen;
                double b = BELIEF_IN_A_RATE + due;
                Interval times = Interval.gamma(a, b);
                proposals.add(new Proposal(
                        Kind.RATE,
                        pack.appliance(),
                        fault.id(),
                        "%s, among all faults".formatted(fault.name()),
                        fault.prior(),
                        Pack.bounded(fault.prior() * a / b),
                        new Interval(
                                Pack.bounded(fault.prior() * times.low()), Pack.bounded(fault.prior() * times.high())),
                        seen,
                        lessons.size(),
                        Pack.bounded(fault.prior() * a / b)));
            }
        }
    }

    /**
     * Lives, the shape as the pack has it: machines that came for the part failed at their age; those that came for
     * another had it without failure until then (independent risks; Cox and Oakes 1984, chapter 9).
     */
    private void lives(List<Proposal> proposals) {
        pack.partTypes().forEach(type -> {
            double shape = type.life().shape();
            double[] failed = ages(lesson -> machines.partTypeOf(lesson).equals(type.slug()));
            double[] sound = ages(
                    lesson -> !machines.partTypeOf(lesson).equals(type.slug()) && machines.has(lesson, type.slug()));
            if (failed.length >= FEWEST) {
                double before = type.life().scaleYears();
                double a = BELIEF_IN_A_LIFE + failed.length;
                double b = BELIEF_IN_A_LIFE * Math.pow(before, shape)
                        + DoubleStream.concat(Arrays.stream(failed), Arrays.stream(sound))
                                .map(age -> Math.pow(age, shape))
                                .sum();
                Interval rate = Interval.gamma(a, b);
                double after = Math.pow(b / a, 1 / shape);
                proposals.add(new Proposal(
                        Kind.LIFE,
                        pack.appliance(),
                        type.slug(),
                        "%s: years by which 63 in 100 have failed%s".formatted(type.name(), alone(failed, sound)),
                        before,
                        after,
                        new Interval(Math.pow(rate.high(), -1 / shape), Math.pow(rate.low(), -1 / shape)),
                        failed.length,
                        failed.length + sound.length,
                        after));
            }
        });
    }

    /** What the cases would say by themselves, the shape too; nothing where all failed at one age. */
    private static String alone(double[] failed, double[] sound) {
        if (Arrays.stream(failed).distinct().count() < 2) {
            return "";
        }
        WeibullFit.Fitted fitted = WeibullFit.of(failed, sound);
        return String.format(Locale.ROOT, "; the cases alone say %.1f, shape %.1f", fitted.scale(), fitted.shape());
    }

    private double[] ages(Predicate<Lesson> which) {
        return lessons.stream()
                .filter(lesson ->
                        lesson.ageYears().isPresent() && lesson.ageYears().getAsDouble() > 0)
                .filter(which)
                .mapToDouble(lesson -> lesson.ageYears().getAsDouble())
                .toArray();
    }

    private void minutes(List<Proposal> proposals) {
        pack.layouts().forEach(layout -> {
            double[] logs = lessons.stream()
                    .filter(lesson -> lesson.layout().map(layout.id()::equals).orElse(false))
                    .filter(lesson -> lesson.workRatio().isPresent())
                    .mapToDouble(lesson -> Math.log(lesson.workRatio().getAsDouble()))
                    .toArray();
            if (logs.length >= FEWEST) {
                double precision = logs.length / (FITTERS * FITTERS) + 1 / (BELIEF_IN_MINUTES * BELIEF_IN_MINUTES);
                double mean = Arrays.stream(logs).sum() / (FITTERS * FITTERS) / precision;
                double reach = DEVIATE / Math.sqrt(precision);
                proposals.add(new Proposal(
                        Kind.MINUTES,
                        pack.appliance(),
                        layout.id(),
                        "%s: times as long as the pack says".formatted(layout.name()),
                        1,
                        Math.exp(mean),
                        new Interval(Math.exp(mean - reach), Math.exp(mean + reach)),
                        logs.length,
                        logs.length,
                        Math.exp(mean)));
            }
        });
    }
}
