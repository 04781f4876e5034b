package synopta.core.reading;

import synopta.core.quantity.Slugged;

/** What a reading, or several, make of an electrical part; the later of two is the graver. */
public enum Verdict implements Slugged {
    /** The reading proves nothing, or not before something else is known. */
    NO_VERDICT,
    GOOD,
    /** Within what such parts usually read; what this one should read is not known. */
    PLAUSIBLE,
    /** Off, but not by so much that it is sold on this reading. */
    SUSPECT,
    OFF_VALUE,
    SHORTED,
    OPEN,
    GROUNDED;

    /** Whether the part failed its test for sure. */
    public boolean isBad() {
        return compareTo(OFF_VALUE) >= 0;
    }

    /** Whether it speaks for or against the part at all. */
    public boolean tells() {
        return this != NO_VERDICT;
    }

    /** Whether it speaks for it or against it without doubt. */
    public boolean isSure() {
        return this != PLAUSIBLE && this != SUSPECT;
    }
}
