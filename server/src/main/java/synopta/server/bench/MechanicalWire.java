package synopta.server.bench;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import synopta.core.bench.BeltLength;
import synopta.core.bench.DuctCheck;
import synopta.core.bench.MeasureParser;
import synopta.core.bench.OrificeCheck;
import synopta.core.bench.ToolFit;
import synopta.core.catalog.Fuel;
import synopta.core.drawing.BeltTracer;
import synopta.core.drawing.Pulley;
import synopta.core.quantity.LengthUnit;
import synopta.server.web.ApiException;
import synopta.server.web.MayBeNull;

/** Wire records of the checks of gas, air, belts and tools. */
final class MechanicalWire {
    private static final double USUAL_COEFFICIENT = 0.9;

    private MechanicalWire() {}

    record OrificeRequest(
            @NotNull String gas,
            @NotNull Double inputBtuPerHour,
            @MayBeNull Double pressureInWc,
            @MayBeNull Double heatingValueBtuPerFt3,
            @MayBeNull Double specificGravity,
            @MayBeNull Double dischargeCoefficient,
            @MayBeNull Double altitudeFt) {
        OrificeCheck.Answer judged() {
            Fuel fuel = Fuel.of(gas);
            if (fuel == Fuel.ELECTRIC) {
                throw ApiException.impossible("gas", "Gas (electric) must be natural-gas or lp.");
            }
            OrificeCheck.Gas usual = OrificeCheck.usual(fuel);
            return OrificeCheck.size(
                    fuel,
                    new OrificeCheck.Gas(
                            or(pressureInWc, usual.pressureInWc()),
                            or(heatingValueBtuPerFt3, usual.heatingValue()),
                            or(specificGravity, usual.specificGravity())),
                    inputBtuPerHour,
                    or(dischargeCoefficient, USUAL_COEFFICIENT),
                    or(altitudeFt, 0));
        }
    }

    private static double or(Double given, double usual) {
        return given == null ? usual : given;
    }

    record DuctRequest(
            @NotNull Double straightFt,
            @NotNull Integer elbows90,
            @NotNull Integer elbows45,
            @MayBeNull Double limitFt) {
        DuctCheck.Answer judged() {
            return DuctCheck.judge(straightFt, elbows90, elbows45, or(limitFt, DuctCheck.LIMIT_FT));
        }
    }

    record PulleyWire(
            @NotNull Double xMm,
            @NotNull Double yMm,
            @NotNull Double diameterMm,
            @MayBeNull String side) {
        Pulley pulley() {
            return new Pulley(xMm, yMm, diameterMm, measured());
        }

        private Pulley.Side measured() {
            if (side == null || side.equals("inside")) {
                return Pulley.Side.INSIDE;
            }
            if (side.equals("outside")) {
                return Pulley.Side.OUTSIDE;
            }
            throw ApiException.impossible("pulleys.side", "Side (%s) must be inside or outside.".formatted(side));
        }
    }

    record BeltRequest(@NotNull @Size(max = BeltTracer.MOST) List<@Valid @NotNull PulleyWire> pulleys) {
        BeltLength judged() {
            return BeltTracer.trace(pulleys.stream().map(PulleyWire::pulley).toList())
                    .fold(BeltLength::of, impossible -> {
                        throw ApiException.impossible("pulleys", impossible.reason());
                    });
        }
    }

    /** Sizes as people say them, as "8 mm" or "5/16". */
    record ToolRequest(@NotNull String tool, @NotNull String head) {
        ToolFit.Answer judged() {
            return ToolFit.judge(
                    MeasureParser.millimeters(tool, LengthUnit.MILLIMETER),
                    MeasureParser.millimeters(head, LengthUnit.MILLIMETER));
        }
    }
}
