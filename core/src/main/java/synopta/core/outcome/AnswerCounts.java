package synopta.core.outcome;

import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import synopta.core.knowledge.Finding;

/**
 * How a finding was answered in some cases. Callers tell by themselves mostly what is so, and what they told is not asked
 * any more; so neither the told nor the asked answers alone show how often it is so. Together they do: how often it is
 * told, and how often it is so where it was not told, of which the asked ones are a fair sample.
 *
 * @param cases in which it might have been told
 * @param told by answer, the cases
 * @param asked by answer, the cases
 */
record AnswerCounts(int cases, List<List<Long>> told, List<List<Long>> asked) {
    static AnswerCounts of(Finding finding, List<ConfirmedCase> confirmedCases) {
        List<List<Long>> told = byAnswer(finding);
        List<List<Long>> asked = byAnswer(finding);
        for (ConfirmedCase confirmedCase : confirmedCases) {
            for (ConfirmedCase.Answer given : confirmedCase.answers()) {
                // A case may be older than the pack, which has lost an answer since.
                if (given.finding().equals(finding.id()) && finding.knows(given.answer())) {
                    (given.asked() ? asked : told)
                            .get(finding.level(given.answer()))
                            .add(confirmedCase.number());
                }
            }
        }
        return new AnswerCounts(confirmedCases.size(), told, asked);
    }

    private static List<List<Long>> byAnswer(Finding finding) {
        return Stream.<List<Long>>generate(ArrayList::new)
                .limit(finding.answers().size())
                .toList();
    }

    /** In how many cases it is known. */
    int known() {
        return sum(told) + sum(asked);
    }

    private static int sum(List<List<Long>> byAnswer) {
        return byAnswer.stream().mapToInt(Collection::size).sum();
    }

    /** The cases of an answer, and those of the others. */
    SupportingCases support(int level) {
        List<Long> others = IntStream.range(0, told.size())
                .filter(other -> other != level)
                .boxed()
                .flatMap(this::met)
                .toList();
        return SupportingCases.of(met(level).toList(), others);
    }

    private Stream<Long> met(int level) {
        return Stream.concat(told.get(level).stream(), asked.get(level).stream());
    }

    /** Probabilities of the answers, after a belief that is worth so many cases. */
    double[] moved(double[] prior, double weight) {
        double[] moved = new double[prior.length];
        int inAll = sum(asked);
        double untold = 1 - sum(told) / (cases + weight);
        for (int i = 0; i < moved.length; i++) {
            moved[i] = told.get(i).size() / (cases + weight)
                    + untold * (weight * prior[i] + asked.get(i).size()) / (weight + inAll);
        }
        return moved;
    }

    /** Where a probability lies, as that of a belief worth as many cases as are known, and its own. */
    Interval interval(double moved, double weight) {
        return Interval.worth(moved, weight + known());
    }
}
