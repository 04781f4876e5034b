/** Who asks, and what they may do: signing in, accounts, and the table of rights. */
package synopta.server.account;
