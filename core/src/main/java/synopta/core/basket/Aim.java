package synopta.core.basket;

import synopta.core.quantity.Slugged;

/** What comes first. */
enum Aim implements Slugged {
    /** Net, then total, then lines. */
    LEAST_NET,
    /** Lines, then net, then total. */
    FEWEST_LINES
}
