package synopta.server.counter;

import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import synopta.core.basket.BasketPlan;
import synopta.core.casefile.KnownFact;
import synopta.core.catalog.Appliance;
import synopta.core.catalog.Fuel;
import synopta.core.catalog.PartListing;
import synopta.core.counter.CaseAssessment;
import synopta.core.diagnosis.Diagnosis;
import synopta.core.diagnosis.Suspect;
import synopta.core.identify.DistinguishingQuestion;
import synopta.core.identify.IdentifiedModel;
import synopta.core.identify.PlatformCandidate;
import synopta.core.knowledge.Caution;
import synopta.core.knowledge.Layout;
import synopta.core.knowledge.Pack;
import synopta.core.line.LineToken;
import synopta.core.sale.OptionalPart;
import synopta.core.sale.QuantityNote;
import synopta.core.sale.RequiredPart;
import synopta.server.catalog.CatalogWire;
import synopta.server.diagnosis.AnswerWire;
import synopta.server.fit.FitWire;
import synopta.server.tag.SerialWire;
import synopta.server.tag.TagWire;
import synopta.server.web.MayBeNull;

/** Wire records of a worked case. */
public final class CounterWire {
    private CounterWire() {}

    /** The whole counter for one case. */
    public record CounterAnswer(
            List<LineToken> pieces,
            @MayBeNull TagWire.TagAnswer reading,
            @MayBeNull CatalogWire.ModelWire model,
            @MayBeNull SerialWire.SerialAnswer serial,
            List<ConstructionWire> constructions,
            @Nullable DistinguishingQuestion look,
            @MayBeNull String platform,
            @MayBeNull Appliance appliance,
            @MayBeNull String layout,
            List<Fuel> fuels,
            @MayBeNull Double ageYears,
            List<KnownFact> known,
            AnswerWire.HearingWire hearing,
            List<Suspect> suspects,
            List<AnswerWire.QuestionWire> next,
            @MayBeNull AnswerWire.AdviceWire advice,
            List<String> selling,
            List<NeededWire> needs,
            List<OptionalPart> wants,
            List<QuantityNote> quantities,
            @MayBeNull BasketPlan basket,
            List<SaleWire.OfferedWire> options,
            List<PartListing> parts,
            List<Caution> cautions) {
        static CounterAnswer of(CaseAssessment view, @Nullable Pack pack) {
            IdentifiedModel identified = view.identified();
            return new CounterAnswer(
                    view.pieces(),
                    Optional.ofNullable(identified.reading())
                            .map(TagWire.TagAnswer::of)
                            .orElse(null),
                    Optional.ofNullable(identified.model())
                            .map(m -> CatalogWire.ModelWire.of(m, identified.platform()))
                            .orElse(null),
                    Optional.ofNullable(identified.serial())
                            .map(SerialWire.SerialAnswer::of)
                            .orElse(null),
                    identified.constructions().stream()
                            .map(ConstructionWire::of)
                            .toList(),
                    identified.look(),
                    Optional.ofNullable(identified.chosen())
                            .map(c -> c.platform().platform())
                            .orElse(null),
                    view.appliance().orElse(null),
                    Optional.ofNullable(identified.layout()).map(Layout::id).orElse(null),
                    identified.fuels().stream().sorted().toList(),
                    identified.ageYears() != null ? identified.ageYears() : null,
                    view.known(),
                    Optional.ofNullable(pack)
                            .map(p -> AnswerWire.HearingWire.of(p, view.parsed()))
                            .orElseGet(AnswerWire.HearingWire::nothing),
                    Optional.ofNullable(view.diagnosis())
                            .map(Diagnosis::suspects)
                            .orElse(List.of()),
                    Optional.ofNullable(view.diagnosis())
                            .map(d -> AnswerWire.questionsOf(pack, d))
                            .orElse(List.of()),
                    Optional.ofNullable(view.diagnosis())
                            .map(d -> AnswerWire.AdviceWire.of(pack, d))
                            .orElse(null),
                    List.copyOf(view.selling()),
                    view.needs().stream().map(NeededWire::of).toList(),
                    view.sale().wants(),
                    view.sale().quantities(),
                    view.plan().orElse(null),
                    SaleWire.OfferedWire.of(view, pack),
                    view.parts(),
                    view.cautions());
        }
    }

    /** A construction that an unlisted machine may be of. */
    public record ConstructionWire(
            String platform, Appliance appliance, String layout, List<String> brands, double probability) {
        static ConstructionWire of(PlatformCandidate construction) {
            return new ConstructionWire(
                    construction.platform().platform(),
                    construction.platform().appliance(),
                    Optional.ofNullable(construction.layout())
                            .map(Layout::name)
                            .orElse("layout " + construction.platform().layout()),
                    construction.brands(),
                    construction.probability().value());
        }
    }

    /** A part the case asks for, and the verdict on it. */
    public record NeededWire(
            String partType,
            List<String> slots,
            String listed,
            @MayBeNull String supplied,
            int quantity,
            FitWire.FitAnswer fit,
            String why) {
        static NeededWire of(RequiredPart need) {
            return new NeededWire(
                    need.partType(),
                    need.slots(),
                    need.listed().written(),
                    Optional.ofNullable(need.supplied()).map(p -> p.written()).orElse(null),
                    need.quantity(),
                    FitWire.FitAnswer.of(need.verdict()),
                    need.why());
        }
    }
}
