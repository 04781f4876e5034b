/** What became of cases: implements the core's port. */
package synopta.store.outcome;
