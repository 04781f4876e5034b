package synopta.core.quantity;

/** A unit of length that tools and parts are named in. */
public enum LengthUnit implements Slugged {
    INCH,
    MILLIMETER
}
