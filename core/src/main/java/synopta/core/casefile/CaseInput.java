package synopta.core.casefile;

import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import synopta.core.catalog.Appliance;
import synopta.core.catalog.Fuel;
import synopta.core.catalog.ModelNumber;
import synopta.core.knowledge.Finding;
import synopta.core.quantity.Ordered;
import synopta.core.reading.Conditions;
import synopta.core.reading.Reading;
import synopta.core.tag.Recheck;

/**
 * A case as the specialist has it so far. What is set here overrules what the line says.
 *
 * @param line the caller's words
 * @param model the machine, when it was chosen
 * @param appliance kind of machine, as entered; null: as the line says
 * @param fuel fuel, as entered; null: as the line says
 * @param ageYears age, years, as entered; null: as the line says
 * @param rechecked characters that were checked on the tag
 * @param findings answers that were given
 * @param readings meter readings that were entered
 * @param excluded keys of what is known that was struck out: `age`, `fuel`, `appliance`, `finding:ID`
 * @param selected ids of faults taken as certain enough to sell for
 * @param deselected ids of faults not to sell for
 * @param serial as written on the tag
 * @param platform the construction, when it was chosen because the model is in no catalog row
 * @param inspected what was looked at to tell constructions apart, as in `rear:rollers`
 * @param person who would find out what is asked next
 * @param shopping what was changed of needs and wants, and where and when it is handed over
 */
public record CaseInput(
        String line,
        @Nullable ModelNumber model,
        @Nullable Appliance appliance,
        @Nullable Fuel fuel,
        @Nullable Double ageYears,
        List<Recheck> rechecked,
        List<Answered> findings,
        List<Measured> readings,
        Set<String> excluded,
        Set<String> selected,
        Set<String> deselected,
        @Nullable String serial,
        @Nullable String platform,
        Set<String> inspected,
        Finding.Who person,
        Shopping shopping) {
    /** The longest line that is read, in characters. */
    public static final int LONGEST_LINE = 20_000;

    /** Copies; refuses a line that is longer than any caller speaks. */
    public CaseInput {
        if (line.length() > LONGEST_LINE) {
            throw new IllegalArgumentException(
                    "The line has %d characters; the limit is %d. Shorten it.".formatted(line.length(), LONGEST_LINE));
        }
        rechecked = List.copyOf(rechecked);
        findings = List.copyOf(findings);
        readings = List.copyOf(readings);
        excluded = Ordered.set(excluded);
        selected = Ordered.set(selected);
        deselected = Ordered.set(deselected);
        inspected = Ordered.set(inspected);
    }

    /** A line and nothing else. */
    public static CaseInput of(String line) {
        return new CaseInput(
                line,
                null,
                null,
                null,
                null,
                List.of(),
                List.of(),
                List.of(),
                Set.of(),
                Set.of(),
                Set.of(),
                null,
                null,
                Set.of(),
                Finding.Who.TECHNICIAN,
                Shopping.AS_IT_COMES);
    }

    /** The same case with another line, cut where nobody reads on. */
    public CaseInput withLine(String other) {
        return but().line(other.substring(0, Math.min(other.length(), LONGEST_LINE)))
                .input();
    }

    /** This case, to be given other fields. */
    public CaseInputDraft but() {
        return new CaseInputDraft(this);
    }

    /**
     * An answer to a finding's question.
     *
     * @param finding id of the finding
     * @param answer its slug; {@value #NOT_KNOWN} when it is unknown
     * @param sure false for an "I think so"
     * @param said the caller's words that were taken to say so; null for the answer to a question
     */
    public record Answered(
            String finding,
            String answer,
            boolean sure,
            @Nullable String said) {
        /** The answer of those who do not know. */
        public static final String NOT_KNOWN = "unknown";

        /** The answer to a question. */
        public Answered(String finding, String answer, boolean sure) {
            this(finding, answer, sure, null);
        }

        public boolean isNotKnown() {
            return answer.equals(NOT_KNOWN);
        }
    }

    /**
     * What a meter showed at a test.
     *
     * @param test test it belongs to
     * @param reading what the meter showed
     * @param beside what was entered beside it
     */
    public record Measured(String test, Reading reading, Conditions beside) {
        /** A reading with nothing beside it. */
        public Measured(String test, Reading reading) {
            this(test, reading, Conditions.NONE);
        }
    }
}
