/** HTTP of kept cases: saving, history, the repair sheet. */
package synopta.server.record;
