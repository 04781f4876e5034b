package synopta.core.record;

import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import synopta.core.catalog.Appliance;
import synopta.core.catalog.Model;
import synopta.core.handover.HandoverPlanner;
import synopta.core.knowledge.Caution;
import synopta.core.knowledge.Layout;
import synopta.core.knowledge.Region;
import synopta.core.quantity.LengthUnit;
import synopta.core.quantity.Money;
import synopta.core.teardown.Work;

/**
 * What goes with the parts.
 *
 * @param record the case
 * @param appliance kind of machine; null when not known
 * @param machine when it is known
 * @param stop what to say and do at once, where the case is stopped; null otherwise
 * @param cautions cautions that apply, gravest first
 * @param lines what is in the bag
 * @param notes what to tell about it
 * @param changes what the technician must change, as the verdicts have it
 * @param remarks what the jobs ask for, and parts of which the fit was not checked, in sentences
 * @param work of fitting it
 * @param layout how the machine is built, when known
 * @param slots the places that are worked at
 * @param contact how the branch is reached
 * @param secondUnit the unit of length that is added behind sizes of the other unit
 * @param region how dates and lengths are written, and on which paper
 */
public record RepairSheet(
        CaseRecord record,
        @Nullable Appliance appliance,
        @Nullable Model machine,
        @Nullable String stop,
        List<Caution> cautions,
        List<Line> lines,
        List<HandoverPlanner.BagEntry> notes,
        List<String> changes,
        List<String> remarks,
        Work work,
        @Nullable Layout layout,
        List<String> slots,
        String contact,
        LengthUnit secondUnit,
        Region region) {
    /** Copies. */
    public RepairSheet {
        cautions = List.copyOf(cautions);
        lines = List.copyOf(lines);
        notes = List.copyOf(notes);
        changes = List.copyOf(changes);
        remarks = List.copyOf(remarks);
        slots = List.copyOf(slots);
    }

    /**
     * So many sale units of a part, with its name.
     *
     * @param line what the caller says, as typed
     * @param name name, as it is shown
     * @param price price of one sale unit today; null when prices are not wanted, or there is none
     */
    public record Line(
            CaseContent.Line line, String name, @Nullable Money price) {
        /** Of all of them. */
        public Optional<Money> amount() {
            return Optional.ofNullable(price).map(each -> each.times(line.quantity()));
        }
    }

    /** The sum of the lines that have a price; empty where none has. */
    public Optional<Money> total() {
        return lines.stream().flatMap(line -> line.amount().stream()).reduce(Money::plus);
    }
}
