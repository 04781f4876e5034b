/** The log of cases: implements the core's port. */
package synopta.store.counter;
