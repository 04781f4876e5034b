package synopta.core.counter;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import synopta.core.basket.BasketPlan;
import synopta.core.casefile.KnownFact;
import synopta.core.catalog.Appliance;
import synopta.core.catalog.PartListing;
import synopta.core.diagnosis.Advice;
import synopta.core.diagnosis.Diagnosis;
import synopta.core.diagnosis.Evidence;
import synopta.core.diagnosis.ParsedComplaint;
import synopta.core.diagnosis.Suspect;
import synopta.core.identify.IdentifiedModel;
import synopta.core.identify.JudgedReading;
import synopta.core.knowledge.Caution;
import synopta.core.knowledge.PartType;
import synopta.core.line.LineToken;
import synopta.core.line.PriceInquiry;
import synopta.core.sale.RequiredPart;
import synopta.core.sale.SalePlan;

/**
 * A case worked through all steps.
 *
 * @param identified the machine, and what the line was read as
 * @param pieces what the line was sorted into, in its order
 * @param parsed what was heard in the complaint; nothing while the appliance is not known
 * @param known what is known, each with its source
 * @param evidence what of it tells of faults
 * @param answered sure answers of construction, by finding
 * @param readings meter readings with their verdicts
 * @param diagnosis present once the appliance is known and there is knowledge of it
 * @param selling ids of the faults that the required parts come from
 * @param sale required and optional parts, and the ways to buy them
 * @param parts every part the sale speaks of, with its price and stock
 * @param cautions of the machine, of the parts concerned and of the best option's work, grave ones first
 */
public record CaseAssessment(
        IdentifiedModel identified,
        List<LineToken> pieces,
        ParsedComplaint parsed,
        List<KnownFact> known,
        List<Evidence> evidence,
        Map<String, String> answered,
        List<JudgedReading> readings,
        @Nullable Diagnosis diagnosis,
        Set<String> selling,
        SalePlan sale,
        List<PartListing> parts,
        List<Caution> cautions) {
    private static final String PRICE = "price";
    private static final double LIKELY = 0.5;

    /** Copies. */
    public CaseAssessment {
        pieces = List.copyOf(pieces);
        known = List.copyOf(known);
        evidence = List.copyOf(evidence);
        readings = List.copyOf(readings);
        parts = List.copyOf(parts);
        cautions = List.copyOf(cautions);
    }

    /** The appliance, when it is known or guessed. */
    public Optional<Appliance> appliance() {
        return Optional.ofNullable(identified.appliance());
    }

    /** Of which kinds the machine is, by finding of construction: as the catalog lists it, or as was surely answered. */
    public Map<String, String> kinds() {
        Map<String, String> kinds = new TreeMap<>(answered);
        kinds.putAll(identified.kinds());
        return kinds;
    }

    /** Whether something was said that stops everything: nothing is sold then. */
    public boolean isStopped() {
        return diagnosis != null && diagnosis.advice().action() == Advice.Action.STOP;
    }

    /** What to say and do at once, where something stops everything; null otherwise. */
    public @Nullable String stop() {
        return isStopped() ? diagnosis.advice().why() : null;
    }

    /** Whether a price or stock is asked for and no symptom is told. */
    public boolean isPriceOnly() {
        boolean isAsked = PriceInquiry.isIn(identified.line().complaint())
                || parsed.intents().stream().anyMatch(i -> i.intent().equals(PRICE) && i.probability() >= LIKELY);
        return isAsked && evidence.stream().allMatch(given -> given.finding().startsWith(PartType.ASKED));
    }

    /** Clauses that may mean something, as far as nothing is known yet of the findings they may mean. */
    public List<ParsedComplaint.Maybe> maybe() {
        Set<String> keys = known.stream().map(KnownFact::key).collect(Collectors.toSet());
        return parsed().without(reading -> keys.contains(KnownFact.keyOf(reading.finding())))
                .maybe();
    }

    /** What is suspected, the likeliest first; nothing while the appliance is not known. */
    public List<Suspect> suspects() {
        return diagnosis == null ? List.of() : diagnosis.suspects();
    }

    /** What must be there. */
    public List<RequiredPart> needs() {
        return sale.needs();
    }

    /** The plan for it. */
    public Optional<BasketPlan> plan() {
        return Optional.ofNullable(sale.plan());
    }
}
