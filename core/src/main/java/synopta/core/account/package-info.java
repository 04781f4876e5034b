/**
 * Who is at the counter: accounts with a role, and the terminals on which they are signed in. A name and a secret go in;
 * the account, or nothing, comes out. Method: secrets are kept as slow hashes and tokens as digests (OWASP, Authentication
 * and Session Management Cheat Sheets); the hashing itself is the caller's. Limits: how fast tries may follow each other is
 * decided where they come in.
 */
package synopta.core.account;
