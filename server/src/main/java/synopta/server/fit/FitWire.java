package synopta.server.fit;

import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.List;
import synopta.core.fit.FitVerdict;
import synopta.core.fit.Suggestion;
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

    /**
     * The verdict, what to supply, and the chain of reasons; `instead` is what the machine takes in the part's place,
     * `nearest` are numbers near one that is in no row.
     */
    public record FitAnswer(
            String verdict,
            List<Supply.Item> supply,
            List<List<Supply.Item>> alternatives,
            List<String> changes,
            List<String> reasons,
            @MayBeNull FitVerdict.Missing ask,
            List<Suggestion> suggestions,
            List<String> instead,
            List<String> nearest) {
        /** The wire form of a verdict. */
        public static FitAnswer of(FitVerdict verdict) {
            return verdict.fold(
                    fits -> new FitAnswer(
                            fits.supply().changes().isEmpty() ? "fits" : "fits-with-change",
                            fits.supply().items(),
                            fits.alternatives().stream().map(Supply::items).toList(),
                            fits.supply().changes(),
                            fits.reasons(),
                            null,
                            fits.suggestions(),
                            List.of(),
                            List.of()),
                    depends -> bare("depends", depends.reasons(), depends.ask(), List.of(), List.of()),
                    not -> bare(
                            "does-not-fit",
                            not.reasons(),
                            null,
                            not.instead().stream().map(p -> p.written()).toList(),
                            List.of()),
                    unknown -> bare("unknown", unknown.reasons(), null, List.of(), unknown.nearest()));
        }

        private static FitAnswer bare(
                String verdict,
                List<String> reasons,
                FitVerdict.Missing ask,
                List<String> instead,
                List<String> nearest) {
            return new FitAnswer(verdict, List.of(), List.of(), List.of(), reasons, ask, List.of(), instead, nearest);
        }
    }
}
