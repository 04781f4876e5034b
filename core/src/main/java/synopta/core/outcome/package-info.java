/**
 * What it really was: outcomes and returns, how often the house was right, and what the cases teach. {@code Ledger}
 * counts; {@code Learner} proposes figures of a pack and {@code ReadingLearner} those of reading tags, by conjugate updates;
 * {@code LearntLayer} lays what was accepted over them. Limits: a case is taken to have one fault.
 */
package synopta.core.outcome;
