/** The catalogue's tables: implements the core's port, and replaces the whole catalogue in one transaction. */
package synopta.store.catalog;
