package synopta.server.bench;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import synopta.core.bench.DuctCheck;
import synopta.core.bench.MeasureParser;
import synopta.core.bench.OrificeCheck;
import synopta.core.bench.ToolFit;
import synopta.core.catalog.Fuel;
import synopta.core.drawing.BeltTracer;
import synopta.core.drawing.Pulley;
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
        OrificeAnswer judged() {
            OrificeCheck.Gas usual = usual();
            OrificeCheck.Answer answer = OrificeCheck.size(
                    new OrificeCheck.Gas(
                            or(pressureInWc, usual.pressureInWc()),
                            or(heatingValueBtuPerFt3, usual.heatingValue()),
                            or(specificGravity, usual.specificGravity())),
                    inputBtuPerHour,
                    or(dischargeCoefficient, USUAL_COEFFICIENT),
                    or(altitudeFt, 0));
            return new OrificeAnswer(
                    answer.flowFt3PerHour(),
                    answer.diameterInch(),
                    answer.drill().name(),
                    answer.drill().inches(),
                    OrificeCheck.conversionSet(Fuel.of(gas)),
                    "advice",
                    "%.0f BTU/h is %.2f ft³/h through %.4f in; drill %s is the nearest size that is not larger."
                            .formatted(
                                    answer.inputBtuPerHour(),
                                    answer.flowFt3PerHour(),
                                    answer.diameterInch(),
                                    answer.drill().name()),
                    "Use both parts of the conversion set for the gas supply. Shut the gas off first; a licensed technician, local"
                            + " code, and a soap-and-water leak test.",
                    "National Fuel Gas Code (NFPA 54), annex E; drills: ASME B94.11M; from memory");
        }

        private OrificeCheck.Gas usual() {
            return switch (Fuel.of(gas)) {
                case NATURAL_GAS -> OrificeCheck.Gas.NATURAL;
                case LP -> OrificeCheck.Gas.BOTTLED;
                case ELECTRIC -> throw ApiException.impossible("gas", "Gas (electric) must be natural-gas or lp.");
            };
        }
    }

    private static double or(Double given, double usual) {
        return given == null ? usual : given;
    }

    record OrificeAnswer(
            double flowFt3PerHour,
            double diameterInch,
            String drill,
            double drillDiameterInch,
            List<String> conversionSet,
            String verdict,
            String why,
            String next,
            String source) {}

    record DuctRequest(
            @NotNull Double straightFt,
            @NotNull Integer elbows90,
            @NotNull Integer elbows45,
            @MayBeNull Double limitFt) {
        DuctAnswer judged() {
            DuctCheck.Answer answer = DuctCheck.judge(straightFt, elbows90, elbows45, or(limitFt, DuctCheck.LIMIT_FT));
            double spare = answer.limitFt() - answer.equivalentFt();
            return new DuctAnswer(
                    answer.equivalentFt(),
                    answer.limitFt(),
                    answer.over() ? "over" : "within",
                    answer.over()
                            ? "%.1f ft over the %.0f ft allowed.".formatted(-spare, answer.limitFt())
                            : "%.1f ft below the %.0f ft allowed.".formatted(spare, answer.limitFt()),
                    answer.over()
                            ? "A vent that is too long blows thermal fuses and thermostats: shorten it before a part is sold."
                            : "Check that it is free of lint and its flap opens.",
                    "International Residential Code, table M1502.4 (2012 to 2021), from memory; the manufacturer's limit takes"
                            + " precedence");
        }
    }

    record DuctAnswer(double equivalentFt, double limitFt, String verdict, String why, String next, String source) {}

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
        BeltAnswer judged() {
            return BeltTracer.trace(pulleys.stream().map(PulleyWire::pulley).toList())
                    .fold(
                            run -> new BeltAnswer(
                                    run.lengthMm(),
                                    run.touches().stream()
                                            .map(t -> new WrapWire(t.wrapDegrees()))
                                            .toList(),
                                    "runs",
                                    "%.1f mm around the pulleys (%.2f in)."
                                            .formatted(run.lengthMm(), run.lengthMm() / MeasureParser.INCH_MM),
                                    "Belts are listed by their own length: use the belt listed for the model.",
                                    "Tangents of circles (Shigley, eqs. 17-1 and 17-2)"),
                            impossible -> {
                                throw ApiException.impossible("pulleys", impossible.reason());
                            });
        }
    }

    record WrapWire(double degrees) {}

    record BeltAnswer(double lengthMm, List<WrapWire> wraps, String verdict, String why, String next, String source) {}

    /** Sizes as people say them, as "8 mm" or "5/16". */
    record ToolRequest(@NotNull String tool, @NotNull String head) {
        ToolAnswer judged() {
            double toolMm = MeasureParser.millimeters(tool, false);
            double headMm = MeasureParser.millimeters(head, false);
            ToolFit.Answer answer = ToolFit.judge(toolMm, headMm);
            String next = switch (answer.grip()) {
                case DOES_NOT_GO_ON -> "Too small: use a larger one.";
                case SERVES -> "It fits.";
                case SLIPS -> "Too loose, it rounds the head off: use the right size.";
            };
            return new ToolAnswer(
                    toolMm,
                    headMm,
                    answer.clearanceMm(),
                    answer.grip(),
                    "%.2f mm clearance between %.2f and %.2f mm.".formatted(answer.clearanceMm(), toolMm, headMm),
                    next,
                    "1 in = 25.4 mm; clearance up to 0.2 mm: common practice");
        }
    }

    record ToolAnswer(
            double toolMm,
            double headMm,
            double clearanceMm,
            ToolFit.Grip verdict,
            String why,
            String next,
            String source) {}
}
