package synopta.server.web;

import com.fasterxml.jackson.annotation.JsonIgnore;
import com.fasterxml.jackson.annotation.JsonIgnoreProperties;
import com.fasterxml.jackson.annotation.JsonProperty;
import com.fasterxml.jackson.annotation.JsonUnwrapped;
import java.math.BigDecimal;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalLong;
import java.util.Set;
import synopta.core.basket.BasketPlan;
import synopta.core.basket.Proof;
import synopta.core.basket.Purchase;
import synopta.core.basket.PurchaseOption;
import synopta.core.bench.CheckResult;
import synopta.core.bench.CoilsCheck;
import synopta.core.bench.ElementCheck;
import synopta.core.bench.ThermistorCheck;
import synopta.core.casefile.CaseInput;
import synopta.core.casefile.Customer;
import synopta.core.casefile.Shopping;
import synopta.core.catalog.Part;
import synopta.core.catalog.PartListing;
import synopta.core.catalog.PartNumber;
import synopta.core.catalog.Stock;
import synopta.core.diagnosis.Evidence;
import synopta.core.diagnosis.Suspect;
import synopta.core.drawing.Drawing;
import synopta.core.drawing.Figure;
import synopta.core.drawing.Primitive;
import synopta.core.fit.Supply;
import synopta.core.knowledge.Caution;
import synopta.core.knowledge.Fault;
import synopta.core.knowledge.Reading;
import synopta.core.order.Quote;
import synopta.core.order.QuoteTotals;
import synopta.core.outcome.AccuracyReport;
import synopta.core.outcome.Interval;
import synopta.core.outcome.ParameterRepository;
import synopta.core.outcome.Proposal;
import synopta.core.outcome.SupportingCases;
import synopta.core.quantity.Money;
import synopta.core.record.CaseContent;
import synopta.core.record.CaseRecord;
import synopta.core.record.CaseSnapshot;
import synopta.core.review.LearningService;
import synopta.core.tag.Recheck;

/**
 * Where the JSON of a record of the core differs from its components: other names, what is left out, what is said
 * besides.
 */
final class CoreMixins {
    /** The record of the core, and the interface whose annotations are taken as its own. */
    static final Map<Class<?>, Class<?>> ALL = Map.ofEntries(
            Map.entry(ElementCheck.Answer.class, Judged.class),
            Map.entry(ThermistorCheck.Answer.class, Judged.class),
            Map.entry(CoilsCheck.Answer.class, Judged.class),
            Map.entry(CoilsCheck.Pair.class, CoilPair.class),
            Map.entry(BasketPlan.class, PlannedBasket.class),
            Map.entry(PurchaseOption.class, Bought.class),
            Map.entry(Purchase.Line.class, Priced.class),
            Map.entry(Proof.class, Proven.class),
            Map.entry(Part.class, NumberedPart.class),
            Map.entry(PartListing.class, Listed.class),
            Map.entry(Stock.class, ShelfStock.class),
            Map.entry(Supply.class, SupplyToday.class),
            Map.entry(Caution.class, ShownCaution.class),
            Map.entry(CaseSnapshot.Warned.class, Grave.class),
            Map.entry(CaseRecord.class, KeptCase.class),
            Map.entry(CaseContent.class, KeptContent.class),
            Map.entry(CaseInput.class, KeptInput.class),
            Map.entry(CaseInput.Measured.class, MeasuredValue.class),
            Map.entry(Customer.class, NamedCustomer.class),
            Map.entry(Recheck.class, WrittenRecheck.class),
            Map.entry(Suspect.class, SuspectedFault.class),
            Map.entry(Fault.class, NamedFault.class),
            Map.entry(Suspect.Reason.class, WeighedReason.class),
            Map.entry(Figure.class, DrawnFigure.class),
            Map.entry(Drawing.Layer.class, DrawnLayer.class),
            Map.entry(AccuracyReport.Share.class, RateWithin.class),
            Map.entry(AccuracyReport.Bin.class, Within.class),
            Map.entry(LearningService.Suggested.class, SuggestedUpdate.class),
            Map.entry(Proposal.class, Proposed.class),
            Map.entry(ParameterRepository.Declined.class, DeclinedBy.class),
            Map.entry(Quote.class, QuotedSum.class),
            Map.entry(QuoteTotals.class, TaxInWords.class),
            Map.entry(Quote.Line.class, Priced.class),
            Map.entry(Shopping.Adjusted.class, AdjustedValue.class));

    private CoreMixins() {}

