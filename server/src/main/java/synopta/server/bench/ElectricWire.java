package synopta.server.bench;

import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import synopta.core.bench.CapacitorCheck;
import synopta.core.bench.CoilsCheck;
import synopta.core.bench.ElementCheck;
import synopta.core.bench.FuseCheck;
import synopta.core.bench.SupplyCheck;
import synopta.core.bench.Verdict;
import synopta.server.web.ApiException;
import synopta.server.web.MayBeNull;

/** Wire records of the checks of electrical parts. */
final class ElectricWire {
    private ElectricWire() {}

    record ElementRequest(
            @NotNull Double volts,
            @NotNull Double watts,

            @NotNull @Schema(oneOf = {Double.class, String.class})
            Object ohms,

            @MayBeNull Object toCaseOhms,
            @MayBeNull Double supplyVolts) {
        ElementAnswer judged() {
            ElementCheck.Answer answer = ElementCheck.judge(
                    new ElementCheck.Plate(volts, watts),
                    MeterWire.reading("ohms", ohms),
                    Optional.ofNullable(toCaseOhms).map(value -> MeterWire.reading("toCaseOhms", value)),
                    Optional.ofNullable(supplyVolts));
            return new ElementAnswer(
                    answer.expectedOhms(),
                    answer.lowOhms(),
                    answer.highOhms(),
                    answer.wattsAtSupply(),
                    answer.judged().verdict(),
                    answer.judged().why(),
                    answer.judged().next(),
                    answer.judged().source());
        }
    }

    record ElementAnswer(
            double expectedOhms,
            double lowOhms,
            double highOhms,
            double wattsAtSupply,
            Verdict verdict,
            String why,
            String next,
            String source) {}

    record CoilWire(
            @NotNull String from,
            @NotNull String to,
            @NotNull Double watts) {}

    record ReadWire(
            @NotNull String from,
            @NotNull String to,

            @NotNull @Schema(oneOf = {Double.class, String.class})
            Object ohms) {}

    record ToCaseWire(
            @NotNull String terminal,

            @NotNull @Schema(oneOf = {Double.class, String.class})
            Object ohms) {}

    record CoilsRequest(
            @NotNull Double volts,
            @NotNull @Size(max = CoilsCheck.MOST) List<@Valid CoilWire> coils,
            @MayBeNull @Size(max = 200) List<@Valid ReadWire> readings,
            @MayBeNull @Size(max = 50) List<@Valid ToCaseWire> toCase) {
        CoilsAnswer judged() {
            CoilsCheck.Answer answer = CoilsCheck.judge(
                    volts,
                    coils.stream()
                            .map(c -> new CoilsCheck.Coil(c.from(), c.to(), c.watts()))
                            .toList(),
                    given(readings).stream()
                            .map(r ->
                                    new CoilsCheck.Read(r.from(), r.to(), MeterWire.reading("readings.ohms", r.ohms())))
                            .toList(),
                    given(toCase).stream()
                            .map(c -> new CoilsCheck.ToCase(c.terminal(), MeterWire.reading("toCase.ohms", c.ohms())))
                            .toList());
            return new CoilsAnswer(
                    answer.pairs().stream().map(CoilPairWire::of).toList(),
                    answer.judged().verdict(),
                    answer.judged().why(),
                    answer.judged().next(),
                    answer.judged().source());
        }
    }

    private static <T> List<T> given(List<T> list) {
        return list == null ? List.of() : list;
    }

    /** A pair of terminals; it expects "OL" where no coil joins the two. */
    record CoilPairWire(String from, String to, Object expectedOhms, Object ohms, Verdict verdict) {
        static CoilPairWire of(CoilsCheck.Pair pair) {
            return new CoilPairWire(
                    pair.from(),
                    pair.to(),
                    pair.expectedOhms().isPresent()
                            ? (Object) pair.expectedOhms().getAsDouble()
                            : "OL",
                    MeterWire.of(pair.ohms()),
                    pair.verdict());
        }
    }

    record CoilsAnswer(List<CoilPairWire> pairs, Verdict verdict, String why, String next, String source) {}

    record FuseWire(
            @NotNull Double amps,
            @NotNull Double volts,
            @NotNull String speed,
            @MayBeNull Double breakingAmps,
            @MayBeNull String standard,
            @NotNull String size) {
        FuseCheck.Fuse fuse() {
            return new FuseCheck.Fuse(
                    amps,
                    volts,
                    FuseCheck.Speed.of(speed),
                    Optional.ofNullable(breakingAmps),
                    Optional.ofNullable(standard).map(FuseCheck.Standard::of),
                    size);
        }
    }

