/** HTTP of the step of that name: wire records, their mapping, and a controller that asks the core. */
package synopta.server.teardown;
