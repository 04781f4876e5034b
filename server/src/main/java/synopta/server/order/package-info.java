/** HTTP of the step of that name: quotes, reservations and orders, and the stand-in for the supplier's feed. */
package synopta.server.order;
