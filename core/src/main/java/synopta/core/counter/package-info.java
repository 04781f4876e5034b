/**
 * One case through all the steps: the caller's line and what was answered go in; machine, suspects, needs, fit,
 * purchase, cautions and bag come out, all computed anew each time. {@link synopta.core.counter.Counter} works a case,
 * {@link synopta.core.counter.CaseDesk} keeps it through the port {@link synopta.core.counter.CaseLog}.
 */
package synopta.core.counter;
