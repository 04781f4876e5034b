/**
 * What it really was: outcomes and returns, how often the house was right, and what the cases teach. {@code AccuracyReport}
 * counts; {@code ParameterLearner} proposes figures of a pack and {@code ReadingLearner} those of reading tags, by conjugate updates;
 * {@code ParameterOverrides} lays what was accepted over them. Limits: a case is taken to have one fault.
 */
package synopta.core.outcome;
