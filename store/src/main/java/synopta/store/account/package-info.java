/** Accounts and where they are signed in, in tables. */
package synopta.store.account;
