package synopta.core.diagnosis;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import synopta.core.knowledge.Finding;
import synopta.core.knowledge.MeterTest;
import synopta.core.knowledge.Pack;
import synopta.core.knowledge.PartType;
import synopta.core.quantity.Money;

/**
 * Sell, ask, test first or refer, by expected cost. Handing over now, for each sign the part type most likely behind it,
 * costs a second visit with the chance that some sign is left, and what is lost on each part that was sound. To refer
 * costs a call-out. A question costs its minutes and the caller's patience, and opening up where it is a technician's; what
 * is saved is that the cheaper of the two is chosen after each answer. One question ahead; parts are counted singly, at
 * the price of one.
 */
final class Advisor {
    /** What a question costs besides its own minutes; our judgment. */
    private static final double PATIENCE_MINUTES = 1;

    /** From here on a part stands out. */
    static final double LIKELY = 0.5;

    /** One of the questions asked first is advised where it saves anything; they are what a person has in sight. */
    private static final int IN_SIGHT = 3;

    private final Pack pack;
    private final QuestionSelector interview;
    private final DecisionCosts costs;

    Advisor(Pack pack, QuestionSelector interview, DecisionCosts costs) {
        this.pack = pack;
        this.interview = interview;
        this.costs = costs;
    }

    Advice advise(DiagnosisQuery inquiry) {
        List<String> good = good(inquiry.evidence());
        if (!inquiry.doubts().isEmpty() && interview.signs().isEmpty()) {
            return advice(
                    Advice.Action.ASK,
                    "A question about a part, answered here; nothing is sold for it.",
                    List.of(),
                    good);
        }
        if (interview.signs().isEmpty()) {
            String why = inquiry.evidence().isEmpty()
                    ? "Nothing is known yet. Ask what the machine does or does not do."
                    : "No symptom yet. Ask what the machine does or does not do before selling a part.";
            return advice(Advice.Action.ASK, why, List.of(), good);
        }
        double[] now = interview.now();
        if (now.length == 0) {
            return advice(
                    Advice.Action.TEST_FIRST,
                    "No known fault explains these symptoms. A technician should look at the machine first.",
                    List.of(),
                    good);
        }
        List<Advice.Option> options = options();
        return chosen(now, options, good);
    }

    private String money(double amount) {
        long cents = Math.round(100 * amount);
        return costs.currency().isEmpty() ? Money.decimal(cents) : new Money(cents, costs.currency()).words();
    }

    private Advice advice(Advice.Action action, String why, List<Advice.Option> options, List<String> good) {
        return new Advice(action, why, costs.currency(), options, good);
    }

    /** The ways to go on, cheapest first. */
    private List<Advice.Option> options() {
        List<Advice.Option> options = new ArrayList<>();
        options.add(new Advice.Option(Advice.Action.SELL, "sell now", null, sellingNow(interview.now())));
        options.add(new Advice.Option(Advice.Action.REFER, "refer to a technician", null, costs.callOut()));
        asking(asked().limit(IN_SIGHT))
                .filter(option -> option.cost()
                        < options.stream()
                                .mapToDouble(Advice.Option::cost)
                                .min()
                                .orElseThrow())
                .or(() -> asking(asked()))
                .ifPresent(options::add);
        options.sort(Comparator.comparingDouble(Advice.Option::cost));
        return options;
    }

    /** The questions that the house puts: where the foremost part is replaced untested, none that a technician measures. */
    private Stream<QuestionSelector.Split> asked() {
        Remedy foremost = interview.remedy(foremost(interview.now()));
        boolean untested = !foremost.nothing()
                && costs.isSwapped(foremost.partType())
                && !pack.partType(foremost.partType()).orElseThrow().refer();
        return interview.splits().stream()
                .filter(split -> !untested || pack.test(split.finding().id()).isEmpty());
    }

    private static int foremost(double[] now) {
        return IntStream.range(0, now.length)
                .boxed()
                .max(Comparator.comparingDouble(part -> now[part]))
                .orElseThrow();
    }

    private Optional<Advice.Option> asking(Stream<QuestionSelector.Split> questions) {
        return questions.map(this::asking).min(Comparator.comparingDouble(Advice.Option::cost));
    }

    private Advice.Option asking(QuestionSelector.Split question) {
        Finding finding = question.finding();
        boolean asks = finding.who() == Finding.Who.CUSTOMER;
        double cost = costs.minute() * (finding.minutes() + PATIENCE_MINUTES) + (asks ? 0 : costs.openingUp());
        for (QuestionSelector.Branch branch : question.branches()) {
            cost += branch.probability() * Math.min(sellingNow(branch.parts()), costs.callOut());
        }
        return new Advice.Option(
                asks ? Advice.Action.ASK : Advice.Action.TEST_FIRST, finding.question(), finding.id(), cost);
    }

