package synopta.server.fit;

import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.List;
import synopta.core.fit.FitVerdict;
import synopta.core.fit.Supply;
import synopta.server.web.MayBeNull;

/** Wire records of judging a fit. */
public final class FitWire {
    private FitWire() {}

    /** A part and a machine. */
    public record FitRequest(
            @NotBlank @Size(max = 80) String model,
            @MayBeNull @Size(max = 80) String serial,
            @MayBeNull LocalDate built,
            @NotBlank @Size(max = 80) String part) {}

    /** The verdict, what to supply, and the chain of reasons. */
    public record FitAnswer(
            String verdict,
            List<SupplyWire> supply,
            List<List<SupplyWire>> alternatives,
            List<String> changes,
            List<String> reasons,
            @MayBeNull String ask) {
        /** The wire form of a verdict. */
        public static FitAnswer of(FitVerdict verdict) {
            return verdict.fold(
                    fits -> new FitAnswer(
                            fits.supply().changes().isEmpty() ? "fits" : "fits-with-change",
                            items(fits.supply()),
                            fits.alternatives().stream().map(FitAnswer::items).toList(),
                            fits.supply().changes(),
                            fits.reasons(),
                            null),
                    depends -> bare("depends", depends.reasons(), depends.ask()),
                    not -> bare("does-not-fit", not.reasons(), null),
                    unknown -> bare("unknown", unknown.reasons(), null));
        }

        private static FitAnswer bare(String verdict, List<String> reasons, String ask) {
            return new FitAnswer(verdict, List.of(), List.of(), List.of(), reasons, ask);
        }

        private static List<SupplyWire> items(Supply supply) {
            return supply.items().stream()
                    .map(i -> new SupplyWire(i.part().written(), i.quantity()))
                    .toList();
        }
    }

    /** So many of a part. */
    public record SupplyWire(String part, int quantity) {}
}
