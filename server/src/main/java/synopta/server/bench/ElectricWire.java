package synopta.server.bench;

import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Optional;
import synopta.core.bench.CapacitorCheck;
import synopta.core.bench.CoilsCheck;
import synopta.core.bench.ElementCheck;
import synopta.core.bench.FuseCheck;
import synopta.core.bench.SupplyCheck;
import synopta.core.quantity.Amperes;
import synopta.core.quantity.Volts;
import synopta.core.quantity.Watts;
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
        ElementCheck.Answer judged() {
            return ElementCheck.judge(
                    new ElementCheck.Plate(new Volts(volts), new Watts(watts)),
                    MeterWire.reading("ohms", ohms),
                    Optional.ofNullable(toCaseOhms)
                            .map(value -> MeterWire.reading("toCaseOhms", value))
                            .orElse(null),
                    Optional.ofNullable(supplyVolts).map(Volts::new).orElse(null));
        }
    }

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
        CoilsCheck.Answer judged() {
            return CoilsCheck.judge(
                    new Volts(volts),
                    coils.stream()
                            .map(c -> new CoilsCheck.Coil(c.from(), c.to(), new Watts(c.watts())))
                            .toList(),
                    given(readings).stream()
                            .map(r ->
                                    new CoilsCheck.Read(r.from(), r.to(), MeterWire.reading("readings.ohms", r.ohms())))
                            .toList(),
                    given(toCase).stream()
                            .map(c -> new CoilsCheck.ToCase(c.terminal(), MeterWire.reading("toCase.ohms", c.ohms())))
                            .toList());
        }
    }

    private static <T> List<T> given(List<T> list) {
        return list == null ? List.of() : list;
    }

    record FuseWire(
            @NotNull Double amps,
            @NotNull Double volts,
            @NotNull String speed,
            @MayBeNull Double breakingAmps,
            @MayBeNull String standard,
            @NotNull String size) {
        FuseCheck.Fuse fuse() {
            return new FuseCheck.Fuse(
                    new Amperes(amps),
                    new Volts(volts),
                    FuseCheck.Speed.of(speed),
                    breakingAmps,
                    Optional.ofNullable(standard).map(FuseCheck.Standard::of).orElse(null),
                    size);
        }
    }

    record FuseRequest(
            @NotNull @Valid FuseWire original,
            @NotNull @Valid FuseWire candidate) {
        FuseCheck.Answer judged() {
            return FuseCheck.judge(original.fuse(), candidate.fuse());
        }
    }

    record SupplyRequest(
            @NotNull Double nominalVolts,
            @NotNull Double volts,
            @MayBeNull String point) {
        SupplyCheck.Answer judged() {
            return SupplyCheck.judge(new Volts(nominalVolts), new Volts(volts), measuredAt());
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

    record CapacitorRequest(
            @NotNull Double microfarads,
            @NotNull Double volts,

            @NotNull @Schema(oneOf = {Double.class, String.class})
            Object bleedMegohms,

            @MayBeNull Double safeVolts) {
        CapacitorCheck.Answer judged() {
            return CapacitorCheck.judge(
                    microfarads,
                    new Volts(volts),
                    "OL".equals(bleedMegohms) ? null : megohms(),
                    safeVolts == null ? CapacitorCheck.SAFE : new Volts(safeVolts));
        }

        private double megohms() {
            if (bleedMegohms instanceof Number number) {
                return number.doubleValue();
            }
            throw ApiException.impossible("bleedMegohms", "Bleed resistance must be megohms or OL.");
        }
    }
}
