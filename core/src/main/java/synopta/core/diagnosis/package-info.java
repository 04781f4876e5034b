/**
 * What is most likely wrong, why, and what to ask next. The complaint in the caller's words, answers and readings go
 * in; every fault's own posterior, the reasons, the questions by expected information a minute and an advice come out.
 * Method: exact inference in a two-layer noisy-OR network (Pearl 1988, section 4.3.2), averaged over fuels and layouts
 * that are not known. Limits: {@link synopta.core.diagnosis.Diagnoser#MOST_TELLING} telling answers.
 */
package synopta.core.diagnosis;
