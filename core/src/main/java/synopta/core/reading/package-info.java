/**
 * What a meter reading means: where its leads go, in which state the part is, and how a reading of it is judged. Counter
 * and test bench ask the same judge.
 */
package synopta.core.reading;
