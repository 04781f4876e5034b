/**
 * What is promised: a quote, pieces kept on a branch's shelf, an order with the supplier. Lines of a basket go in; a
 * numbered quote with its tax, and what became of each line, come out. Method: exact decimal money, tax rounded once;
 * a piece is promised to one only. Limits: the feed of the supplier may be slow or down, and then the order waits.
 */
package synopta.core.order;