    record FuseRequest(
            @NotNull @Valid FuseWire original,
            @NotNull @Valid FuseWire candidate) {
        FuseAnswer judged() {
            FuseCheck.Answer answer = FuseCheck.judge(original.fuse(), candidate.fuse());
            return new FuseAnswer(
                    answer.acceptable(),
                    answer.reasons(),
                    answer.acceptable() ? "acceptable" : "not-acceptable",
                    String.join(" ", answer.reasons()),
                    "A fuse that blows again has a cause: find it before you replace it again.",
                    "Same type and rating (UL marking; IEC 60127-10), from memory");
        }
    }

    record FuseAnswer(
            boolean acceptable, List<String> reasons, String verdict, String why, String next, String source) {}

    record SupplyRequest(
            @NotNull Double nominalVolts,
            @NotNull Double volts,
            @MayBeNull String point) {
        SupplyAnswer judged() {
            SupplyCheck.Answer answer = SupplyCheck.judge(nominalVolts, volts, measuredAt());
            String verdict = answer.range().slug();
            String why = answer.oneLegMissing()
                    ? "About half the voltage: one 240 V leg is missing, or the reading was from one leg to neutral."
                    : "%.1f V; normal is %.0f to %.0f V, acceptable %.1f to %.0f V."
                            .formatted(
                                    volts,
                                    answer.lowVolts(),
                                    answer.highVolts(),
                                    answer.lowestVolts(),
                                    answer.highestVolts());
            String next = answer.oneLegMissing()
                    ? "Check both breakers or fuses before a part is sold."
                    : answer.range() == SupplyCheck.Range.OUTSIDE
                            ? "Do not judge the machine at this voltage; the supply is work for a licensed electrician."
                            : "The supply is not the cause.";
            return new SupplyAnswer(
                    verdict,
                    answer.lowVolts(),
                    answer.highVolts(),
                    answer.lowestVolts(),
                    answer.highestVolts(),
                    why,
                    next,
                    "ANSI C84.1 table 1 (2006 and later); IEC 60038 and EN 50160 for 230 and 400 V; from memory");
        }

        private SupplyCheck.Point measuredAt() {
            if (point == null || point.equals("utilization")) {
                return SupplyCheck.Point.UTILIZATION;
            }
            if (point.equals("service")) {
                return SupplyCheck.Point.SERVICE;
            }
            throw ApiException.impossible("point", "Point (%s) must be utilization or service.".formatted(point));
        }
    }

    record SupplyAnswer(
            String verdict,
            double lowVolts,
            double highVolts,
            double lowestVolts,
            double highestVolts,
            String why,
            String next,
            String source) {}

    record CapacitorRequest(
            @NotNull Double microfarads,
            @NotNull Double volts,

            @NotNull @Schema(oneOf = {Double.class, String.class})
            Object bleedMegohms,

            @MayBeNull Double safeVolts) {
        CapacitorAnswer judged() {
            CapacitorCheck.Answer answer = CapacitorCheck.judge(
                    microfarads,
                    volts,
                    "OL".equals(bleedMegohms) ? OptionalDouble.empty() : OptionalDouble.of(megohms()),
                    safeVolts == null ? CapacitorCheck.SAFE_VOLTS : safeVolts);
            Double seconds =
                    answer.secondsToSafe().isPresent() ? answer.secondsToSafe().getAsDouble() : null;
            String fall = seconds == null
                    ? "With an open bleed resistor it stays charged."
                    : "An intact bleed resistor needs %.0f s to discharge it.".formatted(seconds);
            return new CapacitorAnswer(
                    answer.joules(),
                    seconds,
                    "warning",
                    "It stores %.1f J at %.0f V, which can kill. %s".formatted(answer.joules(), volts, fall),
                    "Never rely on the time: a licensed technician discharges it and verifies it with a meter.",
                    "E = ½CV², t = RC ln(V/safe); 34 V from IEC 60335-1, 22.5, from memory");
        }

        private double megohms() {
            if (bleedMegohms instanceof Number number) {
                return number.doubleValue();
            }
            throw ApiException.impossible("bleedMegohms", "Bleed resistance must be megohms or OL.");
        }
    }

    record CapacitorAnswer(
            double joules, @MayBeNull Double secondsToSafe, String verdict, String why, String next, String source) {}
}
