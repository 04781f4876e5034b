package synopta.server.web;

import com.fasterxml.jackson.annotation.JsonIgnore;
import com.fasterxml.jackson.annotation.JsonProperty;
import com.fasterxml.jackson.annotation.JsonUnwrapped;
import java.math.BigDecimal;
import java.util.List;
import java.util.Map;
import java.util.Set;
import synopta.core.basket.BasketPlan;
import synopta.core.basket.Proof;
import synopta.core.basket.Purchase;
import synopta.core.basket.PurchaseOption;
import synopta.core.bench.CheckResult;
import synopta.core.bench.CoilsCheck;
import synopta.core.bench.ElementCheck;
import synopta.core.bench.ThermistorCheck;
import synopta.core.catalog.Part;
import synopta.core.catalog.PartListing;
import synopta.core.catalog.PartNumber;
import synopta.core.catalog.Stock;
import synopta.core.drawing.Drawing;
import synopta.core.drawing.Figure;
import synopta.core.drawing.Primitive;
import synopta.core.fit.Supply;
import synopta.core.order.Quote;
import synopta.core.order.QuoteTotals;
import synopta.core.quantity.Money;
import synopta.core.reading.Reading;

/** Where the JSON of what is sold, drawn and measured differs from the components of its records. */
final class SaleMixins {
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
            Map.entry(Figure.class, DrawnFigure.class),
            Map.entry(Drawing.Layer.class, DrawnLayer.class),
            Map.entry(Quote.class, QuotedSum.class),
            Map.entry(QuoteTotals.class, TaxInWords.class),
            Map.entry(Quote.Line.class, Priced.class));

    private SaleMixins() {}

    interface Judged {
        @JsonUnwrapped
        CheckResult judged();
    }

    interface PlannedBasket {
        @JsonIgnore
        Purchase best();

        @JsonProperty("best")
        @MayBeNull
        PurchaseOption bestOption();

        @JsonIgnore
        Set<PurchaseOption.Kind> also();
    }

    interface Bought {
        @JsonUnwrapped
        Purchase purchase();
    }

    interface Priced {
        @JsonProperty("price")
        Money price();
    }

    interface Proven {
        @JsonProperty("complete")
        boolean isComplete();
    }

    interface NumberedPart {
        @JsonProperty("part")
        PartNumber number();
    }

    interface Listed {
        @JsonUnwrapped
        Part part();

        @JsonProperty("currency")
        @MayBeNull
        String currency();

        @JsonProperty("onHand")
        int onHand();
    }

    interface ShelfStock {
        @JsonIgnore
        PartNumber part();
    }

    interface SupplyToday {
        @JsonProperty("supply")
        List<Supply.Item> items();

        @JsonProperty("reasons")
        List<String> chain();
    }

    interface QuotedSum {
        @JsonUnwrapped
        QuoteTotals sum();
    }

    interface TaxInWords {
        @JsonIgnore
        BigDecimal taxPercent();

        @JsonProperty("taxPercent")
        String taxRate();
    }

    interface DrawnFigure {
        @JsonProperty("kind")
        Primitive primitive();
    }

    interface DrawnLayer {
        @JsonProperty("layer")
        String id();
    }

    interface CoilPair {
        @JsonIgnore
        Double expectedOhms();

        @JsonProperty("expectedOhms")
        Reading expected();
    }
}
