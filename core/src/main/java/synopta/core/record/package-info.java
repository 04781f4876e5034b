/**
 * How a case is kept: {@link synopta.core.record.CaseService} saves it through the port {@link
 * synopta.core.record.CaseRepository} with a snapshot of how it was assessed then, refuses a hand-over while a grave
 * caution has not been read, and writes the repair sheet. Earlier revisions stay; a field changed meanwhile is named.
 */
package synopta.core.record;
