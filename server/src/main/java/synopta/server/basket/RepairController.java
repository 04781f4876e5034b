package synopta.server.basket;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.Objects;
import java.util.Optional;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import synopta.core.basket.RepairOrReplace;
import synopta.core.catalog.Appliance;
import synopta.core.catalog.PriceCurrency;
import synopta.core.knowledge.CurrentPacks;
import synopta.core.knowledge.LifeCurve;
import synopta.core.knowledge.ReplacementMachine;
import synopta.core.knowledge.SettingsRepository;
import synopta.core.quantity.Money;
import synopta.server.web.ApiException;
import synopta.server.web.MayBeNull;

/** What a year costs with the repair, and with a new machine. */
@RestController
@RequestMapping(path = "/api/repair-or-replace", produces = MediaType.APPLICATION_JSON_VALUE)
class RepairController {
    private final CurrentPacks packs;
    private final SettingsRepository rules;
    private final PriceCurrency prices;

    RepairController(CurrentPacks packs, SettingsRepository rules, PriceCurrency prices) {
        this.packs = packs;
        this.rules = rules;
        this.prices = prices;
    }

    /** The parts, the work and the machine; what is left out is assumed as the pack and the house have it. */
    record RepairRequest(
            @NotBlank String appliance,
            @NotNull Double ageYears,
            @NotBlank @Size(max = 20) String parts,
            @NotNull Double minutes,
            @MayBeNull @Size(max = 20) String newPrice,
            @MayBeNull Double newLifeYears,
            @MayBeNull @Size(max = 20) String perHour) {}

    /** Both ways by the year, and all that was assumed. */
    record RepairAnswer(
            String repair,
            double yearsLeft,
            String repairPerYear,
            String newPrice,
            double newLifeYears,
            String newPerYear,
            String perHour,
            String currency,
            String basis) {}

    @PostMapping
    RepairAnswer weigh(@Valid @RequestBody RepairRequest asked) {
        ReplacementMachine usual = packs.of(Appliance.of(asked.appliance()))
                .flatMap(pack -> Optional.ofNullable(pack.replacement()))
                .orElseThrow(() -> ApiException.impossible(
                        "appliance",
                        "The price and life of a new machine are not known. Send newPrice and newLifeYears."));
        String currency = prices.get();
        Money fresh = Money.of(
                Objects.requireNonNullElse(asked.newPrice(), usual.price().toPlainString()), currency);
        String usualHour = Money.decimal(rules.get().hourCents());
        Money hour = Money.of(Objects.requireNonNullElse(asked.perHour(), usualHour), currency);
        LifeCurve life =
                asked.newLifeYears() == null ? usual.life() : usual.life().lasting(asked.newLifeYears());
        RepairOrReplace both = RepairOrReplace.of(
                Money.of(asked.parts(), currency),
                asked.minutes(),
                asked.ageYears(),
                new RepairOrReplace.Assumed(fresh, life, hour));
        return new RepairAnswer(
                both.repair().decimal(),
                both.yearsLeft(),
                both.repairPerYear().decimal(),
                both.fresh().decimal(),
                both.yearsNew(),
                both.freshPerYear().decimal(),
                hour.decimal(),
                currency,
                usual.basis().source());
    }
}
