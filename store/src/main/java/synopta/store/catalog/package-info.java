/** The catalog's tables: implements the core's port, and replaces the whole catalog in one transaction. */
package synopta.store.catalog;
