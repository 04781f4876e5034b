/** The one place that prepares statements: plain java.sql over a pooled DataSource. */
package synopta.store.jdbc;
