package synopta.core.outcome;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.function.Predicate;
import synopta.core.knowledge.Fault;
import synopta.core.knowledge.Finding;
import synopta.core.knowledge.MeterTest;
import synopta.core.knowledge.Pack;

/** What the answers of cases teach: how often a fault shows, how often it looks so without, how far a test can be trusted. */
final class FindingLearner {
    private static final double BELIEF_IN_A_LINK = 20;
    private static final double BELIEF_IN_A_LEAK = 60;
    private static final double BELIEF_IN_A_TEST = 30;

    private final Pack pack;
    private final List<ConfirmedCase> confirmedCases;
    private final List<Proposal> proposals = new ArrayList<>();

    FindingLearner(Pack pack, List<ConfirmedCase> confirmedCases) {
        this.pack = pack;
        this.confirmedCases = confirmedCases;
    }

    List<Proposal> proposals() {
        pack.findings().stream().filter(f -> !f.isOfConstruction()).forEach(this::answers);
        pack.tests().forEach(this::tests);
        return proposals;
    }

    private AnswerCounts counted(Finding finding, Predicate<ConfirmedCase> which) {
        return AnswerCounts.of(finding, confirmedCases.stream().filter(which).toList());
    }

    private void answers(Finding finding) {
        double[] leak = leak(finding);
        Set<String> linked = new HashSet<>();
        for (Fault fault : pack.faults()) {
            if (pack.links(fault).stream().anyMatch(l -> l.finding().equals(finding.id()))) {
                linked.add(fault.id());
            }
        }
        leaks(finding, leak, linked);
        for (Fault fault : pack.faults()) {
            if (fault.shows().stream().anyMatch(l -> l.finding().equals(finding.id()))) {
                links(finding, fault, leak);
            }
        }
    }

    /** How often each answer is given where none of its faults was found. */
    private void leaks(Finding finding, double[] leak, Set<String> linked) {
        AnswerCounts unlinked = counted(finding, confirmedCase -> !linked.contains(confirmedCase.fault()));
        double[] leaks = unlinked.moved(leak, BELIEF_IN_A_LEAK);
        for (int level = 1; level < leak.length; level++) {
            if (unlinked.known() >= ParameterLearner.FEWEST && leak[level] > 0) {
                Finding.Answer answer = finding.answers().get(level);
                proposals.add(Proposal.of(
                        ParameterKind.LEAK,
                        pack.appliance(),
                        finding.id() + "|" + answer.slug(),
                        "%s without any of its faults".formatted(answer.words()),
                        leak[level],
                        leaks[level],
                        unlinked.interval(leaks[level], BELIEF_IN_A_LEAK),
                        unlinked.support(level),
                        leaks[level]));
            }
        }
    }

    private static double[] leak(Finding finding) {
        double[] leak =
                finding.answers().stream().mapToDouble(Finding.Answer::leak).toArray();
        leak[0] = 1 - Arrays.stream(leak).sum();
        return leak;
    }

    /** With what strength the fault brings about each answer, the usual one by what is left. */
    private double[] effect(Finding finding, Fault fault, int levels) {
        double[] effect = new double[levels];
        pack.links(fault).stream()
                .filter(l -> l.finding().equals(finding.id()))
                .forEach(l -> effect[l.level(finding)] += l.strength());
        effect[0] = Math.max(0, 1 - Arrays.stream(effect).sum());
        return effect;
    }

    /** A finding takes the higher of what the leak and the fault bring about, so their sums over lower levels multiply. */
    private void links(Finding finding, Fault fault, double[] leak) {
        AnswerCounts counts =
                counted(finding, confirmedCase -> confirmedCase.fault().equals(fault.id()));
        if (counts.known() < ParameterLearner.FEWEST) {
            return;
        }
        int[] links = new int[leak.length];
        pack.links(fault).stream()
                .filter(l -> l.finding().equals(finding.id()))
                .forEach(l -> links[l.level(finding)]++);
        double[] seen = seen(leak, effect(finding, fault, leak.length));
        double[] moved = counts.moved(seen, BELIEF_IN_A_LINK);
        double[] learned = effectOf(moved, leak);
        for (Fault.Link link : fault.shows()) {
            int level = link.finding().equals(finding.id()) ? link.level(finding) : 0;
            if (level > 0 && links[level] == 1 && learned[level] > 0) {
                Finding.Answer answer = finding.answers().get(level);
                proposals.add(Proposal.of(
                        ParameterKind.LINK,
                        pack.appliance(),
                        String.join("|", fault.id(), finding.id(), answer.slug()),
                        "%s: %s".formatted(fault.name(), answer.words()),
                        seen[level],
                        moved[level],
                        counts.interval(moved[level], BELIEF_IN_A_LINK),
                        counts.support(level),
                        learned[level]));
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

    private void tests(MeterTest test) {
        AnswerCounts failed =
                counted(test.finding(), confirmedCase -> test.finds().contains(confirmedCase.fault()));
        AnswerCounts sound =
                counted(test.finding(), confirmedCase -> !test.finds().contains(confirmedCase.fault()));
        tested(ParameterKind.SENSITIVITY, test, "a failed part reads bad", test.sensitivity(), failed, 1);
        tested(ParameterKind.SPECIFICITY, test, "a sound part reads good", test.specificity(), sound, 0);
    }

    private void tested(
            ParameterKind kind, MeterTest test, String words, double before, AnswerCounts counts, int level) {
        if (counts.known() >= ParameterLearner.FEWEST && before < 1) {
            double[] prior = new double[] {1 - before, 1 - before};
            prior[level] = before;
            double after = counts.moved(prior, BELIEF_IN_A_TEST)[level];
            proposals.add(Proposal.of(
                    kind,
                    pack.appliance(),
                    test.finding().id(),
                    "%s: %s".formatted(test.finding().question(), words),
                    before,
                    after,
                    counts.interval(after, BELIEF_IN_A_TEST),
                    counts.support(level),
                    after));
        }
    }
}
