/**
 * Which machine a worn, misheard or mistyped tag names, and when it was built. A noisy reading and the catalog's
 * models go in; the models it may be, each with a probability, the probability that none of them is meant, the
 * platforms it may be then, and the one character whose re-reading tells most come out ({@link
 * synopta.core.tag.TagReader}); a brand and a serial give the spans of build dates ({@link
 * synopta.core.tag.SerialReader}). Method: a noisy channel (Shannon 1948; for spelling, Kernighan, Church and Gale 1990)
 * over weighted edits, times popularity, searched exactly in a tree of the numbers. Limits: one best alignment for each
 * model.
 */
package synopta.core.tag;
