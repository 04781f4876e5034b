package synopta.core.counter;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import synopta.core.basket.BasketPlan;
import synopta.core.casefile.KnownFact;
import synopta.core.catalog.Appliance;
import synopta.core.catalog.Fuel;
import synopta.core.catalog.Model;
import synopta.core.catalog.Platform;
import synopta.core.diagnosis.Diagnosis;
import synopta.core.diagnosis.Evidence;
import synopta.core.diagnosis.ParsedComplaint;
import synopta.core.handover.HandoverPlanner;
import synopta.core.identify.DistinguishingQuestion;
import synopta.core.identify.IdentifiedModel;
import synopta.core.identify.PlatformCandidate;
import synopta.core.knowledge.Caution;
import synopta.core.knowledge.Layout;
import synopta.core.line.LineToken;
import synopta.core.sale.RequiredPart;
import synopta.core.sale.SalePlan;
import synopta.core.tag.SerialReading;
import synopta.core.tag.TagReading;

/**
 * A case worked through all steps.
 *
 * @param pieces what the line was sorted into, in its order
 * @param hearing what was heard in the complaint; empty while the appliance is not known
 * @param reading the tag's reading, when there was one
 * @param model the machine, when it is known or likely
 * @param serial what the serial says of the build date, when there is one
 * @param constructions what it may be when it is in no catalog row, likeliest first
 * @param look what to look at to tell those apart
 * @param platform the construction the case goes on with, when it was chosen
 * @param layout its construction family, when known
 * @param fuels what it may burn
 * @param evidence what of it tells of faults
 * @param diagnosis present once the appliance is known and there is knowledge of it
 * @param selling ids of the faults that the needs come from
 * @param sale needs, wants and the plan for them
 * @param bags what goes with each of its purchases, the best first
 */
public record CaseAssessment(
        List<LineToken> pieces,
        ParsedComplaint parsed,
        Optional<TagReading> reading,
        Optional<Model> model,
        Optional<SerialReading> serial,
        List<PlatformCandidate> constructions,
        Optional<DistinguishingQuestion> look,
        Optional<Platform> platform,
        Optional<Appliance> appliance,
        Optional<Layout> layout,
        Set<Fuel> fuels,
        OptionalDouble ageYears,
        List<KnownFact> known,
        List<Evidence> evidence,
        Optional<Diagnosis> diagnosis,
        Set<String> selling,
        SalePlan sale,
        List<List<HandoverPlanner.BagEntry>> bags,
        List<Caution> cautions) {
    static CaseAssessment undiagnosed(
            List<LineToken> pieces,
            IdentifiedModel identified,
            List<KnownFact> known,
            SalePlan sale,
            List<Caution> cautions) {
        return new CaseAssessment(
                pieces,
                ParsedComplaint.NOTHING,
                identified.reading(),
                identified.model(),
                identified.serial(),
                identified.constructions(),
                identified.look(),
                identified.chosen().map(PlatformCandidate::platform),
                identified.appliance(),
                identified.layout(),
                identified.fuels(),
                identified.ageYears(),
                known,
                List.of(),
                Optional.empty(),
                Set.of(),
                sale,
                List.of(),
                cautions);
    }

    /** What must be there. */
    public List<RequiredPart> needs() {
        return sale.needs();
    }

    /** The plan for it. */
    public Optional<BasketPlan> plan() {
        return sale.plan();
    }
}
