/** Quotes as they are taken away: a printed page, a table. */
package synopta.formats.order;
