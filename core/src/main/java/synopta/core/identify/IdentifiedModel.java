package synopta.core.identify;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import synopta.core.catalog.Appliance;
import synopta.core.catalog.Fuel;
import synopta.core.catalog.Model;
import synopta.core.catalog.Platform;
import synopta.core.diagnosis.Machine;
import synopta.core.diagnosis.ParsedComplaint;
import synopta.core.fit.MachineUnit;
import synopta.core.knowledge.Layout;
import synopta.core.knowledge.Pack;
import synopta.core.line.OtherMachine;
import synopta.core.line.ParsedLine;
import synopta.core.line.RequestedPart;
import synopta.core.quantity.Ordered;
import synopta.core.tag.PlatformGuess;
import synopta.core.tag.SerialReading;
import synopta.core.tag.TagReading;

/**
 * The machine of a case, as far as it is settled.
 *
 * @param line the line and its tokens
 * @param reading candidates for the model number; null when none was given
 * @param model model of the catalog; null while not known
 * @param serial build dates of the serial number; null when none was given
 * @param constructions what it may be when it is in no catalog row
 * @param met the platforms that it may be of while nothing is known of its model, by how often they are met
 * @param chosen the construction the case goes on with then
 * @param platform of the model, or else of the chosen construction
 * @param look what to look at to tell constructions apart
 * @param appliance kind of machine; null while not known
 * @param guessed the appliance, when it was only guessed from the complaint
 * @param layout construction, with the places of the kinds that the catalog lists; null while not known
 * @param kinds answers to findings of construction that the catalog gives, by finding
 * @param fuels what it may burn
 * @param ageYears age, years; null while not known
 * @param serialNumber serial number; null when none was given
 * @param parts what was asked for by its number, less what was struck out
 * @param code fault code that was read; null: none
 * @param notCovered slug of the appliance it is about when that is none that parts are sold for; null else
 * @param other what was said of another machine; null where nothing was
 * @param parsed what was heard in the complaint by the pack of the appliance; nothing while that is not known
 */
public record IdentifiedModel(
        ParsedLine line,
        @Nullable TagReading reading,
        @Nullable Model model,
        @Nullable SerialReading serial,
        List<PlatformCandidate> constructions,
        List<PlatformGuess> met,
        @Nullable PlatformCandidate chosen,
        @Nullable Platform platform,
        @Nullable DistinguishingQuestion look,
        @Nullable Appliance appliance,
        @Nullable Appliance guessed,
        @Nullable Layout layout,
        Map<String, String> kinds,
        Set<Fuel> fuels,
        @Nullable Double ageYears,
        @Nullable String serialNumber,
        List<RequestedPart> parts,
        @Nullable ReadCode code,
        @Nullable String notCovered,
        @Nullable OtherMachine other,
        ParsedComplaint parsed) {
    /** Copies. */
    public IdentifiedModel {
        kinds = Ordered.map(kinds);
        parts = List.copyOf(parts);
        met = List.copyOf(met);
    }

    /** Part types that the machine may have, as a pack knows them. */
    public Set<String> mayHold(Pack pack) {
        return pack.partTypesIn(Optional.ofNullable(layout).map(List::of).orElse(pack.layouts()), fuels);
    }

    /** How likely it is of each platform, while nothing is settled: by what its number looks like, or else as they are met. */
    public Map<String, Double> platforms() {
        Map<String, Double> platforms = new LinkedHashMap<>();
        constructions.forEach(
                c -> platforms.merge(c.platform().platform(), c.probability().value(), Double::sum));
        if (platforms.isEmpty()) {
            met.forEach(guess ->
                    platforms.merge(guess.platform(), guess.probability().value(), Double::sum));
        }
        return platforms;
    }

    /** Part types of the numbers that are asked for. */
    public Set<String> typesByNumber() {
        return parts.stream().map(asked -> asked.part().partType()).collect(Collectors.toSet());
    }

    /** What is known of the one machine besides its model. */
    public MachineUnit unit() {
        return Optional.ofNullable(serial)
                .map(s -> new MachineUnit(serialNumber, s.built()))
                .orElse(MachineUnit.NOT_KNOWN);
    }

    /** What its faults depend on. */
    public Machine machine() {
        return new Machine(fuels, layout == null ? null : layout.id(), kinds, ageYears);
    }
}
