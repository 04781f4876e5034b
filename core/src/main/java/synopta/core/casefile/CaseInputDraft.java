package synopta.core.casefile;

import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import synopta.core.catalog.Appliance;
import synopta.core.catalog.Fuel;
import synopta.core.catalog.ModelNumber;
import synopta.core.knowledge.Finding;
import synopta.core.tag.Recheck;

/** A case of which some fields are set anew; the others are those it began with. */
public final class CaseInputDraft {
    private String line;
    private @Nullable ModelNumber model;
    private @Nullable Appliance appliance;
    private @Nullable Fuel fuel;
    private @Nullable Double ageYears;
    private List<Recheck> rechecked;
    private List<CaseInput.Answered> findings;
    private List<CaseInput.Measured> readings;
    private Set<String> excluded;
    private Set<String> selected;
    private Set<String> deselected;
    private @Nullable String serial;
    private @Nullable String platform;
    private Set<String> inspected;
    private Finding.Who person;
    private Shopping shopping;

    CaseInputDraft(CaseInput from) {
        line = from.line();
        rechecked = from.rechecked();
        model = from.model();
        appliance = from.appliance();
        fuel = from.fuel();
        ageYears = from.ageYears();
        findings = from.findings();
        readings = from.readings();
        excluded = from.excluded();
        selected = from.selected();
        deselected = from.deselected();
        serial = from.serial();
        platform = from.platform();
        inspected = from.inspected();
        person = from.person();
        shopping = from.shopping();
    }

    public CaseInputDraft line(String is) {
        line = is;
        return this;
    }

    public CaseInputDraft model(@Nullable ModelNumber is) {
        model = is;
        return this;
    }

    public CaseInputDraft appliance(@Nullable Appliance is) {
        appliance = is;
        return this;
    }

    public CaseInputDraft fuel(@Nullable Fuel is) {
        fuel = is;
        return this;
    }

    public CaseInputDraft ageYears(@Nullable Double is) {
        ageYears = is;
        return this;
    }

    public CaseInputDraft rechecked(List<Recheck> is) {
        rechecked = is;
        return this;
    }

    public CaseInputDraft findings(List<CaseInput.Answered> is) {
        findings = is;
        return this;
    }

    public CaseInputDraft readings(List<CaseInput.Measured> is) {
        readings = is;
        return this;
    }

    public CaseInputDraft excluded(Set<String> is) {
        excluded = is;
        return this;
    }

    public CaseInputDraft selected(Set<String> is) {
        selected = is;
        return this;
    }

    public CaseInputDraft deselected(Set<String> is) {
        deselected = is;
        return this;
    }

    public CaseInputDraft serial(@Nullable String is) {
        serial = is;
        return this;
    }

    public CaseInputDraft platform(@Nullable String is) {
        platform = is;
        return this;
    }

    public CaseInputDraft inspected(Set<String> is) {
        inspected = is;
        return this;
    }

    public CaseInputDraft person(Finding.Who is) {
        person = is;
        return this;
    }

    public CaseInputDraft shopping(Shopping is) {
        shopping = is;
        return this;
    }

    /** The case. */
    public CaseInput input() {
        return new CaseInput(
                line,
                model,
                appliance,
                fuel,
                ageYears,
                rechecked,
                findings,
                readings,
                excluded,
                selected,
                deselected,
                serial,
                platform,
                inspected,
                person,
                shopping);
    }
}
