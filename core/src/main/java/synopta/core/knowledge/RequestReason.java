package synopta.core.knowledge;

import synopta.core.quantity.Slugged;

/** Why a part is asked for. */
public enum RequestReason implements Slugged {
    WORN,
    BROKEN,
    LOST,
    PREVENTIVE,
    CONVERSION,
    INSTALLATION;

    /** The reason of a slug. */
    public static RequestReason of(String slug) {
        return Slugged.of(RequestReason.class, "Reason", slug);
    }
}
