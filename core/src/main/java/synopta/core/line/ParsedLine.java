package synopta.core.line;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import synopta.core.catalog.Appliance;
import synopta.core.catalog.Fuel;

/**
 * What a line says besides the complaint.
 *
 * @param model the words that look like a model number
 * @param serial what follows the words for a serial number
 * @param fuels what the caller's words allow; empty when nothing was said
 * @param parts what was asked for by its number
 * @param complaint the line with model, serial, brand, age and part numbers blanked out, places kept
 */
public record ParsedLine(
        List<LineToken> pieces,
        Optional<String> model,
        Optional<String> serial,
        Optional<String> brand,
        Optional<Appliance> appliance,
        Set<Fuel> fuels,
        OptionalDouble ageYears,
        List<RequestedPart> parts,
        String complaint) {}
