/**
 * What it takes: which steps open the machine, how long the work is, and what is worth renewing while it is open. The
 * layout of a pack and the places to reach go in; the least set of steps with its minutes comes out. Method: every step
 * that a place waits for, each once; conditional Weibull lives. Limits: minutes are those of a pack, for one who has
 * done it before.
 */
package synopta.core.teardown;
