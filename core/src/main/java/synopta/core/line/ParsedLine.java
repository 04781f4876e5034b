package synopta.core.line;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import synopta.core.catalog.Appliance;
import synopta.core.catalog.Fuel;

/**
 * What a line says besides the complaint.
 *
 * @param pieces tokens, in order
 * @param model the words that look like a model number
 * @param serial what follows the words for a serial number
 * @param brand brand that is named; null: none
 * @param appliance appliance that is named; null: none
 * @param fuels what the caller's words allow; empty when nothing was said
 * @param ageYears age that is named, years; null: none
 * @param parts what was asked for by its number
 * @param misread numbers that are spelt as parts' are, and that no part has
 * @param code fault code as it is written in the catalog; null: none
 * @param complaint the line with model, serial, brand, age and part numbers blanked out, places kept
 */
public record ParsedLine(
        List<LineToken> pieces,
        @Nullable String model,
        @Nullable String serial,
        @Nullable String brand,
        @Nullable Appliance appliance,
        Set<Fuel> fuels,
        @Nullable Double ageYears,
        List<RequestedPart> parts,
        List<MisreadPart> misread,
        @Nullable String code,
        String complaint) {
    /** The same, where what is said of another machine is not heard. */
    public ParsedLine without(OtherMachine other) {
        StringBuilder rest = new StringBuilder(complaint);
        rest.replace(other.from(), other.to(), " ".repeat(other.to() - other.from()));
        List<LineToken> ofThis = new ArrayList<>(pieces.stream()
                .filter(piece -> piece.to() <= other.from() || other.to() <= piece.from())
                .toList());
        ofThis.add(new LineToken(LineToken.Kind.BESIDE, other.text(), other.from(), other.to()));
        return new ParsedLine(
                ofThis, model, serial, brand, appliance, fuels, ageYears, parts, misread, code, rest.toString());
    }
}
