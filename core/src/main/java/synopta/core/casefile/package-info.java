/**
 * What the specialist has entered of one case, and what is known because of it: the caller's line, the corrections
 * that overrule it, answers, meter readings, the purchase choices and the customer. Values only; the steps after it
 * read them.
 */
package synopta.core.casefile;
