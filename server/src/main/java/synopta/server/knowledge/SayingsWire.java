package synopta.server.knowledge;

import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.Size;
import java.util.List;
import synopta.core.diagnosis.MeaningModel;
import synopta.core.diagnosis.ParsedComplaint;
import synopta.core.knowledge.Finding;
import synopta.core.knowledge.Pack;
import synopta.server.web.MayBeNull;

/** Wire records of what callers say: sayings, and a sentence that is tried. */
final class SayingsWire {
    private SayingsWire() {}

    /** The sayings of a finding. */
    record SayingsAnswer(String finding, List<SayingWire> sayings) {}

    /** A saying; `house` when it was learned or added here, and is not of the packs as they ship. */
    record SayingWire(String answer, String text, boolean house) {}

    /** A saying to add or to take back. */
    record SayingRequest(
            @NotBlank @Size(max = 100) String finding,
            @NotBlank @Size(max = 40) String answer,
            @NotBlank @Size(max = 400) String text) {}

    /** A sentence to try. */
    record TryRequest(@NotBlank @Size(max = 1000) String text) {}

    /**
     * What would be heard in a sentence.
     *
     * @param readings answers, the likeliest first, with what speaks for them
     * @param parts parts that are spoken of
     * @param intents what the caller is after
     * @param notUnderstood words that nothing is made of
     * @param missing why the phrases of the packs alone are heard; null where all is
     */
    record TriedAnswer(
            List<TriedReading> readings,
            List<TriedPart> parts,
            List<TriedIntent> intents,
            List<String> notUnderstood,
            @MayBeNull String missing) {}

    /**
     * A reading: `strength` is heard, may-mean or unlikely, `words` say the answer,
     * `nearest` are its nearest sayings, `decided` the words for and (−) against it.
     */
    record TriedReading(
            String finding,
            String answer,
            String question,
            String words,
            String strength,
            double probability,
            List<String> nearest,
            List<String> decided) {
        static TriedReading of(Pack pack, MeaningModel.Explanation explained, ParsedComplaint parsed) {
            MeaningModel.Reading reading = explained.reading();
            boolean isHeard = parsed.heard().stream()
                    .anyMatch(h -> h.evidence().finding().equals(reading.finding())
                            && h.evidence().answer().equals(reading.answer()));
            boolean mayMean =
                    parsed.maybe().stream().anyMatch(m -> m.options().stream().anyMatch(reading::equals));
            return of(
                    pack,
                    reading.finding(),
                    reading.answer(),
                    isHeard ? "heard" : mayMean ? "may-mean" : "unlikely",
                    reading.probability(),
                    explained.nearest(),
                    explained.words());
        }

        /** What a phrase of the pack hears. */
        static TriedReading of(Pack pack, ParsedComplaint.Heard heard) {
            return of(
                    pack,
                    heard.evidence().finding(),
                    heard.evidence().answer(),
                    "heard",
                    heard.probability(),
                    List.of(heard.phrase()),
                    List.of());
        }

        private static TriedReading of(
                Pack pack,
                String finding,
                String answer,
                String strength,
                double probability,
                List<String> nearest,
                List<String> decided) {
            Finding of = pack.finding(finding).orElseThrow();
            return new TriedReading(
                    finding, answer, of.question(), of.answer(answer).words(), strength, probability, nearest, decided);
        }
    }

    /** Part types that are spoken of: `how` is asked, denied, renewed or mentioned. */
    record TriedPart(List<String> partTypes, String how, String phrase) {}

    /** What the caller is after. */
    record TriedIntent(String intent, double probability, String phrase) {}
}
