package synopta.core.knowledge;

import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import synopta.core.catalog.Fuel;
import synopta.core.quantity.Ordered;

/**
 * Work that is asked for as a whole, with no symptom needed: a gas conversion, all that wears, an installation.
 *
 * @param id identifier, unique in the pack
 * @param name name, as it is shown
 * @param reason why its parts are asked for; null where the job tells none
 * @param said phrases by which it is asked for
 * @param to fuel that a conversion is to; null where it is none
 * @param fuels machines that burn none of these do not have the job
 * @param needs parts it takes
 * @param offers parts it may take: offered, never put in unasked
 * @param byAge whether only those of the needs go into the bag that are likely to wear out soon at the machine's age
 * @param ask what is to be asked first, in a sentence; null where nothing is
 * @param notes what to tell whoever does it, in sentences
 * @param hazards hazards of which the pack's cautions are shown
 * @param licensed whether only a licensed technician may do it
 * @param notSigns findings that its words do not tell, though they sound like it
 * @param basis where the words come from
 */
public record Job(
        String id,
        String name,
        @Nullable RequestReason reason,
        List<String> said,
        @Nullable Fuel to,
        Set<Fuel> fuels,
        List<Piece> needs,
        List<Piece> offers,
        boolean byAge,
        @Nullable String ask,
        List<String> notes,
        Set<Hazard> hazards,
        boolean licensed,
        Set<String> notSigns,
        Basis basis) {
    /** Copies. */
    public Job {
        said = List.copyOf(said);
        fuels = Ordered.set(fuels);
        needs = List.copyOf(needs);
        offers = List.copyOf(offers);
        notes = List.copyOf(notes);
        hazards = Ordered.set(hazards);
        notSigns = Ordered.set(notSigns);
    }

    /**
     * A part that a job takes.
     *
     * @param partType slug of the part type
     * @param ifListed whether nothing is said where the machine's page lists none
     * @param why the reason, in a sentence
     */
    public record Piece(String partType, boolean ifListed, String why) {}
}
