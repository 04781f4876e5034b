/**
 * What to sell for a case: required parts of the suspected faults, parts requested by number, optional parts the job
 * may need or that are accessible anyway, and the purchase options for them. An identified machine, faults and
 * evidence go in; a {@link synopta.core.sale.SalePlan} comes out. Method: the selling rules of the packs, {@code
 * basket} for the purchase and {@code teardown} for the work.
 */
package synopta.core.sale;
