/** Kept cases: implements the core's port. */
package synopta.store.record;
