/** HTTP of the rules of the house. */
package synopta.server.house;
