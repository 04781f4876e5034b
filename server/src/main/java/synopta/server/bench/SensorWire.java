package synopta.server.bench;

import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import synopta.core.bench.CheckResult;
import synopta.core.bench.ThermistorCheck;
import synopta.core.bench.ThermostatCheck;
import synopta.core.quantity.Ohms;
import synopta.core.reading.SensorCurve;
import synopta.server.web.ApiException;
import synopta.server.web.MayBeNull;

/** Wire records of the checks of what feels temperature. */
final class SensorWire {
    private SensorWire() {}

    record CoefficientsWire(
            @NotNull Double a, @NotNull Double b, @NotNull Double c) {}

    /** By Beta, or by a table's coefficients, or platinum by its ohms at 0 °C: one of the three. */
    record ThermistorRequest(
            @MayBeNull Double r25Ohms,
            @MayBeNull Double betaKelvin,
            @MayBeNull @Valid CoefficientsWire steinhartHart,
            @MayBeNull Double platinumOhmsAtZero,
            @NotNull Double celsius,

            @NotNull @Schema(oneOf = {Double.class, String.class})
            Object ohms,

            @MayBeNull Double tolerancePercent) {
        private SensorCurve curve() {
            if (platinumOhmsAtZero != null) {
                return new SensorCurve.Platinum(platinumOhmsAtZero);
            }
            if (steinhartHart != null) {
                return new SensorCurve.SteinhartHart(steinhartHart.a(), steinhartHart.b(), steinhartHart.c());
            }
            if (r25Ohms == null || betaKelvin == null) {
                throw ApiException.impossible(
                        r25Ohms == null ? "r25Ohms" : "betaKelvin",
                        "Send r25Ohms and betaKelvin, or steinhartHart, or platinumOhmsAtZero.");
            }
            return new SensorCurve.Beta(new Ohms(r25Ohms), betaKelvin);
        }

        ThermistorCheck.Answer judged() {
            return ThermistorCheck.judge(
                    curve(),
                    celsius,
                    MeterWire.reading("ohms", ohms),
                    tolerancePercent == null ? ThermistorCheck.USUAL_TOLERANCE_PERCENT : tolerancePercent);
        }
    }

    record ThermostatRequest(
            @NotNull Double opensCelsius,
            @NotNull Double celsius,

            @NotNull @Schema(oneOf = {Double.class, String.class})
            Object ohms) {
        CheckResult judged() {
            return ThermostatCheck.judge(opensCelsius, celsius, MeterWire.reading("ohms", ohms));
        }
    }
}
