/** Readings and measures judged, over HTTP. */
package synopta.server.bench;
