package synopta.benchmark;

import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import synopta.language.HearingScore;
import synopta.language.HearingTrial;
import synopta.language.OnnxEmbedder;

/**
 * How well callers are heard: labelled sentences, five-fold cross-validated, beside the phrases of the packs, a text
 * search over the same sayings and the nearest saying by embedding, the last two at the nearness that suits them best.
 */
final class HearingBenchmark {
    private static final int SMOKE_PART = 20;

    private HearingBenchmark() {}

    static void run(Path knowledge, Scale scale) throws IOException {
        HearingTrial trial = new HearingTrial(
                knowledge,
                knowledge.resolve(Path.of("..", "language", "src", "train")),
                new OnnxEmbedder(),
                scale == Scale.FULL ? 1 : SMOKE_PART);
        Map<String, HearingScore> scores = trial.scores();
        scores.put(
                "as it ships, fresh sentences",
                trial.ofShipped(knowledge, knowledge.resolve(Path.of("..", "language", "src", "trial"))));
        print(scores);
        HearingScore learnt = scores.get(HearingTrial.LEARNT);
        System.out.println("probability said and found:");
        learnt.bands()
                .forEach(band -> System.out.printf(
                        "  %.3f said, %.3f found (%d)%n", band.said(), band.found(), band.meanings()));
        List<Double> times = trial.milliseconds();
        System.out.printf(
                "a line of 30 words: median %.0f ms, 99th percentile %.0f ms%n",
                times.get(times.size() / 2), times.get(times.size() * 99 / 100));
        System.out.printf(
                "hearing: ratio of F1 to that of the text search %.2f%n",
                learnt.signs().f1()
                        / Math.max(
                                0.01,
                                scores.get(HearingTrial.TEXT_SEARCH).signs().f1()));
    }

    private static void print(Map<String, HearingScore> scores) {
        System.out.println("hearing: findings and parts in labelled sentences, five-fold cross-validated");
        System.out.printf(
                "%-30s %9s %7s %7s %9s %8s %8s %9s %7s%n",
                "", "precision", "recall", "F1", "+offered", "parts P", "parts R", "parts F1", "alarms");
        scores.forEach((name, score) -> System.out.printf(
                "%-30s %9.3f %7.3f %7.3f %9.3f %8.3f %8.3f %9.3f %3d/%d%n",
                name,
                score.signs().precision(),
                score.signs().recall(),
                score.signs().f1(),
                score.offered(),
                score.parts().precision(),
                score.parts().recall(),
                score.parts().f1(),
                score.alarms(),
                score.nothing()));
    }
}
