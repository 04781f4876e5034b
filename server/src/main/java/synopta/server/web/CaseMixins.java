package synopta.server.web;

import com.fasterxml.jackson.annotation.JsonIgnore;
import com.fasterxml.jackson.annotation.JsonIgnoreProperties;
import com.fasterxml.jackson.annotation.JsonProperty;
import com.fasterxml.jackson.annotation.JsonUnwrapped;
import java.util.List;
import java.util.Map;
import synopta.core.casefile.CaseInput;
import synopta.core.casefile.Customer;
import synopta.core.casefile.Shopping;
import synopta.core.diagnosis.Evidence;
import synopta.core.diagnosis.Suspect;
import synopta.core.identify.JudgedReading;
import synopta.core.knowledge.Caution;
import synopta.core.knowledge.Fault;
import synopta.core.outcome.AccuracyReport;
import synopta.core.outcome.Interval;
import synopta.core.outcome.ParameterRepository;
import synopta.core.outcome.Proposal;
import synopta.core.outcome.SupportingCases;
import synopta.core.quantity.Ohms;
import synopta.core.reading.Conditions;
import synopta.core.reading.Judgment;
import synopta.core.reading.Reading;
import synopta.core.record.CaseContent;
import synopta.core.record.CaseRecord;
import synopta.core.record.CaseSnapshot;
import synopta.core.review.LearningService;
import synopta.core.tag.Recheck;

/** Where the JSON of a case, of its suspects and of what cases teach differs from the components of its records. */
final class CaseMixins {
    /** The record of the core, and the interface whose annotations are taken as its own. */
    static final Map<Class<?>, Class<?>> ALL = Map.ofEntries(
            Map.entry(Caution.class, ShownCaution.class),
            Map.entry(CaseSnapshot.Warned.class, Grave.class),
            Map.entry(CaseRecord.class, KeptCase.class),
            Map.entry(CaseContent.class, KeptContent.class),
            Map.entry(CaseInput.class, KeptInput.class),
            Map.entry(CaseInput.Measured.class, MeasuredValue.class),
            Map.entry(JudgedReading.class, JudgedValue.class),
            Map.entry(Conditions.class, BesideReading.class),
            Map.entry(Customer.class, NamedCustomer.class),
            Map.entry(Recheck.class, WrittenRecheck.class),
            Map.entry(Suspect.class, SuspectedFault.class),
            Map.entry(Fault.class, NamedFault.class),
            Map.entry(Suspect.Reason.class, WeighedReason.class),
            Map.entry(AccuracyReport.Share.class, RateWithin.class),
            Map.entry(AccuracyReport.Bin.class, Within.class),
            Map.entry(LearningService.Suggested.class, SuggestedUpdate.class),
            Map.entry(Proposal.class, Proposed.class),
            Map.entry(ParameterRepository.Declined.class, DeclinedBy.class),
            Map.entry(Shopping.Adjusted.class, AdjustedValue.class));

    private CaseMixins() {}

    interface Grave {
        @JsonProperty("grave")
        boolean isGrave();
    }

    @JsonIgnoreProperties({"partTypes", "fuels", "basis"})
    interface ShownCaution extends Grave {}

    @JsonIgnoreProperties({"changedAt", "snapshot"})
    interface KeptCase {
        @JsonUnwrapped
        CaseContent content();

        @JsonProperty("cautions")
        List<CaseSnapshot.Warned> cautions();
    }

    interface KeptContent {
        @JsonUnwrapped
        CaseInput input();

        @JsonUnwrapped
        Customer customer();
    }

    interface KeptInput {
        @JsonUnwrapped
        Shopping shopping();
    }

    interface MeasuredValue {
        @JsonProperty("value")
        Reading reading();

        @JsonUnwrapped
        Conditions beside();
    }

    interface JudgedValue {
        @JsonUnwrapped
        Judgment judgment();
    }

    interface BesideReading {
        @JsonProperty("r25Ohms")
        @MayBeNull
        Ohms r25();
    }

    interface NamedCustomer {
        @JsonProperty("customer")
        @MayBeNull
        String name();

        @JsonProperty("customerPhone")
        @MayBeNull
        String phone();
    }

    interface WrittenRecheck {
        @JsonIgnore
        Character character();

        @JsonProperty("character")
        String written();
    }

    interface AdjustedValue {
        @JsonIgnore
        Long valueCents();

        @JsonProperty("value")
        @MayBeNull
        String value();
    }

    interface Within {
        @JsonUnwrapped
        Interval interval();
    }

    interface RateWithin extends Within {
        @JsonProperty("rate")
        double rate();
    }

    interface SuggestedUpdate {
        @JsonUnwrapped
        Proposal proposal();

        @JsonProperty("inForce")
        @MayBeNull
        Double now();
    }

    @JsonIgnoreProperties({"value", "note"})
    interface Proposed extends Within {
        @JsonUnwrapped
        SupportingCases support();

        @JsonProperty("telling")
        boolean isTelling();

        @JsonProperty("sentence")
        String sentence();
    }

    @JsonIgnoreProperties("figure")
    interface DeclinedBy {}

    interface SuspectedFault {
        @JsonUnwrapped
        Fault fault();
    }

    @JsonIgnoreProperties({"fuels", "prior", "basis", "shows", "causedBy"})
    interface NamedFault {}

    interface WeighedReason {
        @JsonUnwrapped
        Evidence evidence();

        @JsonProperty("weight")
        double weightBits();
    }
}
