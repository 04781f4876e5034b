/** Outcomes, returns and the counts over them, over HTTP. */
package synopta.server.outcome;
