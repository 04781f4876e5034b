/**
 * What became of the cases: outcomes and returns are recorded against the snapshot of the advice ({@link
 * synopta.core.review.OutcomeService}), and the cases suggest updates of the packs' figures ({@link
 * synopta.core.review.LearningService}). Method: the learners of {@code outcome}.
 */
package synopta.core.review;
