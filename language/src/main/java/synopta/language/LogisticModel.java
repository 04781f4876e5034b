package synopta.language;

import de.bwaldvogel.liblinear.Feature;
import de.bwaldvogel.liblinear.FeatureNode;
import de.bwaldvogel.liblinear.Linear;
import de.bwaldvogel.liblinear.Model;
import de.bwaldvogel.liblinear.Parameter;
import de.bwaldvogel.liblinear.Problem;
import de.bwaldvogel.liblinear.SolverType;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/**
 * A probability from a few figures: logistic regression over the figures brought to mean 0 and deviation 1, their hinges at
 * some of their quantiles, and the products of the foremost. It is calibrated as logistic regression is: over what it was
 * trained on, what is said on average is what is found.
 *
 * @param means of the figures
 * @param deviations of the figures
 * @param hinges of each figure, in deviations
 * @param products how many figures are multiplied with one another, the first ones
 * @param weights of the constant, the figures, the hinges and the products
 */
record LogisticModel(double[] means, double[] deviations, double[][] hinges, int products, double[] weights) {
    private static final double[] QUANTILES = {0.5, 0.8, 0.9, 0.95, 0.98};

    /** Figures further out tell no more. */
    private static final double FARTHEST = 4;

    /** Weight of an error against the square of the weights: found by cross-validation. */
    private static final double COST = 0.05;

    private static final double EXACT = 1e-3;

    /**
     * A row to learn from.
     *
     * @param figures what is judged by
     * @param right whether it is so
     */
    record Row(double[] figures, boolean right) {}

    /** The probability that goes with some figures. */
    double probability(double[] figures) {
        double[] expanded = expand(figures);
        double score = 0;
        for (int i = 0; i < expanded.length; i++) {
            score += weights[i] * expanded[i];
        }
        return 1 / (1 + Math.exp(-score));
    }

    /**
     * Learns from rows of figures.
     *
     * @param rows all of as many figures
     * @param products how many figures are multiplied with one another, the first ones
     */
    static LogisticModel learnt(List<Row> rows, int products) {
        int figures = rows.get(0).figures.length;
        double[] means = new double[figures];
        double[] deviations = new double[figures];
        double[][] hinges = new double[figures][QUANTILES.length];
        for (int i = 0; i < figures; i++) {
            int figure = i;
            double[] column = rows.stream()
                    .mapToDouble(row -> row.figures[figure])
                    .sorted()
                    .toArray();
            double mean = Arrays.stream(column).average().orElseThrow();
            means[i] = mean;
            deviations[i] = Math.sqrt(Arrays.stream(column)
                            .map(v -> (v - mean) * (v - mean))
                            .average()
                            .orElseThrow())
                    + 1e-9;
            for (int q = 0; q < QUANTILES.length; q++) {
                double at = column[(int) (QUANTILES[q] * (column.length - 1))];
                hinges[i][q] = clipped((at - mean) / deviations[i]);
            }
        }
        LogisticModel blank = new LogisticModel(means, deviations, hinges, products, new double[0]);
        return new LogisticModel(means, deviations, hinges, products, blank.fitted(rows));
    }

    private double[] fitted(List<Row> rows) {
        Problem problem = new Problem();
        problem.l = rows.size();
        problem.y = new double[problem.l];
        problem.x = new Feature[problem.l][];
        for (int r = 0; r < problem.l; r++) {
            double[] expanded = expand(rows.get(r).figures);
            problem.n = expanded.length;
            problem.y[r] = rows.get(r).right ? 1 : 0;
            List<Feature> nodes = new ArrayList<>();
            for (int i = 0; i < expanded.length; i++) {
                if (expanded[i] != 0) {
                    nodes.add(new FeatureNode(i + 1, expanded[i]));
                }
            }
            problem.x[r] = nodes.toArray(Feature[]::new);
        }
        Linear.disableDebugOutput();
        Model model = Linear.train(problem, new Parameter(SolverType.L2R_LR, COST, EXACT));
        double[] weights = model.getFeatureWeights();
        int sign = model.getLabels()[0] == 1 ? 1 : -1;
        return Arrays.stream(weights).map(w -> sign * w).toArray();
    }

    private static double clipped(double value) {
        return Math.max(-FARTHEST, Math.min(FARTHEST, value));
    }

    private double[] expand(double[] figures) {
        int n = figures.length;
        double[] all = new double[1 + n + n * QUANTILES.length + products * (products + 1) / 2];
        all[0] = 1;
        for (int i = 0; i < n; i++) {
            all[1 + i] = clipped((figures[i] - means[i]) / deviations[i]);
        }
        int at = 1 + n;
        for (int i = 0; i < n; i++) {
            for (double hinge : hinges[i]) {
                all[at++] = Math.max(0, all[1 + i] - hinge);
            }
        }
        for (int i = 0; i < products; i++) {
            for (int j = i; j < products; j++) {
                all[at++] = all[1 + i] * all[1 + j];
            }
        }
        return all;
    }
}
