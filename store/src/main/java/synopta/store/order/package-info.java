/** Quotes and promises, and the shelves that promises are made on. */
package synopta.store.order;
