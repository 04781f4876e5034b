package synopta.core.fit;

import synopta.core.quantity.Slugged;

/** How a part comes to serve a machine, nearest first. */
public enum FitBasis implements Slugged {
    DIRECT,
    SUCCESSION,
    EQUIVALENT,
    CONTENTS;
}
