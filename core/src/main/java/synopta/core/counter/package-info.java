/**
 * One case through all the steps: a {@link synopta.core.casefile.CaseInput} goes in; machine, suspects, parts, fit,
 * purchase options, cautions and handover notes come out as a {@link synopta.core.counter.CaseAssessment}, all
 * computed anew each time by {@link synopta.core.counter.Counter}.
 */
package synopta.core.counter;