    /** Whether JSON leaves a component out, or says it otherwise. */
    static boolean hides(Class<?> type, String component) {
        return Optional.ofNullable(ALL.get(type)).stream()
                .flatMap(mixin -> Arrays.stream(mixin.getDeclaredMethods()))
                .anyMatch(method -> method.getName().equals(component) && method.isAnnotationPresent(JsonIgnore.class));
    }

    private interface Judged {
        @JsonUnwrapped
        CheckResult judged();
    }

    private interface PlannedBasket {
        @JsonIgnore
        Optional<Purchase> best();

        @JsonProperty("best")
        @MayBeNull
        Optional<PurchaseOption> bestOption();

        @JsonIgnore
        Set<PurchaseOption.Kind> also();
    }

    private interface Bought {
        @JsonUnwrapped
        Purchase purchase();
    }

    private interface Priced {
        @JsonProperty("price")
        Money price();
    }

    private interface Proven {
        @JsonProperty("complete")
        boolean isComplete();
    }

    private interface NumberedPart {
        @JsonProperty("part")
        PartNumber number();
    }

    private interface Listed {
        @JsonUnwrapped
        Part part();

        @JsonProperty("currency")
        @MayBeNull
        Optional<String> currency();

        @JsonProperty("onHand")
        int onHand();
    }

    private interface ShelfStock {
        @JsonIgnore
        PartNumber part();
    }

    private interface SupplyToday {
        @JsonProperty("supply")
        List<Supply.Item> items();

        @JsonProperty("reasons")
        List<String> chain();
    }

    private interface Grave {
        @JsonProperty("grave")
        boolean isGrave();
    }

    @JsonIgnoreProperties({"partTypes", "fuels", "basis"})
    private interface ShownCaution extends Grave {}

    @JsonIgnoreProperties({"changedAt", "snapshot"})
    private interface KeptCase {
        @JsonUnwrapped
        CaseContent content();

        @JsonProperty("cautions")
        List<CaseSnapshot.Warned> cautions();
    }

    private interface KeptContent {
        @JsonUnwrapped
        CaseInput input();

        @JsonUnwrapped
        Customer customer();
    }

    private interface KeptInput {
        @JsonUnwrapped
        Shopping shopping();
    }

    private interface MeasuredValue {
        @JsonProperty("value")
        Reading reading();
    }

    private interface NamedCustomer {
        @JsonProperty("customer")
        @MayBeNull
        Optional<String> name();

        @JsonProperty("customerPhone")
        @MayBeNull
        Optional<String> phone();
    }

    private interface WrittenRecheck {
        @JsonIgnore
        Optional<Character> character();

        @JsonProperty("character")
        String written();
    }

    private interface AdjustedValue {
        @JsonIgnore
        OptionalLong valueCents();

        @JsonProperty("value")
        @MayBeNull
        Optional<String> value();
    }

    private interface Within {
        @JsonUnwrapped
        Interval interval();
    }

    private interface RateWithin extends Within {
        @JsonProperty("rate")
        double rate();
    }

    private interface SuggestedUpdate {
        @JsonUnwrapped
        Proposal proposal();

        @JsonProperty("inForce")
        @MayBeNull
        OptionalDouble now();
    }

    @JsonIgnoreProperties("value")
    private interface Proposed extends Within {
        @JsonUnwrapped
        SupportingCases support();

        @JsonProperty("telling")
        boolean isTelling();
    }

    @JsonIgnoreProperties("figure")
    private interface DeclinedBy {}

    private interface QuotedSum {
        @JsonUnwrapped
        QuoteTotals sum();
    }

    private interface TaxInWords {
        @JsonIgnore
        BigDecimal taxPercent();

        @JsonProperty("taxPercent")
        String taxRate();
    }

    private interface DrawnFigure {
        @JsonProperty("kind")
        Primitive primitive();
    }

    private interface DrawnLayer {
        @JsonProperty("layer")
        String id();
    }

    private interface SuspectedFault {
        @JsonUnwrapped
        Fault fault();
    }

    @JsonIgnoreProperties({"fuels", "prior", "basis", "shows", "causedBy"})
    private interface NamedFault {}

    private interface WeighedReason {
        @JsonUnwrapped
        Evidence evidence();

        @JsonProperty("weight")
        double weightBits();
    }

    private interface CoilPair {
        @JsonIgnore
        OptionalDouble expectedOhms();

        @JsonProperty("expectedOhms")
        Reading expected();
    }
}
