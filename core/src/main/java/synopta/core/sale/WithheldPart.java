package synopta.core.sale;

import java.util.Collection;
import java.util.List;
import java.util.Objects;
import synopta.core.knowledge.Finding;
import synopta.core.knowledge.Pack;
import synopta.core.knowledge.PartType;
import synopta.core.knowledge.RepairPractices;

/**
 * A part that is not sold to whoever does the work.
 *
 * @param partType slug of the part type
 * @param name its name, as it is shown
 * @param why why not, and what to do
 */
public record WithheldPart(String partType, String name, String why) {
    private static final String WHY =
            "Only a licensed technician may fit it. Not sold to a customer by the rule of the house: refer the job, or sell it to the technician who does it.";

    /** Whether a part type is kept from this person in a house of these practices. */
    static boolean isWithheld(Pack pack, String partType, Finding.Who person, RepairPractices practices) {
        return person == Finding.Who.CUSTOMER
                && !practices.licensedToCustomers()
                && pack.partType(partType).map(PartType::licensed).orElse(false);
    }

    /** Each of these part types once. */
    static List<WithheldPart> of(Pack pack, Collection<String> partTypes) {
        return partTypes.stream()
                .distinct()
                .map(slug -> pack.partType(slug).orElse(null))
                .filter(Objects::nonNull)
                .map(type -> new WithheldPart(type.slug(), type.name(), WHY))
                .toList();
    }
}
