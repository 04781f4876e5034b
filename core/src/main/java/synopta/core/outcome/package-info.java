/**
 * What it really was: outcomes and returns, how often the house was right, and what the cases teach. {@code Ledger}
 * counts; {@code Learner} proposes.
 */
package synopta.core.outcome;
