package synopta.core.knowledge;

import synopta.core.quantity.Slugged;

/**
 * What one specification must be for one part to be supplied in place of another of its type.
 *
 * @param spec its name in the catalog, unit included, as in `length-mm`
 * @param rule how the values are compared
 * @param within by how much a figure that must be equal may differ, in per cent of the original; 0 for not at all
 * @param why in a sentence
 * @param basis where the figure or the words come from
 */
public record SpecRule(String spec, Rule rule, double within, String why, Basis basis) {
    /** What is asked of the part that is to stand in. */
    public enum Rule implements Slugged {
        EQUAL,
        MAY_EXCEED,
        FREE;

        /** The rule of a slug. */
        public static Rule of(String slug) {
            return Slugged.of(Rule.class, "Rule", slug);
        }
    }

    /** Refuses an allowance below 0 or from 50 % on, and one beside a rule that does not ask for equality. */
    public SpecRule {
        if (!(within >= 0 && within < 50) || (within > 0 && rule != Rule.EQUAL)) {
            throw new IllegalArgumentException(
                    "Specification %s: within (%s) must be a percentage from 0 to below 50, beside the rule equal."
                            .formatted(spec, within));
        }
    }
}
