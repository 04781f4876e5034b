package synopta.core.catalog;

import java.util.List;
import java.util.Map;
import synopta.core.quantity.Ordered;
import synopta.core.quantity.Slugged;

/**
 * A part, kit or assembly as it is sold.
 *
 * @param number part number
 * @param maker maker of the part
 * @param partType slug of the part type
 * @param name name, as it is shown
 * @param genuine whether the brand's own works make it
 * @param status current, superseded or discontinued
 * @param packQuantity pieces in one sale unit; 2 where sold as a pair
 * @param returnable whether it may be returned
 * @param specs figures with their unit in the name, as in `length-mm` 2337
 */
public record Part(
        PartNumber number,
        String maker,
        String partType,
        String name,
        boolean genuine,
        Status status,
        int packQuantity,
        boolean returnable,
        Map<String, String> specs) {
    /** Whether it can still be bought under its number. */
    public enum Status implements Slugged {
        CURRENT,
        SUPERSEDED,
        DISCONTINUED;
    }

    /** Whether its type calls it a kit. */
    public boolean isCalledKit() {
        return List.of(partType.split("-")).contains("kit");
    }

    /** Refuses an empty pack. */
    public Part {
        Quantities.atLeastOne("Pack of " + number, packQuantity);
        specs = Ordered.map(specs);
    }
}
