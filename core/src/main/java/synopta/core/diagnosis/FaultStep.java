package synopta.core.diagnosis;

import synopta.core.quantity.Slugged;

/** What one fault does to a vector of probabilities over states. */
interface FaultStep {
    /** With what the fault does, present or absent, or with one of the two only. */
    enum Part implements Slugged {
        BOTH,
        PRESENT,
        ABSENT
    }

    /** Whether the machine cannot have the fault. */
    boolean isBarred();

    /** The probabilities after the step; may be the same array. */
    double[] apply(double[] before, Part part);

    /** What states before the step are worth, out of what those after it are. */
    double[] applyAdjoint(double[] after);
}
