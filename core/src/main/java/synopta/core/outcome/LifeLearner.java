package synopta.core.outcome;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import synopta.core.knowledge.Fault;
import synopta.core.knowledge.Pack;
import synopta.core.knowledge.PartType;

/** What cases teach of wear and work: how common faults are, how long parts last, how long opening up takes. */
final class LifeLearner {
    private static final double BELIEF_IN_A_RATE = 6;
    private static final double BELIEF_IN_A_LIFE = 10;

    /** Spread of the logarithm of how much longer a layout takes, beforehand. */
    private static final double BELIEF_IN_MINUTES = 0.2;

    /** Spread of the logarithm of how much longer one technician takes than the next. */
    private static final double TECHNICIANS = 0.35;

    /** No part of a household appliance is said to last longer, years: our judgment. */
    private static final double LONGEST_LIFE = 60;

    private final Pack pack;
    private final List<ConfirmedCase> confirmedCases;
    private final FaultPriors machines;
    private final List<Proposal> proposals = new ArrayList<>();

    LifeLearner(Pack pack, List<ConfirmedCase> confirmedCases) {
        this.pack = pack;
        this.confirmedCases = confirmedCases;
        machines = new FaultPriors(pack);
    }

    List<Proposal> proposals() {
        rates();
        lives();
        minutes();
        return proposals;
    }

    /** How often each fault was found against how often it was to be expected in these machines, of these ages. */
    private void rates() {
        Map<String, Double> expected = new LinkedHashMap<>();
        confirmedCases.forEach(confirmedCase ->
                machines.shares(confirmedCase).forEach((fault, share) -> expected.merge(fault, share, Double::sum)));
        for (Fault fault : pack.faults()) {
            double due = expected.getOrDefault(fault.id(), 0.0);
            SupportingCases support = support(
                    confirmedCases, confirmedCase -> confirmedCase.fault().equals(fault.id()));
            // A fault of prior 0 is how its cause shows: it is never found by itself.
            boolean isFault = fault.prior() > 0;
            if (isFault && confirmedCases.size() >= ParameterLearner.FEWEST && due + support.seen() >= 1) {
                double a = BELIEF_IN_A_RATE + support.seen();
                double b = BELIEF_IN_A_RATE + due;
                Interval times = Interval.gamma(a, b);
                proposals.add(Proposal.of(
                        ParameterKind.RATE,
                        pack.appliance(),
                        fault.id(),
                        fault.name(),
                        fault.prior(),
                        Pack.bounded(fault.prior() * a / b),
                        new Interval(
                                Pack.bounded(fault.prior() * times.low()), Pack.bounded(fault.prior() * times.high())),
                        support,
                        Pack.bounded(fault.prior() * a / b)));
            }
        }
    }

    /**
     * Lives, the shape as the pack has it: machines that came for the part failed at their age; those that came for
     * another had it without failure until then (independent risks; Cox and Oakes 1984, chapter 9).
     */
    private void lives() {
        pack.partTypes().forEach(this::life);
    }

    private void life(PartType type) {
        Predicate<ConfirmedCase> isFailure =
                confirmedCase -> machines.partTypeOf(confirmedCase).equals(type.slug());
        List<ConfirmedCase> aged = confirmedCases.stream()
                .filter(confirmedCase -> Objects.requireNonNullElse(confirmedCase.ageYears(), 0.0) > 0)
                .filter(confirmedCase -> isFailure.test(confirmedCase) || machines.has(confirmedCase, type.slug()))
                .toList();
        SupportingCases support = support(aged, isFailure);
        if (support.seen() < ParameterLearner.FEWEST) {
            return;
        }
        life(type, aged, isFailure, support);
    }

    private void life(
            PartType type, List<ConfirmedCase> aged, Predicate<ConfirmedCase> isFailure, SupportingCases support) {
        double shape = type.life().shape();
        double before = type.life().scaleYears();
        double a = BELIEF_IN_A_LIFE + support.seen();
        double[] ages = ages(aged, l -> true);
        double b = BELIEF_IN_A_LIFE * Math.pow(before, shape)
                + Arrays.stream(ages).map(age -> Math.pow(age, shape)).sum();
        Interval rate = Interval.gamma(a, b);
        double after = Math.pow(b / a, 1 / shape);
        if (after > LONGEST_LIFE) {
            return;
        }
        proposals.add(new Proposal(
                ParameterKind.LIFE,
                pack.appliance(),
                type.slug(),
                type.name(),
                before,
                after,
                new Interval(
                        Math.pow(rate.high(), -1 / shape), Math.min(LONGEST_LIFE, Math.pow(rate.low(), -1 / shape))),
                support,
                after,
                alone(ages(aged, isFailure), ages(aged, isFailure.negate()))));
    }

    /** What the cases would say by themselves, the shape too; nothing where all failed at one age, or no part lives so long. */
    private static String alone(double[] failed, double[] sound) {
        if (Arrays.stream(failed).distinct().count() < 2) {
            return "";
        }
        WeibullFit.Fitted fitted = WeibullFit.of(failed, sound);
        return fitted.scale() > LONGEST_LIFE
                ? ""
                : String.format(
                        Locale.ROOT, "The cases alone say %.1f years, shape %.1f.", fitted.scale(), fitted.shape());
    }

    private static double[] ages(List<ConfirmedCase> aged, Predicate<ConfirmedCase> which) {
        return aged.stream()
                .filter(which)
                .mapToDouble(confirmedCase -> confirmedCase.ageYears())
                .toArray();
    }

    private static SupportingCases support(List<ConfirmedCase> confirmedCases, Predicate<ConfirmedCase> isSeen) {
        Map<Boolean, List<Long>> numbers = confirmedCases.stream()
                .collect(Collectors.partitioningBy(
                        isSeen, Collectors.mapping(ConfirmedCase::number, Collectors.toList())));
        return SupportingCases.of(numbers.get(true), numbers.get(false));
    }

    private void minutes() {
        pack.layouts().forEach(layout -> {
            List<ConfirmedCase> timed = confirmedCases.stream()
                    .filter(confirmedCase -> Optional.ofNullable(confirmedCase.layout())
                            .map(layout.id()::equals)
                            .orElse(false))
                    .filter(confirmedCase -> confirmedCase.workRatio() != null)
                    .toList();
            if (timed.size() >= ParameterLearner.FEWEST) {
                double logs = timed.stream()
                        .mapToDouble(confirmedCase -> Math.log(confirmedCase.workRatio()))
                        .sum();
                double precision =
                        timed.size() / (TECHNICIANS * TECHNICIANS) + 1 / (BELIEF_IN_MINUTES * BELIEF_IN_MINUTES);
                double mean = logs / (TECHNICIANS * TECHNICIANS) / precision;
                double reach = Interval.Z / Math.sqrt(precision);
                proposals.add(Proposal.of(
                        ParameterKind.MINUTES,
                        pack.appliance(),
                        layout.id(),
                        layout.name(),
                        1,
                        Math.exp(mean),
                        new Interval(Math.exp(mean - reach), Math.exp(mean + reach)),
                        support(timed, confirmedCase -> true),
                        Math.exp(mean)));
            }
        });
    }
}
