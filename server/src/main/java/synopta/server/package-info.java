/** The application: thin HTTP per step of the job, and the built interface. Rules stand in the core. */
package synopta.server;
