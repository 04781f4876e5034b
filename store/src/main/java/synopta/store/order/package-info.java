/** Quotes and reservations, and the stock that is reserved. */
package synopta.store.order;
