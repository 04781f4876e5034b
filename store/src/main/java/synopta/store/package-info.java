/** Keeps catalog and cases in H2 through plain JDBC; implements the core's ports. */
package synopta.store;
