package synopta.core.bench;

import synopta.core.quantity.Slugged;

/** What an electrical part turned out to be; the later of two is the graver. */
public enum Verdict implements Slugged {
    GOOD,
    OFF_VALUE,
    SHORTED,
    OPEN,
    GROUNDED;
}