    /** Expected cost of handing over, for each sign, what is most likely behind it. */
    private double sellingNow(double[] parts) {
        Set<Integer> chosen = new LinkedHashSet<>();
        double left = 0;
        for (QuestionSelector.Sign sign : interview.signs()) {
            int best = best(sign, parts);
            chosen.add(best);
            left = Math.max(left, 1 - parts[best]);
        }
        return costs.returnTrip() * left
                + chosen.stream()
                        .mapToDouble(part -> (1 - parts[part]) * lost(part))
                        .sum();
    }

    private double lost(int part) {
        Remedy remedy = interview.remedy(part);
        return remedy.nothing() ? 0 : costs.lost(remedy.partType());
    }

    private static int best(QuestionSelector.Sign sign, double[] parts) {
        return sign.parts().stream()
                .max(Comparator.comparingDouble(part -> parts[part]))
                .orElse(0);
    }

    private Advice chosen(double[] now, List<Advice.Option> options, List<String> good) {
        int foremost = foremost(now);
        if (interview.remedy(foremost).nothing() && now[foremost] >= LIKELY) {
            String cure = interview.likeliestFault(foremost).cure();
            return advice(Advice.Action.ASK, "No part needed: " + cure, options, good);
        }
        PartType leader = pack.partType(interview.remedy(foremost).partType()).orElseThrow();
        if (now[foremost] >= LIKELY && leader.refer()) {
            return advice(
                    Advice.Action.REFER,
                    "The %s is work for a licensed technician; sell the part to them only.".formatted(leader.name()),
                    options,
                    good);
        }
        Advice.Option cheapest = options.get(0);
        Advice.Option sell = options.stream()
                .filter(o -> o.action() == Advice.Action.SELL)
                .findFirst()
                .orElseThrow();
        if (cheapest.action() == Advice.Action.ASK || cheapest.action() == Advice.Action.TEST_FIRST) {
            String why = String.format(
                    Locale.ROOT,
                    "“%s” saves %s on average; the expected cost of selling now is %s.",
                    cheapest.what(),
                    money(sell.cost() - cheapest.cost()),
                    money(sell.cost()));
            return advice(cheapest.action(), why, options, good);
        }
        return identified(leader, now[foremost], sell, options, good);
    }

    /** No question is worth its cost any more. */
    private Advice identified(
            PartType leader, double stands, Advice.Option sell, List<Advice.Option> options, List<String> good) {
        if (stands < LIKELY) {
            boolean dear = sell.cost() > costs.callOut();
            return advice(
                    dear ? Advice.Action.REFER : Advice.Action.TEST_FIRST,
                    "There is no clear cause, and no question would change that. A technician should look at the machine before a part is sold.",
                    options,
                    good);
        }
        String leads = String.format(Locale.ROOT, "The %s is %.0f%% likely", leader.name(), 100 * stands);
        Optional<Evidence> open = interview.signs().stream()
                .filter(s -> interview.now()[best(s, interview.now())] < LIKELY)
                .map(QuestionSelector.Sign::evidence)
                .findFirst();
        if (open.isPresent()) {
            String what = "%s, but there is no clear cause of “%s”: a technician should look at that.";
            return advice(Advice.Action.TEST_FIRST, what.formatted(leads, words(open.get())), options, good);
        }
        String back = costs.isReturnable(leader.slug()) ? "" : ", but it is not returnable";
        return advice(
                Advice.Action.SELL,
                "%s; no further question is worth its cost%s.".formatted(leads, back),
                options,
                good);
    }

    private String words(Evidence sign) {
        Finding finding = pack.finding(sign.finding()).orElseThrow();
        return finding.answer(sign.answer()).words().toLowerCase(Locale.ROOT);
    }

    /** Part types whose own test read good: they are not sold. */
    private List<String> good(List<Evidence> evidence) {
        return evidence.stream()
                .filter(e -> e.sure() && e.answer().equals(MeterTest.GOOD))
                .flatMap(e -> pack.test(e.finding()).stream())
                .filter(MeterTest::provesGood)
                .flatMap(t -> t.finds().stream()
                        .flatMap(id -> pack.fault(id).stream())
                        .flatMap(f -> pack.partType(f.partType()).stream())
                        .map(type -> "%s: %s"
                                .formatted(
                                        type.name(),
                                        t.finding()
                                                .answer(MeterTest.GOOD)
                                                .words()
                                                .toLowerCase(Locale.ROOT))))
                .distinct()
                .toList();
    }
}
