package synopta.server.web;

import com.fasterxml.jackson.annotation.JsonIgnore;
import com.fasterxml.jackson.annotation.JsonProperty;
import com.fasterxml.jackson.annotation.JsonUnwrapped;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import synopta.core.basket.BasketPlan;
import synopta.core.basket.Proof;
import synopta.core.basket.Purchase;
import synopta.core.basket.PurchaseOption;
import synopta.core.bench.CheckResult;
import synopta.core.bench.CoilsCheck;
import synopta.core.bench.ElementCheck;
import synopta.core.bench.ThermistorCheck;
import synopta.core.knowledge.Reading;
import synopta.core.quantity.Money;

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
            Map.entry(Proof.class, Proven.class));

    private CoreMixins() {}

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

    private interface CoilPair {
        @JsonIgnore
        OptionalDouble expectedOhms();

        @JsonProperty("expectedOhms")
        Reading expected();
    }
}
