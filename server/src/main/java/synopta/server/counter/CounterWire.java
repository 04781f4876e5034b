package synopta.server.counter;

import com.fasterxml.jackson.annotation.JsonUnwrapped;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;
import synopta.core.basket.BasketPlan;
import synopta.core.casefile.KnownFact;
import synopta.core.catalog.Appliance;
import synopta.core.catalog.Fuel;
import synopta.core.catalog.PartListing;
import synopta.core.counter.CaseAssessment;
import synopta.core.diagnosis.Suspect;
import synopta.core.identify.DistinguishingQuestion;
import synopta.core.identify.IdentifiedModel;
import synopta.core.identify.PlatformCandidate;
import synopta.core.knowledge.Caution;
import synopta.core.knowledge.Layout;
import synopta.core.knowledge.Pack;
import synopta.core.line.LineToken;
import synopta.core.line.OtherMachine;
import synopta.core.sale.BagPiece;
import synopta.core.sale.JobPlan;
import synopta.core.sale.LikelyNumber;
import synopta.core.sale.OptionalPart;
import synopta.core.sale.QuantityNote;
import synopta.core.sale.RequestOutcome;
import synopta.core.sale.RequiredPart;
import synopta.core.sale.SalePlan;
import synopta.core.sale.WithheldPart;
import synopta.server.catalog.CatalogWire;
import synopta.server.diagnosis.AnswerWire;
import synopta.server.diagnosis.SaidWire;
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
            @MayBeNull DistinguishingQuestion look,
            @MayBeNull String platform,
            @MayBeNull Appliance appliance,
            @MayBeNull String layout,
            Map<String, String> kinds,
            List<Fuel> fuels,
            @MayBeNull Double ageYears,
            List<KnownFact> known,
            AnswerWire.HearingWire hearing,
            @JsonUnwrapped SaidWire said,
            List<Suspect> suspects,
            List<AnswerWire.QuestionWire> next,
            @MayBeNull AnswerWire.AdviceWire advice,
            List<String> selling,
            List<NeededWire> needs,
            List<OptionalPart> wants,
            List<WithheldPart> withheld,
            @JsonUnwrapped BagWire requested,
            @MayBeNull BasketPlan basket,
            List<SaleWire.OfferedWire> options,
            List<PartListing> parts,
            List<Caution> cautions) {
        static CounterAnswer of(CaseAssessment view, @Nullable Pack pack) {
            return of(view, pack, view.identified());
        }

        private static CounterAnswer of(CaseAssessment view, @Nullable Pack pack, IdentifiedModel identified) {
            return new CounterAnswer(
                    view.pieces(),
                    made(identified.reading(), TagWire.TagAnswer::of),
                    made(identified.model(), m -> CatalogWire.ModelWire.of(m, identified.platform())),
                    made(identified.serial(), SerialWire.SerialAnswer::of),
                    ConstructionWire.of(identified.constructions()),
                    identified.look(),
                    made(identified.chosen(), c -> c.platform().platform()),
                    view.appliance().orElse(null),
                    made(identified.layout(), Layout::id),
                    view.kinds(),
                    identified.fuels().stream().sorted().toList(),
                    identified.ageYears(),
                    view.known(),
                    pack == null ? AnswerWire.HearingWire.nothing() : AnswerWire.HearingWire.of(pack, view),
                    SaidWire.of(pack, view),
                    view.suspects(),
                    AnswerWire.questionsOf(pack, view.diagnosis()),
                    made(view.diagnosis(), d -> AnswerWire.AdviceWire.of(pack, d)),
                    List.copyOf(view.selling()),
                    NeededWire.of(view.needs()),
                    view.sale().wants(),
                    view.sale().withheld(),
                    BagWire.of(view),
                    view.plan().orElse(null),
                    SaleWire.OfferedWire.of(view, pack),
                    view.parts(),
                    view.cautions());
        }

        private static <T, W> W made(@Nullable T value, Function<T, W> wire) {
            return value == null ? null : wire.apply(value);
        }
    }

    /**
     * What was asked for.
     *
     * @param quantities requests in another quantity than the trade's
     * @param requests what became of each request
     * @param priceOnly whether a price or stock is asked for and no symptom is told
     * @param jobs work that is asked for as a whole
     * @param likely the numbers that parts may have, while the model is not known
     * @param otherMachine what the line says of another machine, which is a case of its own
     * @param bag pieces that the best option hands over
     */
    public record BagWire(
            List<QuantityNote> quantities,
            boolean priceOnly,
            List<RequestOutcome> requests,
            List<JobPlan> jobs,
            List<LikelyNumber> likely,
            @MayBeNull OtherMachine otherMachine,
            List<BagPiece> bag) {
        static BagWire of(CaseAssessment view) {
            SalePlan sale = view.sale();
            return new BagWire(
                    sale.quantities(),
                    view.isPriceOnly(),
                    sale.requests(),
                    sale.jobs(),
                    sale.likely(),
                    view.identified().other(),
                    sale.bag());
        }
    }

    /** A construction that an unlisted machine may be of. */
    public record ConstructionWire(
            String platform, Appliance appliance, String layout, List<String> brands, double probability) {
        static List<ConstructionWire> of(List<PlatformCandidate> constructions) {
            return constructions.stream().map(ConstructionWire::of).toList();
        }

        private static ConstructionWire of(PlatformCandidate construction) {
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
            BagPiece.Source source,
            String why) {
        static List<NeededWire> of(List<RequiredPart> needs) {
            return needs.stream().map(NeededWire::of).toList();
        }

        private static NeededWire of(RequiredPart need) {
            return new NeededWire(
                    need.partType(),
                    need.slots(),
                    need.listed().written(),
                    Optional.ofNullable(need.supplied()).map(p -> p.written()).orElse(null),
                    need.quantity(),
                    FitWire.FitAnswer.of(need.verdict()),
                    need.source(),
                    need.why());
        }
    }
}
