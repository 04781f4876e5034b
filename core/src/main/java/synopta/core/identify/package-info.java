/**
 * Which machine is a case about, and what evidence of faults is there? A parsed line and a case input go in; the
 * model or the platforms it may be on, the distinguishing question, serial, fuels and age, and the evidence with its
 * sources come out. Method: the noisy channel of {@code tag}, entropy of the answers for the distinguishing question.
 */
package synopta.core.identify;
