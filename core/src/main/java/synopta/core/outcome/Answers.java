package synopta.core.outcome;

import java.util.Arrays;
import java.util.List;
import synopta.core.knowledge.Finding;

/**
 * How a finding was answered in some cases. Callers tell by themselves mostly what is so, and what they told is not asked
 * any more; so neither the told nor the asked answers alone show how often it is so. Together they do: how often it is
 * told, and how often it is so where it was not told, of which the asked ones are a fair sample.
 *
 * @param cases in which it might have been told
 */
record Answers(int cases, int[] told, int[] asked) {
    static Answers of(Finding finding, List<Lesson> lessons) {
        int[] told = new int[finding.answers().size()];
        int[] asked = new int[finding.answers().size()];
        for (Lesson lesson : lessons) {
            for (Lesson.Answer given : lesson.answers()) {
                if (given.finding().equals(finding.id())) {
                    (given.asked() ? asked : told)[finding.level(given.answer())]++;
                }
            }
        }
        return new Answers(lessons.size(), told, asked);
    }

    /** In how many cases it is known. */
    int known() {
        return Arrays.stream(told).sum() + Arrays.stream(asked).sum();
    }

    /** In how many cases this was the answer. */
    int met(int level) {
        return told[level] + asked[level];
    }

    /** Probabilities of the answers, after a belief that is worth so many cases. */
    double[] moved(double[] believed, double weight) {
        double[] moved = new double[believed.length];
        int inAll = Arrays.stream(asked).sum();
        double untold = 1 - Arrays.stream(told).sum() / (cases + weight);
        for (int i = 0; i < moved.length; i++) {
            moved[i] = told[i] / (cases + weight) + untold * (weight * believed[i] + asked[i]) / (weight + inAll);
        }
        return moved;
    }

    /** Where a probability lies, as that of a belief worth as many cases as are known, and its own. */
    Interval interval(double moved, double weight) {
        double worth = weight + known();
        double kept = Math.max(1e-6, Math.min(1 - 1e-6, moved));
        return Interval.beta(worth * kept, worth * (1 - kept));
    }
}
