package synopta.core.outcome;

import synopta.core.quantity.Slugged;

/** What can be learned: of a pack, and of reading tags. */
public enum ParameterKind implements Slugged {
    /** How common a fault is; subject: fault. */
    RATE,
    /** How often a fault brings an answer about; subject: fault, finding, answer. */
    LINK,
    /** How often an answer is met with none of its faults; subject: finding, answer. */
    LEAK,
    /** How often a failed part reads bad; subject: test. */
    SENSITIVITY,
    /** How often a sound part reads good; subject: test. */
    SPECIFICITY,
    /** How much longer work takes than the pack says; subject: layout. */
    MINUTES,
    /** The age by which 63 in 100 of a part type have failed, years; subject: part type. */
    LIFE,
    /** How often a character of a tag is taken for another; subject: what stands there, what it is taken for. */
    CONFUSION,
    /** How often a reading of a tag goes wrong in another way; subject: the slip. */
    SLIP,
    /** How much oftener a model comes than the catalog says; subject: model. */
    POPULARITY,
    /** What callers mean by some words; subject: finding, answer, words. */
    SAYING;

    /** The kind of a slug. */
    public static ParameterKind of(String slug) {
        return Slugged.of(ParameterKind.class, "Kind", slug);
    }
}
