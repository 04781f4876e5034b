package synopta.core.counter;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import synopta.core.catalog.Appliance;
import synopta.core.catalog.Fuel;
import synopta.core.catalog.Model;
import synopta.core.fit.Unit;
import synopta.core.knowledge.Layout;
import synopta.core.tag.SerialReading;
import synopta.core.tag.TagReading;

/**
 * The machine of a case, as far as it is settled.
 *
 * @param guessed the appliance, when it was only guessed from the complaint
 * @param constructions what it may be when it is in no catalogue row
 * @param chosen the construction the case goes on with then
 * @param look what to look at to tell constructions apart
 * @param fuels what it may burn
 * @param parts what was asked for by its number, less what was struck out
 */
record Settled(
        LineParts line,
        Optional<TagReading> reading,
        Optional<Model> model,
        Optional<SerialReading> serial,
        List<Construction> constructions,
        Optional<Construction> chosen,
        Optional<Look> look,
        Optional<Appliance> appliance,
        Optional<Appliance> guessed,
        Optional<Layout> layout,
        Set<Fuel> fuels,
        OptionalDouble ageYears,
        Optional<String> serialNumber,
        List<AskedPart> parts) {
    /** Copies. */
    Settled {
        parts = List.copyOf(parts);
    }

    /** What is known of the one machine besides its model. */
    Unit unit() {
        return serial.map(s -> new Unit(serialNumber, s.built())).orElse(Unit.NOT_KNOWN);
    }
}
