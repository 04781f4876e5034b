package synopta.core.drawing;

import synopta.core.quantity.Slugged;

/** How strongly a figure is drawn; every drawing uses the same few, so that they agree with one another. */
public enum Weight implements Slugged {
    /** The outer edge of a machine or a part. */
    OUTLINE,
    /** What a part is made of. */
    FINE,
    /** What is only there to find one's way. */
    FAINT,
    /** What runs behind, or moves. */
    DASHED,
    /** Filled with ink. */
    SOLID;
}
