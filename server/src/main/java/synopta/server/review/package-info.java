/** HTTP of outcomes, returns, accuracy and suggested updates. */
package synopta.server.review;
