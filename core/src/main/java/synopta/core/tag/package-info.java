/**
 * Which machine a worn, misheard or mistyped tag names. A noisy reading and the catalogue's models go in; the models it
 * may be, each with a probability, the probability that none of them is meant, and the one character whose re-reading
 * tells most come out. Method: a noisy channel (Shannon 1948; for spelling, Kernighan, Church and Gale 1990) over
 * weighted edits, times popularity. Limits: one best alignment for each model, every model looked at.
 */
package synopta.core.tag;
