package synopta.core.sale;

import java.util.List;
import org.jspecify.annotations.Nullable;
import synopta.core.catalog.PartNumber;
import synopta.core.fit.FitVerdict;

/**
 * A part the case asks for.
 *
 * @param partType slug of the part type
 * @param slots the places it is for; none when it was asked for by its number
 * @param listed what the catalog lists there
 * @param supplied what is handed over for it today; null while the verdict on a known machine is open
 * @param quantity pieces of `supplied`; 0 when the specialist left it out
 * @param verdict whether it fits
 * @param source where it comes from
 * @param why in a sentence
 */
public record RequiredPart(
        String partType,
        List<String> slots,
        PartNumber listed,
        @Nullable PartNumber supplied,
        int quantity,
        FitVerdict verdict,
        BagPiece.Source source,
        String why) {
    /** Whether it is known to fit; not where it was asked for by number and no machine is known. */
    public boolean isFitChecked() {
        return verdict.fold(fits -> true, depends -> false, not -> false, unknown -> false);
    }

    RequiredPart with(int pieces) {
        return new RequiredPart(partType, slots, listed, supplied, pieces, verdict, source, why);
    }

    RequiredPart at(List<String> places) {
        return new RequiredPart(partType, places, listed, supplied, quantity, verdict, source, why);
    }
}
