/**
 * What is most likely wrong, why, and what to ask next. The complaint in the caller's words, answers and readings go
 * in; every fault's own posterior, the reasons, the questions by expected information a minute and an advice by expected
 * cost come out. Method: exact inference in a noisy-MAX network (Pearl 1988, section 4.3.2; Diez 1993) in which faults may
 * bring each other about, averaged over fuels and layouts that are not known. Limits: {@link
 * synopta.core.diagnosis.Diagnoser#MOST_STATES} states; past them the evidence that surprises least is not considered.
 */
package synopta.core.diagnosis;
