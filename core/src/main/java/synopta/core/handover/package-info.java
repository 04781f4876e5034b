/**
 * What must be said and put into the bag as parts leave the counter. Appliance, fuels it may burn, part types and the
 * purchase go in; cautions, gravest first, and the bag list come out. Source: the cautions and notes of the knowledge
 * packs. Limits: closing checks and the order of work are not yet part of it.
 */
package synopta.core.handover;
